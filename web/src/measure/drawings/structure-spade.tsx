import { SHAPE_TILES } from '../../ground/soilShapes';
import type { MethodDrawing } from './index';

function StepDrawing({ step, values }: { step: string; values: { [key: string]: unknown } }) {
  const layers = (values.layers as { topCm?: string; bottomCm?: string; shape?: string }[] | undefined) ?? [];
  const known = layers.filter((layer) => Number(layer.bottomCm) > 0 && layer.shape);
  if (step === 'judge-layers' && known.length > 0) {
    const deepest = Math.max(...known.map((layer) => Number(layer.bottomCm)), 20);
    const y = (cm: number) => 14 + (cm / deepest) * 180;
    return (
      <svg
        viewBox="0 0 360 204"
        className="w-full"
        role="img"
        aria-label="The block, layer by layer, as judged so far"
      >
        {known.map((layer, i) => {
          const top = y(Number(layer.topCm) || 0);
          const bottom = y(Number(layer.bottomCm));
          return (
            <g key={i}>
              <rect
                x="100"
                y={top}
                width="160"
                height={Math.max(0, bottom - top)}
                fill="var(--soil-mid)"
                stroke="var(--ink)"
                strokeWidth="1.2"
              />
              <svg
                x="150"
                y={(top + bottom) / 2 - 22}
                width="60"
                height="44"
                viewBox="0 0 60 44"
                aria-hidden="true"
              >
                {SHAPE_TILES[layer.shape ?? '']}
              </svg>
              <text x="92" y={bottom + 4} textAnchor="end" fontSize="13" className="num" fill="var(--faded)">
                {layer.bottomCm} cm
              </text>
            </g>
          );
        })}
        <path d="M60 14H300" stroke="var(--ink)" strokeWidth="2.2" />
      </svg>
    );
  }
  const open = step === 'lay-open' || step === 'judge-layers';
  return (
    <svg
      viewBox="0 0 360 190"
      className="w-full"
      role="img"
      aria-label={
        open ? 'The block opened along its own cracks' : 'A block cut on three sides and levered out'
      }
    >
      <path d="M10 44H350" stroke="var(--ink)" strokeWidth="2.2" />
      <path
        d="M120 44q4 -16 8 0M140 44q5 -20 9 0M190 44q4 -14 7 0M214 44q6 -18 9 0"
        fill="none"
        stroke="var(--holding)"
        strokeWidth="2"
      />
      {open ? (
        <g fill="var(--soil-mid)" stroke="var(--ink)" strokeWidth="1.6">
          <path d="M104 52h66l-8 34 10 30 -14 54H96Z" />
          <path d="M256 52h-66l-4 30 8 34 -6 54h72Z" />
          <path d="M176 60l-4 22 8 30 -10 40" fill="none" stroke="var(--root)" />
        </g>
      ) : (
        <g>
          <path
            d="M116 46V168H246V46"
            fill="var(--soil-mid)"
            stroke="var(--ink)"
            strokeWidth="1.8"
            strokeDasharray="0"
          />
          <path d="M246 46V168" stroke="var(--act)" strokeWidth="2.6" strokeDasharray="6 5" />
          <path d="M104 20V170M92 20h24" stroke="var(--ink)" strokeWidth="4" strokeLinecap="round" />
          <text x="256" y="112" fontSize="14" fill="var(--faded)">
            breaks by itself
          </text>
          <text x="181" y="186" fontSize="14" textAnchor="middle" fill="var(--faded)">
            20 cm
          </text>
        </g>
      )}
    </svg>
  );
}

/** Effort as how far the piece has come apart between two fingers; pores and roots as how many. */
function OptionDrawing({ field, word }: { field: string; word: string }) {
  if (field === 'shape') {
    return (
      <svg width="60" height="44" viewBox="0 0 60 44" aria-hidden="true">
        {SHAPE_TILES[word]}
      </svg>
    );
  }
  if (field === 'effort') {
    const apart = { falls: 12, gentle: 7, firm: 3, hard: 0 }[word] ?? 0;
    return (
      <svg width="60" height="44" viewBox="0 0 60 44" aria-hidden="true">
        <path
          d={`M${30 - apart} 10 ${18 - apart} 14 ${16 - apart} 30 ${29 - apart} 34Z`}
          fill="var(--root)"
        />
        <path
          d={`M${30 + apart} 10 ${42 + apart} 14 ${44 + apart} 30 ${31 + apart} 34Z`}
          fill="var(--root)"
        />
        {word !== 'falls' && (
          <path
            d="M2 22h8M50 22h8"
            stroke="var(--ink)"
            strokeWidth={{ gentle: 1.6, firm: 3.4, hard: 6 }[word]}
            strokeLinecap="round"
          />
        )}
      </svg>
    );
  }
  if (field === 'pores') {
    const count = { many: 12, some: 6, few: 2, none: 0 }[word] ?? 0;
    return (
      <svg width="60" height="44" viewBox="0 0 60 44" aria-hidden="true">
        <rect x="6" y="5" width="48" height="34" rx="4" fill="var(--root)" />
        {Array.from({ length: count }, (_, i) => (
          <circle
            key={i}
            cx={12 + ((i * 17) % 38)}
            cy={11 + ((i * 11) % 24)}
            r={1.4 + (i % 3) * 0.6}
            fill="var(--paper)"
          />
        ))}
      </svg>
    );
  }
  if (field === 'roots') {
    const count = { many: 6, some: 3, 'cracks-only': 2, none: 0 }[word] ?? 0;
    return (
      <svg width="60" height="44" viewBox="0 0 60 44" aria-hidden="true">
        <rect x="6" y="5" width="48" height="34" rx="4" fill="var(--soil-mid)" />
        {word === 'cracks-only' && <path d="M22 5V39M40 5V39" stroke="var(--ink)" strokeWidth="1" />}
        {Array.from({ length: count }, (_, i) => {
          const x = word === 'cracks-only' ? 22 + i * 18 : 11 + i * (40 / count);
          return (
            <path
              key={i}
              d={`M${x} 5q${word === 'cracks-only' ? 1 : 5} 10 0 18t1 16`}
              fill="none"
              stroke="var(--root)"
              strokeWidth="1.8"
            />
          );
        })}
      </svg>
    );
  }
  return null;
}

export default { method: 'structure-spade', StepDrawing, OptionDrawing } satisfies MethodDrawing;
