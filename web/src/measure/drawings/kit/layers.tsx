import type { ReactNode } from 'react';
import { figure } from '../../../ground/myUnits';
import { range, strewn } from '../../../ground/range';
import { SHAPE_TILES } from '../../../ground/soilShapes';
import type { Values } from '../../draft';
import { Says } from './ground';
import { FINE, PEN, ROOT, SOIL } from './line';

const FACE = <rect x="5" y="4" width="50" height="36" rx="3" fill="var(--soil-mid)" />;

/** A broken face with so many holes. */
function Holes({ count }: { count: number }) {
  return (
    <>
      {FACE}
      {range(count)
        .map((i) => strewn(i, 9, 8, 42, 28))
        .map(({ x, y }, i) => (
          <circle key={x} cx={x} cy={y} r={1.6 + (i % 3) * 0.7} fill="var(--ink)" />
        ))}
    </>
  );
}

/** Roots through a face; in cracks only they lie flat where the pieces meet. */
function Rooted({ count, cracks }: { count: number; cracks?: boolean }) {
  return (
    <>
      {FACE}
      {cracks && <path d="M21 4V40M40 4V40" {...PEN} strokeWidth="1.3" />}
      <path
        d={range(count)
          .map((i) => `M${cracks ? 21 + i * 19 : 11 + (i * 40) / count} 4q${cracks ? 1 : 5} 10 0 18t1 17`)
          .join('')}
        {...ROOT}
      />
    </>
  );
}

function Spots({ tint }: { tint: string | null }) {
  return (
    <>
      {FACE}
      {tint &&
        range(6)
          .map((i) => strewn(i, 12, 10, 36, 24))
          .map(({ x, y }, i) => (
            <ellipse key={x} cx={x} cy={y} rx={4 + (i % 2) * 2} ry={2.6 + (i % 3)} fill={tint} />
          ))}
    </>
  );
}

/** So wet: a drop on the face for each step above dry, water running out at the last. */
function Wetness({ steps }: { steps: number }) {
  return (
    <>
      {FACE}
      <rect x="5" y="4" width="50" height="36" rx="3" fill="var(--water)" opacity={steps * 0.17} />
      {range(steps).map((i) => (
        <path key={i} d={`M${16 + i * 14} 14c5 7 5 12 0 12s-5 -5 0 -12Z`} fill="var(--water)" />
      ))}
      {steps === 0 && <path d="M14 12l8 8 -4 10M36 10l-4 10 8 12" {...PEN} strokeWidth="1.3" />}
      {steps === 3 && <path d="M5 41q8 4 16 0t16 0 18 0" {...PEN} stroke="var(--water)" />}
    </>
  );
}

/** A nose over a handful; what rises from it. */
function Smelt({ rising }: { rising: 'earthy' | 'none' | 'sour' }) {
  return (
    <>
      <path d="M8 38C14 24 42 24 48 38Z" {...PEN} fill="var(--soil-mid)" />
      <path d="M52 4C50 14 42 16 42 22C44 25 50 24 54 24" {...PEN} />
      {rising === 'earthy' && (
        <path d="M18 24q-6 -6 0 -10t0 -10M30 24q-6 -6 0 -10t0 -10" {...PEN} stroke="var(--holding)" />
      )}
      {rising === 'sour' && (
        <path d="M16 24l6 -5 -6 -5 6 -5 -4 -5M29 24l6 -5 -6 -5 6 -5 -4 -5" {...PEN} stroke="var(--warn)" />
      )}
    </>
  );
}

export const PORES: Record<string, ReactNode> = {
  many: <Holes count={14} />,
  some: <Holes count={6} />,
  few: <Holes count={2} />,
  none: <Holes count={0} />,
};
export const ROOTED: Record<string, ReactNode> = {
  many: <Rooted count={8} />,
  some: <Rooted count={4} />,
  'cracks-only': <Rooted count={2} cracks />,
  none: <Rooted count={0} />,
};
export const MOTTLES: Record<string, ReactNode> = {
  none: <Spots tint={null} />,
  rust: <Spots tint="var(--iron)" />,
  black: <Spots tint="var(--ink)" />,
  grey: <Spots tint="var(--faded)" />,
  yellow: <Spots tint="var(--slipping)" />,
};
export const MOISTURE: Record<string, ReactNode> = {
  dry: <Wetness steps={0} />,
  moist: <Wetness steps={1} />,
  wet: <Wetness steps={2} />,
  saturated: <Wetness steps={3} />,
};
export const SMELLS: Record<string, ReactNode> = {
  earthy: <Smelt rising="earthy" />,
  none: <Smelt rising="none" />,
  sour: <Smelt rising="sour" />,
};

/** A face as it was described so far: each layer as deep as was typed, with its shape where there is room. */
export function FaceSoFar({ layers, atLeastCm = 0 }: { layers: Values[]; atLeastCm?: number }) {
  const deepest = Math.max(...layers.map((layer) => Number(layer.bottomCm)), atLeastCm, 1);
  const y = (cm: number) => 14 + (cm / deepest) * 174;
  return (
    <>
      {layers.map((layer, i) => {
        const top = y(Number(layer.topCm) || 0);
        const bottom = y(Number(layer.bottomCm));
        return (
          <g key={i}>
            <rect x="115" y={top} width="140" height={Math.max(0, bottom - top)} {...SOIL} />
            {bottom - top > 30 && (
              <svg
                x="155"
                y={(top + bottom) / 2 - 22}
                width="60"
                height="44"
                viewBox="0 0 60 44"
                aria-hidden="true"
              >
                {SHAPE_TILES[String(layer.shape ?? '')]}
              </svg>
            )}
            <path d={`M108 ${bottom}h7`} {...FINE} />
            <Says x={102} y={bottom + 4} end>
              {figure(layer.bottomCm as number, 'cm')}
            </Says>
          </g>
        );
      })}
      <path d="M70 14H300" {...PEN} />
    </>
  );
}
