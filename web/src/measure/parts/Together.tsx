import { Colours } from './Colours';
import type { TogetherProps } from './grouped';
import { Marks } from './Marks';
import { Shares } from './Shares';

/** The one drawing for entries that are made together. */
export function Together(props: TogetherProps) {
  switch (props.fields[0]?.part) {
    case 'marks':
      return <Marks {...props} />;
    case 'colours':
      return <Colours {...props} />;
    default:
      return <Shares {...props} />;
  }
}
