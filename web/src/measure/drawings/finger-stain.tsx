import type { MethodDrawing } from './index';
import { Arrow, Says } from './kit/ground';
import { Finger, Palm } from './kit/hands';
import { PEN, SOIL, THING } from './kit/line';

/** A wiped fingertip, so dark. */
function Tip({ dark }: { dark: number }) {
  return (
    <>
      <path d="M18 44V18C18 -2 42 -2 42 18V44" {...THING} />
      <path d="M23 20C23 4 37 4 37 20V34H23Z" fill="var(--root)" opacity={dark} />
      <path d="M22 40q8 4 16 0" {...PEN} strokeWidth="1.3" />
    </>
  );
}

export default {
  steps: {
    'wet-rub-judge': {
      says: 'Wetted soil is rubbed between fingers and wiped off; the stain on a clean finger is looked at in shade',
      draw: (
        <>
          <Palm x={130} y={146} />
          <path d="M90 134C96 116 158 114 168 132Z" {...SOIL} />
          <Finger x={128} y={118} turn={-8} />
          <Arrow from={[100, 92]} to={[156, 92]} bend={-10} />
          <Arrow from={[200, 96]} to={[246, 96]} />
          <g transform="translate(252 50) scale(1.5)">
            <Tip dark={0.6} />
          </g>
          <Says x={264} y={146}>
            what stays
          </Says>
        </>
      ),
    },
  },
  scales: { stain: { none: <Tip dark={0} />, light: <Tip dark={0.3} />, dark: <Tip dark={0.9} /> } },
} satisfies MethodDrawing;
