import type { MethodDrawing } from './index';
import { Arrow, Grass, Ground, Says } from './kit/ground';
import { Pinch } from './kit/hands';
import { FINE, PEN } from './kit/line';
import { Notes, Quadrat } from './kit/tools';

/** Something with legs. */
function Bug({ x, y, legs = 3, long = 12 }: { x: number; y: number; legs?: number; long?: number }) {
  return (
    <g>
      <ellipse cx={x} cy={y} rx={long} ry={long * 0.6} fill="var(--ink)" />
      <circle cx={x + long} cy={y} r={long * 0.4} fill="var(--ink)" />
      <path
        d={Array.from({ length: legs }, (_, i) => {
          const at = x - long * 0.6 + (i * long * 1.2) / Math.max(1, legs - 1);
          return `M${at} ${y - long * 0.5}l-3 -7M${at} ${y + long * 0.5}l-3 7`;
        }).join('')}
        {...FINE}
        stroke="var(--ink)"
      />
    </g>
  );
}

export default {
  steps: {
    'approach-lay': {
      says: 'Walk up slowly against the sun and lay the quadrat; no shadow falls on it',
      draw: (
        <>
          <Ground y={150} />
          <Quadrat x={196} y={108} w={140} h={50} />
          <circle cx="316" cy="36" r="16" {...PEN} />
          <path d="M290 50l-10 6M296 22l-8 -8M316 60v8" {...FINE} />
          <path
            d="M70 40a12 12 0 1 1 .1 0M70 54V104M70 70L98 88M70 70L44 90M70 104L52 148M70 104L92 146"
            {...PEN}
            strokeWidth="3"
          />
          <Arrow from={[108, 128]} to={[176, 128]} />
        </>
      ),
    },
    'count-edge-in': {
      says: 'Counting goes from the edge inward, what runs first',
      draw: (
        <>
          <Quadrat x={60} y={60} w={240} h={110} />
          <Bug x={110} y={84} />
          <Bug x={236} y={80} legs={4} long={8} />
          <Bug x={150} y={150} long={7} />
          <Bug x={196} y={118} legs={6} long={15} />
          <Arrow from={[54, 120]} to={[106, 120]} />
          <Arrow from={[312, 110]} to={[258, 114]} />
        </>
      ),
    },
    'lift-litter': {
      says: 'Litter is lifted piece by piece and counting goes on',
      draw: (
        <>
          <Ground y={150} />
          <path
            d="M80 140l60 -10M130 148l70 -14M220 146l60 -8"
            {...PEN}
            stroke="var(--spent)"
            strokeWidth="6"
          />
          <path d="M172 92l60 -16" {...PEN} stroke="var(--spent)" strokeWidth="6" />
          <Pinch x={222} y={76} turn={-8} />
          <Bug x={190} y={126} long={9} />
          <Bug x={104} y={124} long={6} />
          <Arrow from={[186, 120]} to={[186, 98]} />
          <Grass x={300} y={149} />
        </>
      ),
    },
    enter: {
      says: 'Counts by kind are written down; a nought for what was looked for and not found',
      draw: (
        <>
          <Bug x={96} y={60} />
          <Bug x={96} y={96} legs={4} long={9} />
          <Bug x={96} y={132} legs={6} long={7} />
          <Notes x={150} y={34} lines={['5', '2', '0']} />
          <Says x={60} y={182}>
            looked for, not found: 0
          </Says>
        </>
      ),
    },
  },
} satisfies MethodDrawing;
