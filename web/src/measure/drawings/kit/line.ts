/** One pen for every drawing: what is there, what only helps, what moves, what is wet. */
export const PEN = {
  fill: 'none',
  stroke: 'var(--ink)',
  strokeWidth: 2,
  strokeLinecap: 'round',
  strokeLinejoin: 'round',
} as const;
export const FINE = { ...PEN, stroke: 'var(--faded)', strokeWidth: 1.3 } as const;
export const MOVE = { ...PEN, stroke: 'var(--act)', strokeWidth: 2.4 } as const;
export const WET = { ...PEN, stroke: 'var(--water)' } as const;
export const ROOT = { ...PEN, stroke: 'var(--root)', strokeWidth: 1.6 } as const;
/** Things are lifted off the page, soil has its tones by depth. */
export const THING = { ...PEN, fill: 'var(--lift)' } as const;
export const SOIL = { ...PEN, fill: 'var(--soil-mid)' } as const;

export type At = { x: number; y: number };
