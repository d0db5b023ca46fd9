import limits from '../api/limits.json';
import type { Band } from '../api/types';

const WHOLE = 'M4 2.6 10.5 1.4 15 4.9 14.6 11.2 9.8 14.7 3.4 13.4 1.2 8Z';
const PIECES =
  'M4 2.6 8.4 1.8 6.2 6.4 1.3 7.6Z M10.3 1.6 15 4.9 14.6 11 9 8.2 8 6.6Z M1.4 9.4 6.8 8.2 8.2 9.8 13.4 12.4 9.8 14.7 3.4 13.4Z';
const CRUMBS: [number, number, number][] = [
  [4, 4, 1.5],
  [8.2, 3.2, 1.4],
  [12.2, 4.6, 1.6],
  [3.2, 8.4, 1.4],
  [7.4, 7.8, 1.7],
  [11.8, 8.8, 1.3],
  [4.8, 12.4, 1.5],
  [9.2, 12, 1.5],
  [13, 12.6, 1.2],
];

/** Condition without colour alone: a clod that is whole, cracked, in three pieces, crumbled. */
export function Clod({ band, size = 16 }: { band: Band | null; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 16 16" aria-hidden="true" className="inline-block shrink-0">
      <ClodMarks band={band} />
    </svg>
  );
}

/** The same marks, to be set into a larger drawing on a 16 × 16 grid. */
export function ClodMarks({ band }: { band: Band | null }) {
  if (band === null) {
    return <circle cx="8" cy="8" r="3.6" fill="none" stroke="var(--edge)" strokeWidth="1.2" />;
  }
  if (band === 'thriving') {
    return <path d={WHOLE} fill="var(--thriving)" />;
  }
  if (band === 'holding') {
    return (
      <>
        <path d={WHOLE} fill="var(--holding)" />
        <path d="M9.6 1.5 7.4 6 9 9.2 7.6 14.4" fill="none" stroke="var(--paper)" strokeWidth="1.5" />
      </>
    );
  }
  if (band === 'slipping') {
    return <path d={PIECES} fill="var(--slipping)" />;
  }
  return (
    <>
      {CRUMBS.map(([x, y, r]) => (
        <circle
          key={`${x} ${y}`}
          cx={x}
          cy={y}
          r={r}
          fill="var(--spent)"
          stroke="var(--warn)"
          strokeWidth="0.9"
        />
      ))}
    </>
  );
}

export function bandOf(score: number | null): Band | null {
  if (score === null) return null;
  return (limits.bands.find((one) => score >= one.from)?.band ?? 'spent') as Band;
}
