import type { MethodDrawing } from './index';
import { Arrow, Ground, Says, Span } from './kit/ground';
import { FINE, PEN } from './kit/line';
import { Pouring, Ruler, Spade, Wait } from './kit/tools';
import { Hole } from './kit/vessels';

export default {
  steps: {
    'dig-wet': {
      says: 'A hole as wide as a spade is long is dug, its sides roughened, and filled once',
      draw: (
        <>
          <Ground y={76} />
          <Hole x={108} ground={76} w={144} h={90} rough water={30} />
          <Spade x={76} y={92} turn={-20} long={88} />
          <Span x={108} y={176} length={144} says="" />
          <Says x={262} y={182}>
            300 mm
          </Says>
          <Pouring x={222} y={30} flip />
          <path d="M220 34q-10 20 -12 86" {...PEN} stroke="var(--water)" strokeWidth="4" />
        </>
      ),
    },
    'fill-start': {
      says: 'The hole is filled to the brim and the clock starts',
      draw: (
        <>
          <Ground y={76} />
          <Hole x={108} ground={76} w={144} h={90} water={88} />
          <Wait x={308} y={40} gone={0.04} r={24} />
          <path d="M94 70H266" {...FINE} strokeDasharray="5 5" />
        </>
      ),
    },
    'read-15-cover': {
      says: 'How far the water fell is read from a straight edge, then the hole is covered',
      draw: (
        <>
          <Ground y={76} />
          <Hole x={108} ground={76} w={144} h={90} water={58} />
          <path d="M92 74H268" {...PEN} strokeWidth="5" />
          <Ruler x={173} y={50} h={112} />
          <Arrow from={[146, 78]} to={[146, 104]} />
          <Says x={262} y={112}>
            how far it fell
          </Says>
          <path d="M276 40L346 52V62L276 50Z" {...PEN} fill="var(--lift)" />
        </>
      ),
    },
    'empty-hour': {
      says: 'The hole is empty; the hour is noted',
      draw: (
        <>
          <Ground y={76} />
          <Hole x={108} ground={76} w={144} h={90} />
          <path d="M116 162q14 -6 28 0t28 0 28 0 28 0" {...PEN} stroke="var(--water)" strokeDasharray="3 6" />
          <Wait x={308} y={40} gone={0.92} r={24} />
        </>
      ),
    },
  },
} satisfies MethodDrawing;
