import type { MethodField } from '../../api/types';
import type { Values } from '../draft';
import type { EntryProps } from '../entry';

/** Entries that are made in one drawing: what is left to share out, marks on one jar, two colours side by side. */
export type TogetherProps = Omit<EntryProps, 'field' | 'path' | 'value' | 'onChange'> & {
  fields: MethodField[];
  /** Where the fields lie in the reading. */
  path: string;
  values: Values;
  onChange: (change: Values) => void;
};

const TOGETHER = ['marks', 'shares', 'colours'];

const ofOne = (field: MethodField) =>
  TOGETHER.includes(field.part) && (field.part === 'colours' || field.kind === 'number') ? field.part : null;

/** The fields of a step in the order they are entered; those made together stand in one row. */
export function groups(fields: MethodField[]): MethodField[][] {
  const rows: MethodField[][] = [];
  for (const field of fields) {
    const part = ofOne(field);
    const before = rows.at(-1);
    if (part !== null && before?.[0] && ofOne(before[0]) === part) before.push(field);
    else rows.push([field]);
  }
  return rows;
}

export const isTogether = (row: MethodField[]): boolean => row[0] !== undefined && ofOne(row[0]) !== null;
