import type { ValueRow, Values } from '../api/types';
import { show } from '../ground/format';
import { inMine, myUnit, sayMine } from '../ground/myUnits';

export type Order = 'method' | 'group' | 'spread';

/** Rows as they came (by test), by group, or the widest spread beside its mean first. */
export function sorted(rows: ValueRow[], order: Order): ValueRow[] {
  if (order === 'method') return rows;
  if (order === 'group') return [...rows].sort((a, b) => a.group.localeCompare(b.group));
  const spread = (row: ValueRow) =>
    row.sd === null || row.mean === null || row.mean === 0 ? -1 : row.sd / Math.abs(row.mean);
  return [...rows].sort((a, b) => spread(b) - spread(a));
}

/** A row in this person's units; how far it spreads is a difference and is only stretched. */
export function inMyUnits(row: ValueRow): ValueRow {
  if (myUnit(row.unit) === row.unit) return row;
  const at = (value: number | null) => (value === null ? null : inMine(value, row.unit));
  const apart = (value: number | null) =>
    value === null ? null : inMine(value, row.unit) - inMine(0, row.unit);
  return {
    ...row,
    unit: myUnit(row.unit),
    mean: at(row.mean),
    sd: apart(row.sd),
    values: row.values.map((one) => ({ ...one, number: at(one.number), plusMinus: apart(one.plusMinus) })),
  };
}

/** Three figures or so: a field is not known to the last digit. */
export function figure(value: number): string {
  const size = Math.abs(value);
  return show(value, size >= 100 ? 0 : size >= 10 ? 1 : 2);
}

export function cellText(value: ValueRow['values'][number]): string {
  const text = value.number === null ? (value.words ?? '') : figure(value.number);
  const plusMinus = value.plusMinus === null ? '' : ` ± ${figure(value.plusMinus)}`;
  return value.hollow ? `(${text}${plusMinus})` : `${text}${plusMinus}`;
}

/** Depth, basis, part and unit: what a figure is read with. */
export function detailOf(row: ValueRow): string {
  return [
    row.depthCm === null ? null : sayMine(`at ${show(row.depthCm, 1)} cm`),
    row.how,
    row.part === null ? null : `no. ${row.part + 1}`,
    row.unit,
  ]
    .filter(Boolean)
    .join(', ');
}

/** The table with tabs between, as spreadsheets paste it; a sign that one would run is written so that it does not. */
export function copyText(values: Values): string {
  const head = ['test', 'quantity', 'detail', ...values.spots.map((spot) => spot.label), 'mean', 'sd'];
  const lines = values.rows.map((row) => [
    row.methodName,
    row.label,
    detailOf(row),
    ...values.spots.map((spot) =>
      row.values
        .filter((one) => one.spot === spot.id)
        .map((one) => (one.number === null || one.hollow ? cellText(one) : String(one.number)))
        .join('; '),
    ),
    row.mean === null ? '' : String(row.mean),
    row.sd === null ? '' : String(row.sd),
  ]);
  return [head, ...lines].map((line) => line.map(plain).join('\t')).join('\n');
}

function plain(cell: string): string {
  const flat = cell.replace(/[\t\r\n]+/g, ' ');
  return /^[=+@]/.test(flat) || (/^-/.test(flat) && Number.isNaN(Number(flat))) ? `'${flat}` : flat;
}
