import type { Judgement } from '../api/types';
import { bandOf, Clod } from '../ground/Clod';
import { inSentence, show } from '../ground/format';

type Good = NonNullable<Judgement['good']>;

/** Ground with nothing to mend: what is good about it, and what keeps it so. */
export function GoodGround({ good, open }: { good: Good; open: boolean }) {
  return (
    <div className="mb-8">
      <p className="text-xl">
        Nothing here asks to be mended. What was read says:{' '}
        {good.strong
          .slice(0, 3)
          .map((one) => `${inSentence(one.methodName)} ${show(one.score, 0)}`)
          .join(', ')}{' '}
        of 100.
      </p>
      <ul className="mt-4">
        {good.keep.map((one) => (
          <li
            key={one.group}
            className="grid grid-cols-[1.75rem_7rem_1fr] items-baseline gap-x-3 border-t border-rule py-3"
          >
            <span className="self-center">
              <Clod band={bandOf(one.score)} size={20} />
            </span>
            <span className="font-semibold capitalize">
              {one.group} <span className="num font-normal">{show(one.score, 0)}</span>
            </span>
            <span>{one.text}</span>
          </li>
        ))}
      </ul>
      {open && <h2 className="mt-8">Still open</h2>}
    </div>
  );
}
