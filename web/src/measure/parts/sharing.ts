import { parse } from '../../ground/units';
import type { Values } from '../draft';

/** What was typed of each share, and what is left of a hundred; what is no number yet counts as nothing. */
export function shared(keys: string[], values: Values): { parts: number[]; left: number } {
  const parts = keys.map((key) => {
    const read = parse(String(values[key] ?? ''), '%');
    return read.ok && read.value > 0 ? read.value : 0;
  });
  const left = 100 - parts.reduce((sum, part) => sum + part, 0);
  return { parts, left: Number(left.toFixed(6)) };
}

/** A share made larger or smaller by so much: never under nothing, never over what is left. */
export function stepped(now: number, by: number, left: number): number {
  return Math.max(0, Math.min(now + by, now + Math.max(0, left)));
}
