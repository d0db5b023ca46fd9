import { range } from '../../ground/range';
import type { Values } from '../draft';
import type { MethodDrawing } from './index';
import { Arrow, Ground, Roots, Says } from './kit/ground';
import { Pinch } from './kit/hands';
import { FINE, MOVE, PEN, ROOT, SOIL } from './kit/line';
import { BLOCK, PHOTO } from './kit/shared';

/** A face with a ruler: where four fifths of the roots end, how they end. */
function face(values: Values) {
  const root80 = Math.min(60, Math.max(0, Number(values.root80Cm)) || 18);
  const max = Math.min(64, Math.max(root80 + 2, Number(values.maxCm) || root80 * 1.6));
  const flat = values.sharpEdge === true;
  const bent = values.bent === true;
  const y = (cm: number) => 24 + (cm / 64) * 164;
  return (
    <>
      <rect x="92" y="24" width="216" height="164" fill="var(--soil-mid)" />
      <path d="M10 24H350" {...PEN} />
      {range(14).map((i) => {
        const x = 106 + i * 15;
        const depth = flat ? root80 + (i % 3) : i % 5 === 0 ? max : root80 * (0.55 + ((i * 7) % 10) / 20);
        return (
          <path
            key={i}
            d={
              bent && i % 4 === 1
                ? `M${x} 24V${y(root80 * 0.8)}q2 8 22 8`
                : `M${x} 24q${i % 2 ? 5 : -5} ${(y(depth) - 24) / 2} 0 ${y(depth) - 24}`
            }
            {...ROOT}
            strokeWidth={i % 5 === 0 ? 2.4 : 1.5}
          />
        );
      })}
      <rect x="64" y="24" width="18" height="164" fill="var(--lift)" stroke="var(--ink)" />
      {[0, 10, 20, 30, 40, 50, 60].map((tick) => (
        <g key={tick}>
          <path d={`M64 ${y(tick)}h9`} {...FINE} stroke="var(--ink)" />
          <Says x={58} y={y(tick) + 4} end>
            {String(tick)}
          </Says>
        </g>
      ))}
      <path d={`M84 ${y(root80)}H316`} {...MOVE} />
      <text x="320" y={y(root80) + 5} fontSize="14" fill="var(--act)" className="num">
        ⅘
      </text>
    </>
  );
}

/** A root with so many knots. */
function Nodules({ count }: { count: number }) {
  return (
    <>
      <path d="M30 2Q26 20 30 42M30 12q-12 4 -18 16M30 20q12 4 18 16" {...ROOT} strokeWidth="2" />
      {range(count).map((i) => (
        <circle
          key={i}
          cx={[27, 20, 38, 14, 44, 31, 24, 41, 29][i]}
          cy={[14, 20, 26, 26, 32, 30, 16, 29, 38][i]}
          r="3"
          fill="var(--iron)"
        />
      ))}
    </>
  );
}

export default {
  steps: {
    block: BLOCK,
    'clean-face': {
      says: 'One face is picked clean of what the spade has smeared',
      draw: (
        <>
          <Ground y={44} />
          <rect x="110" y="44" width="140" height="140" {...SOIL} />
          <path d="M112 50H170V182H112Z" fill="var(--root)" opacity="0.35" />
          <Roots x={184} y={46} width={54} depth={90} count={5} />
          <Pinch x={172} y={112} turn={-18} />
          <Arrow from={[150, 90]} to={[150, 150]} />
        </>
      ),
    },
    'rule-photo': PHOTO,
    'tease-root80': {
      says: 'Soil is teased off from the top until four fifths of the roots are seen',
      draw: face,
    },
    'judge-enter': {
      says: 'How do the roots end: at a flat edge, turned sideways, with nodules?',
      draw: face,
    },
  },
  scales: {
    nodules: { none: <Nodules count={0} />, few: <Nodules count={3} />, many: <Nodules count={9} /> },
  },
} satisfies MethodDrawing;
