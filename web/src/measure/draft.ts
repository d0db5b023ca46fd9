import type { Refusal } from '../api/problem';
import type { Method, MethodField, Step } from '../api/types';
import { parse } from '../ground/units';

/** As typed: numbers are text until they count, so that half a number is kept too. */
export type Values = { [key: string]: unknown };

/** What a probe said in the minute before a figure was taken, and which field it went into. */
export type DraftStream = {
  field: string;
  probe: string;
  unit: string;
  points: { atS: number; value: number }[];
};

export type Draft = {
  version: 1;
  variant: string;
  step: string;
  values: Values;
  /** When the first of a row of timed levels was read. */
  zeroAt: string | null;
  checks: Record<string, boolean>;
  /** The reading this one stands in for, and why. */
  corrects: string | null;
  reason: string;
  /** What stands with the reading, and when it was taken where that was not now. */
  note: string;
  takenAt: string | null;
  /** The parcel that was refused and is put right here. */
  mends: string | null;
  changedAt: string;
  /** When each step ended, for the run sheet. */
  ended: Record<string, string>;
  streams: DraftStream[];
};

/** Empty rows to begin with, as the description asks. */
export function startValues(fields: MethodField[]): Values {
  const values: Values = {};
  for (const field of fields) {
    if (field.kind === 'list' && field.startItems > 0) {
      values[field.key] = Array.from({ length: field.startItems }, () => startValues(field.fields));
    }
  }
  return values;
}

/** What was entered before, back into fields as text, for putting it right. */
export function fromReading(reading: Values): Values {
  return Object.fromEntries(Object.entries(reading).map(([key, value]) => [key, asTyped(value)]));
}

function asTyped(value: unknown): unknown {
  if (typeof value === 'number') return String(value);
  if (Array.isArray(value)) return value.map(asTyped);
  if (value !== null && typeof value === 'object') return fromReading(value as Values);
  return value;
}

/** From what was typed to a reading, with what cannot be read as a number. Rows left empty at the end are no rows. */
export function toReading(
  fields: MethodField[],
  values: Values,
  path = '/reading',
): { reading: Values; faults: Refusal[] } {
  const reading: Values = {};
  const faults: Refusal[] = [];
  for (const field of fields) {
    const value = values[field.key];
    const here = `${path}/${field.key}`;
    if (field.kind === 'number') {
      const text = value === undefined || value === null ? '' : String(value);
      if (text.trim() !== '') {
        const parsed = parse(text, field.unit);
        if (parsed.ok) reading[field.key] = parsed.value;
        else faults.push({ path: here, code: 'wrong-type', text: parsed.text });
      }
    } else if (field.kind === 'list') {
      const rows = withoutEmptyEnd((value as Values[] | undefined) ?? []);
      if (rows.length === 0 && !field.required) continue;
      reading[field.key] = rows.map((row, i) => {
        const inner = toReading(field.fields, row, `${here}/${i}`);
        faults.push(...inner.faults);
        return inner.reading;
      });
    } else if (field.kind === 'counts') {
      const { counts, wrong } = toCounts((value as Record<string, string> | undefined) ?? {}, here);
      faults.push(...wrong);
      if (Object.keys(counts).length > 0) reading[field.key] = counts;
    } else if (field.kind === 'words') {
      const words = (value as string[] | undefined) ?? [];
      if (words.length > 0) reading[field.key] = words;
    } else if (field.kind === 'group') {
      if (isEmpty(value) && !field.required) continue;
      const inner = toReading(field.fields, (value as Values | undefined) ?? {}, here);
      faults.push(...inner.faults);
      reading[field.key] = inner.reading;
    } else if (value !== undefined && value !== null && value !== '') {
      reading[field.key] = value;
    }
  }
  return { reading, faults };
}

function toCounts(typed: Record<string, string>, path: string) {
  const counts: Record<string, number> = {};
  const wrong: Refusal[] = [];
  for (const [name, text] of Object.entries(typed)) {
    if (text.trim() === '') continue;
    const parsed = parse(text, null);
    if (parsed.ok) counts[name] = parsed.value;
    else wrong.push({ path: `${path}/${name}`, code: 'wrong-type', text: parsed.text });
  }
  return { counts, wrong };
}

function withoutEmptyEnd(rows: Values[]): Values[] {
  let end = rows.length;
  while (end > 0 && isEmpty(rows[end - 1])) end--;
  return rows.slice(0, end);
}

export function isEmpty(value: unknown): boolean {
  if (value === undefined || value === null || value === '') return true;
  if (Array.isArray(value)) return value.every(isEmpty);
  if (typeof value === 'object') return Object.values(value).every(isEmpty);
  return false;
}

/** Minutes from the first level to now, to a tenth; the first is zero. */
export function minutesSince(zeroAt: string | null, now: number): number {
  return zeroAt === null ? 0 : Math.round(((now - Date.parse(zeroAt)) / 60_000) * 10) / 10;
}

/** What the method needs and nobody has entered yet: not worth asking the server about. */
export function missingIn(fields: MethodField[], reading: Values, path = '/reading'): Refusal[] {
  const missing: Refusal[] = [];
  for (const field of fields) {
    const here = `${path}/${field.key}`;
    const value = reading[field.key];
    if (field.kind === 'list') {
      if (value === undefined && !field.required) continue;
      const rows = (value as Values[] | undefined) ?? [];
      if (rows.length < field.minItems) {
        const text = `${field.label} needs ${field.minItems} or more; ${rows.length} given.`;
        missing.push({ path: here, code: 'too-few', text });
      }
      rows.forEach((row, i) => {
        missing.push(...missingIn(field.fields, row, `${here}/${i}`));
      });
    } else if (field.kind === 'group') {
      if (value === undefined && !field.required) continue;
      missing.push(...missingIn(field.fields, (value as Values | undefined) ?? {}, here));
    } else if (field.required && field.preset === null && value === undefined) {
      missing.push({ path: here, code: 'missing', text: `${field.label} is needed here.` });
    }
  }
  return missing;
}

/** The way of doing it that was chosen, or the usual one. */
export function variantOf(draft: Draft, method: Method): Method['variants'][number] | undefined {
  return method.variants.find((one) => one.id === draft.variant) ?? method.variants[0];
}

/** The last step at which something is entered: where a correction begins. */
export function lastEntry(draft: Draft, method: Method): Step | undefined {
  const steps = variantOf(draft, method)?.steps ?? [];
  return [...steps].reverse().find((step) => step.entry.length > 0) ?? steps.at(-1);
}

/** What stands in an entry before anybody typed. */
export function presetText(field: MethodField): string {
  return field.preset === null || field.preset === undefined ? '' : String(field.preset);
}
