import type { ComponentType } from 'react';
import type { EntryProps } from '../entry';

/** An entry of a method's own, where rows of plain fields would be clumsy in the field. */
export type MethodEntry = { method: string; field: string; Entry: ComponentType<EntryProps> };

const files = import.meta.glob<{ default: MethodEntry }>(['./*.tsx', '!./*.test.tsx'], { eager: true });

export function entryOf(method: string, field: string): MethodEntry['Entry'] | undefined {
  return Object.values(files)
    .map((file) => file.default)
    .find((one) => one.method === method && one.field === field)?.Entry;
}
