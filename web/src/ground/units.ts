import { fault, turned, value } from 'core-figures';

/** Figures with units as people write them, read by the core itself. */
export type Parsed = { ok: true; value: number } | { ok: false; text: string };

/** Reads "3 1/2 in", "90mm", "1,5" or "7:30" (minutes and seconds) into the field's unit. */
export function parse(typed: string, unit: string | null): Parsed {
  const text = fault(typed, unit);
  return text === null ? { ok: true, value: value(typed, unit) } : { ok: false, text };
}

export { turned };
