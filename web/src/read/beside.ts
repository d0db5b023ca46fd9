import type { BesideRow, BesideView } from '../api/types';
import { inSentence, show } from '../ground/format';
import { sayMine } from '../ground/myUnits';

/** Zones are told apart by shape, never by colour alone. */
export const SHAPES = ['ring', 'square', 'triangle', 'cross'] as const;

const UNLIKE: Record<string, string> = {
  people: 'by other people',
  basis: 'on another basis',
  preparation: 'prepared otherwise',
  yardstick: 'by another yardstick',
};

/** What the zones were read unlike in, by way; empty where all was alike. */
export function unlikeWords(view: BesideView, name: (method: string) => string): string {
  const byCode = new Map<string, string[]>();
  for (const one of view.unlike) {
    byCode.set(one.code, [...(byCode.get(one.code) ?? []), inSentence(name(one.method))]);
  }
  return [...byCode]
    .map(([code, methods]) => `${methods.join(', ')} read ${UNLIKE[code] ?? code.replaceAll('-', ' ')}`)
    .join('; ');
}

/** The first three in words: which zone is the lower, and by how much. */
export function firstWords(view: BesideView, name: (method: string) => string): string[] {
  return view.rows
    .filter((row) => view.first.includes(row.method) && (row.spread ?? 0) > 0)
    .slice(0, view.first.length)
    .map((row) => {
      const means = row.means ?? [];
      const known = means.filter((mean): mean is number => mean !== null);
      const lowest = view.columns[means.indexOf(Math.min(...known))]?.name ?? '';
      const highest = view.columns[means.indexOf(Math.max(...known))]?.name ?? '';
      return `${name(row.method)}${depthOf(row)}: ${show(row.spread, 0)} points lower in ${lowest} than in ${highest}`;
    });
}

/** The class of depth where it is not the topsoil's. */
export function depthOf(row: BesideRow): string {
  return row.depthClass === null || row.depthClass === '0-10'
    ? ''
    : `, ${sayMine(`${row.depthClass.replace('-', '–')} cm`)}`;
}

/** The figure that stands behind a row, for one zone: the first that comes once; a dash where there is none. */
export function figureOf(row: BesideRow, zone: number): string {
  const once = row.measures.find((one) => one.depthCm === null && one.unit !== 'score') ?? row.measures[0];
  const value = once?.means[zone];
  if (!once || value === null || value === undefined) return '–';
  return `${show(value, 1)}${once.unit ? ` ${once.unit}` : ''}`;
}
