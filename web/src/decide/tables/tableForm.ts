import type { PracticeTable } from '../../api/types';
import { parse } from '../../ground/units';

export type TableRow = { key: string; values: string[] };

/** A table's rows as they are typed. */
export function asTyped(rows: PracticeTable['rows']): TableRow[] {
  return rows.map((row) => ({ key: row.key, values: row.values.map(String) }));
}

/** What is sent of it; what is no number is named by the server, at its place. */
export function asSent(rows: TableRow[]): PracticeTable['rows'] {
  return rows.map((row) => ({
    key: row.key.trim().toLowerCase().replace(/\s+/g, '-'),
    values: row.values.map((text) => {
      const read = parse(text, null);
      return read.ok ? read.value : (null as unknown as number);
    }),
  }));
}

/** A row for something the table does not know yet. */
export function emptyRow(table: PracticeTable): TableRow {
  return { key: '', values: table.columns.map(() => '') };
}
