import { parse } from '../../ground/units';
import { isEmpty, type Values } from '../draft';

export type Look = { minutes: number; mm: number; refilled: boolean };

/** The levels read so far, in the order read: water soaked in or standing, mm; a row without both figures is no look. */
export function looks(rows: Values[], holeMm: number): Look[] {
  const read = (typed: unknown, unit: string) => {
    if (isEmpty(typed)) return null;
    const figure = parse(String(typed), unit);
    return figure.ok ? figure.value : null;
  };
  return rows.flatMap((row) => {
    const minutes = read(row.minutes, 'min');
    const fromTop = read(row.fromTopMm, 'mm');
    const mm = read(row.mm, 'mm') ?? read(row.depthMm, 'mm') ?? (fromTop === null ? null : holeMm - fromTop);
    if (minutes === null || mm === null) return [];
    const refilled = read(row.refilledToMm, 'mm');
    const look = { minutes, mm, refilled: false };
    return refilled === null ? [look] : [look, { minutes, mm: refilled, refilled: true }];
  });
}
