import type { ReactNode } from 'react';
import { range, strewn } from './range';

const LINE = { fill: 'none', stroke: 'var(--root)', strokeWidth: 1.6 } as const;

/** The shapes soil comes apart in, each on 60 × 44. */
export const SHAPE_TILES: Record<string, ReactNode> = {
  crumb: (
    <g fill="var(--root)">
      {[
        [10, 12, 5],
        [22, 9, 4],
        [33, 13, 6],
        [47, 11, 5],
        [13, 26, 6],
        [27, 25, 5],
        [41, 27, 6],
        [53, 24, 4],
        [20, 37, 4],
        [34, 38, 5],
        [48, 37, 4],
      ].map(([x, y, r]) => (
        <g key={`${x} ${y}`}>
          <circle cx={x} cy={y} r={r} />
          <circle cx={(x ?? 0) - 1} cy={(y ?? 0) - 1} r="1" fill="var(--paper)" />
        </g>
      ))}
    </g>
  ),
  granular: (
    <g fill="var(--root)">
      {range(24).map((i) => (
        <circle
          key={i}
          cx={8 + (i % 8) * 6.4 + (Math.floor(i / 8) % 2) * 3}
          cy={11 + Math.floor(i / 8) * 11}
          r="2.7"
        />
      ))}
    </g>
  ),
  'rounded-blocks': (
    <g {...LINE}>
      <path d="M6 10q8 -6 16 -2 4 7 -1 13 -8 4 -15 -1ZM27 8q9 -4 16 1 2 8 -3 13 -8 2 -13 -2ZM10 27q8 -5 15 0 3 8 -3 12 -9 1 -13 -4ZM31 27q9 -4 17 1 1 8 -5 12 -9 1 -13 -5Z" />
    </g>
  ),
  'sharp-blocks': (
    <g {...LINE}>
      <path d="M5 8 20 5 24 18 9 22ZM27 5 45 8 42 20 26 18ZM9 26 25 22 28 37 10 39ZM31 22 50 24 47 39 32 37ZM48 8 56 12 55 22 46 20Z" />
    </g>
  ),
  plates: (
    <g stroke="var(--root)" strokeWidth="3" strokeLinecap="round">
      <path d="M6 9h22M33 8h20M9 16h30M44 17h10M5 24h16M26 24h28M8 32h26M39 32h14M6 39h18M29 39h24" />
    </g>
  ),
  massive: <rect x="6" y="5" width="48" height="34" rx="3" fill="var(--root)" />,
  'single-grain': (
    <g fill="var(--root)">
      {range(44)
        .map((i) => strewn(i, 5, 5, 50, 34))
        .map(({ x, y }) => (
          <circle key={x} cx={x} cy={y} r="1.2" />
        ))}
    </g>
  ),
};
