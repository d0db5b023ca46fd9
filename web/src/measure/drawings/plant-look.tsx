import { range } from '../../ground/range';
import type { MethodDrawing } from './index';
import { Arrow, Ground, Plant, Says } from './kit/ground';
import { FINE, MOVE, PEN } from './kit/line';
import { Camera, Quadrat } from './kit/tools';

/** A stand on one row: how high each plant stands, none where it is bare. */
function Stand({ heights }: { heights: number[] }) {
  return (
    <>
      <path d="M3 40H57" {...PEN} />
      {heights.map(
        (tall, i) =>
          tall > 0 && (
            <path
              key={i}
              d={`M${9 + i * 8.4} 40v${-tall}m0 0q-6 -1 -6 5m6 -5q6 -1 6 5`}
              {...PEN}
              stroke="var(--holding)"
            />
          ),
      )}
    </>
  );
}

/** One leaf: its blade's tint, the tint between its veins, its rim; old ones hang low on the stem, young ones at the top. */
function Leaf({
  blade,
  between,
  rim,
  age,
}: {
  blade: string;
  between?: string;
  rim?: string;
  age?: 'old' | 'young';
}) {
  return (
    <>
      <path d="M50 42V6" {...PEN} stroke="var(--holding)" />
      {age && (
        <path
          d={age === 'old' ? 'M50 34l-8 -4M50 34l6 -4' : 'M50 10l-8 -4M50 10l6 -4'}
          {...PEN}
          stroke="var(--act)"
          strokeWidth="3.4"
        />
      )}
      <path
        d="M4 22C10 4 32 4 42 22C32 40 10 40 4 22Z"
        fill={blade}
        stroke={rim ?? 'var(--ink)'}
        strokeWidth={rim ? 4 : 2}
        strokeLinejoin="round"
      />
      {between && (
        <path d="M13 17l8 -5M13 27l8 5M24 15l8 -3M24 29l8 3" {...PEN} stroke={between} strokeWidth="5" />
      )}
      <path d="M4 22H42M12 22l6 -8M12 22l6 8M22 22l6 -10M22 22l6 10" {...PEN} strokeWidth="1.2" />
    </>
  );
}

const GREEN = 'var(--holding)';
const YELLOW = 'var(--spent)';

export default {
  steps: {
    'walk-look': {
      says: 'Walk the spot and look at the stand, at old leaves and young ones',
      draw: (
        <>
          <Ground y={166} />
          {[40, 76, 112, 220, 262, 304].map((x, i) => (
            <Plant key={x} x={x} y={165} tall={70 + (i % 3) * 12} />
          ))}
          <path
            d="M166 60a10 10 0 1 1 .1 0M166 72V116M166 86l18 14M166 86l-18 12M166 116l-12 46M166 116l14 46"
            {...PEN}
            strokeWidth="3"
          />
          <path d="M20 186q50 -14 100 0t100 0 100 0" {...MOVE} strokeDasharray="3 7" />
        </>
      ),
    },
    quadrat: {
      says: 'The quadrat is laid and the shares in it are estimated from straight above',
      draw: (
        <>
          <Quadrat x={70} y={50} w={220} h={120} />
          {range(9).map((i) => (
            <path
              key={i}
              d={`M${104 + (i % 3) * 62} ${82 + Math.floor(i / 3) * 34}q-10 -14 0 -20q10 6 0 20M${104 + (i % 3) * 62} ${82 + Math.floor(i / 3) * 34}q12 -10 18 -2q-6 8 -18 2`}
              {...PEN}
              stroke={i === 4 ? 'var(--slipping)' : 'var(--holding)'}
            />
          ))}
          <path d="M180 8q-18 0 -30 12 12 12 30 12 18 0 30 -12 -12 -12 -30 -12Z" {...PEN} />
          <circle cx="180" cy="20" r="5" fill="var(--ink)" />
        </>
      ),
    },
    'photo-enter': {
      says: 'A picture with the quadrat in it',
      draw: (
        <>
          <Quadrat x={80} y={110} w={200} h={70} />
          <g transform="rotate(90 180 36)">
            <Camera x={180} y={36} />
          </g>
          <path d="M164 60L92 170M196 60L268 170" {...FINE} strokeDasharray="5 5" />
          <Says x={292} y={150}>
            all of it
          </Says>
          <Arrow from={[40, 130]} to={[76, 142]} />
        </>
      ),
    },
  },
  scales: {
    evenness: {
      even: <Stand heights={[24, 24, 24, 24, 24, 24]} />,
      patchy: <Stand heights={[26, 12, 24, 10, 26, 14]} />,
      'bare-patches': <Stand heights={[24, 0, 0, 24, 22, 0]} />,
    },
    growth: {
      strong: <Stand heights={[34, 34, 34, 34, 34, 34]} />,
      fair: <Stand heights={[22, 22, 22, 22, 22, 22]} />,
      weak: <Stand heights={[10, 10, 10, 10, 10, 10]} />,
    },
    leaf: {
      green: <Leaf blade={GREEN} />,
      'pale-old': <Leaf blade={YELLOW} age="old" />,
      'pale-young': <Leaf blade={YELLOW} age="young" />,
      'yellow-between-veins-old': <Leaf blade={GREEN} between={YELLOW} age="old" />,
      'yellow-between-veins-young': <Leaf blade={GREEN} between={YELLOW} age="young" />,
      purple: <Leaf blade="color-mix(in srgb, var(--warn) 55%, var(--act))" />,
      'scorched-edge': <Leaf blade={GREEN} rim="var(--iron)" />,
    },
  },
} satisfies MethodDrawing;
