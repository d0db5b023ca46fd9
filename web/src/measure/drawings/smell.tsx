import type { MethodDrawing } from './index';
import { Says } from './kit/ground';
import { Palm } from './kit/hands';
import { SMELLS } from './kit/layers';
import { FINE, PEN, SOIL } from './kit/line';
import { BLOCK } from './kit/shared';
import { Drop } from './kit/tools';

export default {
  steps: {
    block: BLOCK,
    'take-wet-smell': {
      says: 'A handful from under the litter is wetted and smelt at a hand’s width',
      draw: (
        <>
          <Palm x={140} y={156} />
          <path d="M96 146C104 116 176 112 192 142Z" {...SOIL} />
          <Drop x={130} y={104} />
          <Drop x={152} y={96} />
          <path d="M120 96q-10 -12 0 -22t0 -22M146 88q-10 -12 0 -22t0 -22" {...PEN} stroke="var(--holding)" />
          <path d="M250 10C246 40 214 52 212 68C216 78 232 78 246 76C244 88 242 96 250 106" {...PEN} />
          <path d="M262 146V76M256 80h12M256 146h12" {...FINE} />
          <Says x={274} y={116}>
            a hand
          </Says>
        </>
      ),
    },
  },
  scales: { smell: SMELLS },
} satisfies MethodDrawing;
