import type { Units } from '../api/types';
import { show } from './format';
import { turned } from './units';

/** The unit that this person reads and types in, by the one the product keeps. */
let mine: Record<string, string> = {};

/** Null: the product's own. */
export function setMyUnits(chosen: Units | null): void {
  const units: Partial<Units> = chosen ?? {};
  mine = {
    mm: units.length ?? 'mm',
    cm: units.depth ?? 'cm',
    ha: units.area ?? 'ha',
    '°C': units.temperature ?? '°C',
    kPa: units.pressure ?? 'kPa',
    'dS/m': units.conductivity ?? 'dS/m',
    't/ha': units.rate ?? 't/ha',
    'kg/ha': units.dose ?? 'kg/ha',
    l: units.volume ?? 'l',
  };
}

export function myUnit(unit: string): string;
export function myUnit(unit: string | null): string | null;
export function myUnit(unit: string | null): string | null {
  if (unit === 'mm/h') return myUnit('mm') === 'in' ? 'in/h' : unit;
  return mine[unit ?? ''] ?? unit;
}

/** So many of the product's unit in this person's. */
export function inMine(value: number, unit: string | null): number {
  if (unit === 'mm/h') return turned(value, 'mm', myUnit('mm'));
  return unit === null ? value : turned(value, unit, myUnit(unit));
}

/** So many of this person's unit in the product's. */
export function fromMine(value: number, unit: string): number {
  if (unit === 'mm/h') return turned(value, myUnit('mm'), 'mm');
  return turned(value, myUnit(unit), unit);
}

/** Decimals that say as much as the kept unit's did. */
function placesFor(unit: string): number {
  return { in: 1, 'in/h': 2, ac: 2, 'ton/ac': 2, gal: 1, 'mS/cm': 1 }[unit] ?? 0;
}

/** A figure with its unit, as this person reads it. */
export function figure(value: number | null, unit: string | null, places = 1): string {
  if (value === null) return '–';
  const to = myUnit(unit);
  if (to === unit || to === null) return `${show(value, places)}${unit ? ` ${unit}` : ''}`;
  return `${show(inMine(value, unit), placesFor(to))} ${to}`;
}

/** What a field takes in all: tonnes and kilograms, to whoever counts in tons and pounds an acre in those. */
export function inAll(value: number, unit: string): string {
  if (unit === 't' && myUnit('t/ha') === 'ton/ac') return `${show(value / 0.90718474, 1)} tons of 2000 lb`;
  if (unit === 'kg' && myUnit('kg/ha') === 'lb/ac') return `${show(value / 0.45359237, 0)} lb`;
  return figure(value, unit);
}

const KEPT = ['mm/h', 'mm', 'cm', 't/ha', 'kg/ha', 'ha', '°C', 'kPa', 'dS/m', 'l'];
const IN_TEXT = new RegExp(
  `(−|-)?(\\d+(?:\\.\\d+)?)( to | by |–)?(\\d+(?:\\.\\d+)?)?[ \\u00a0](${KEPT.map((unit) => unit.replace('/', '\\/')).join('|')})(?![\\w/²³])`,
  'g',
);

/** A sentence with its figures in this person's units: "under 15 to 20 cm" becomes "under 5.9 to 7.9 in". */
export function sayMine(text: string): string {
  return text.replace(IN_TEXT, (whole, minus, first, between, second, unit: string) => {
    const to = myUnit(unit);
    if (to === unit) return whole;
    const say = (typed: string) => show(inMine(Number(`${minus ? '-' : ''}${typed}`), unit), placesFor(to));
    return `${say(first)}${between ?? ''}${second === undefined ? '' : say(second)} ${to}`;
  });
}

const OWN_UNIT = /[^\d\s.,/½¼¾:-]\S*\s*$/u;

/**
 * What stands in a field, as this person types it: a figure without a unit of its own is in the product's unit where it was
 * put there, and is shown in theirs.
 */
export function shownAs(kept: string, unit: string | null): string {
  const to = myUnit(unit);
  if (to === unit || to === null || unit === null || kept.trim() === '') return kept;
  if (kept.endsWith(` ${to}`)) return kept.slice(0, -to.length - 1);
  if (OWN_UNIT.test(kept)) return kept;
  const value = Number(kept.replace(',', '.'));
  return Number.isFinite(value) ? show(turned(value, unit, to), 2).replace('−', '-') : kept;
}

/** What was typed in this person's unit, with it: a draft says the same on every device, for everyone. */
export function keptAs(typed: string, unit: string | null): string {
  const to = myUnit(unit);
  if (to === unit || to === null || typed.trim() === '' || OWN_UNIT.test(typed)) return typed;
  return `${typed} ${to}`;
}

const SENTENCES = new Set([
  'text',
  'how',
  'title',
  'hint',
  'sentence',
  'about',
  'purpose',
  'filled',
  'ask',
  'question',
  'cautions',
]);

/** An answer with its sentences in this person's units; its figures stay as they are, in the product's. */
export function sentencesInMine<T>(answer: T): T {
  return Object.entries(mine).every(([kept, to]) => kept === to) ? answer : (told(answer, false) as T);
}

function told(of: unknown, said: boolean): unknown {
  if (typeof of === 'string') return said ? sayMine(of) : of;
  if (Array.isArray(of)) return of.map((one) => told(one, said && typeof one === 'string'));
  if (of === null || typeof of !== 'object') return of;
  return Object.fromEntries(Object.entries(of).map(([key, value]) => [key, told(value, SENTENCES.has(key))]));
}
