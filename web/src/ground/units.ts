/** Numbers with units as people write them, and the one unit the product keeps. What is read is what the core reads. */

/** How a written unit turns into its quantity's first: times this, plus that. */
type Unit = { quantity: string; times: number; plus: number };

const QUANTITIES: Record<string, [times: number, ...words: string[]][]> = {
  length: [
    [1, 'mm'],
    [10, 'cm'],
    [1000, 'm'],
    [25.4, 'in', 'inch', 'inches', '"'],
    [304.8, 'ft', "'"],
  ],
  area: [
    [1, 'ha'],
    [0.40468564224, 'ac'],
  ],
  pressure: [
    [1, 'kpa'],
    [1000, 'mpa'],
    [100, 'bar'],
    [6.894757293168, 'psi'],
  ],
  temperature: [[1, '°c', 'c']],
  conductivity: [
    [1, 'ds/m', 'ms/cm'],
    [0.001, 'us/cm', 'µs/cm', 'μs/cm'],
  ],
  rate: [
    [1, 't/ha'],
    [2.2417023124, 'ton/ac'],
    [0.001, 'kg/ha'],
    [0.0011208511562, 'lb/ac'],
  ],
  volume: [
    [1, 'l'],
    [0.001, 'ml'],
    [3.785411784, 'gal'],
  ],
  time: [
    [1, 's', 'sec'],
    [60, 'min'],
    [3600, 'h', 'hour', 'hours'],
    [86_400, 'days', 'day', 'd'],
  ],
  share: [
    [1, '%'],
    [100, 'share'],
  ],
  acidity: [[1, 'ph']],
  density: [[1, 'g/cm³', 'g/cm3', 't/m³']],
};

const UNITS = new Map<string, Unit>(
  Object.entries(QUANTITIES).flatMap(([quantity, units]) =>
    units.flatMap(([times, ...words]) =>
      words.map((word): [string, Unit] => [word, { quantity, times, plus: 0 }]),
    ),
  ),
);
for (const word of ['°f', 'f']) UNITS.set(word, { quantity: 'temperature', times: 5 / 9, plus: -160 / 9 });

const unitOf = (word: string | null): Unit | undefined => UNITS.get(word?.toLowerCase() ?? '');

export type Parsed = { ok: true; value: number } | { ok: false; text: string };

/** Reads "3 1/2 in", "90mm", "1,5" or "7:30" (minutes and seconds) into the field's unit. */
export function parse(typed: string, unit: string | null): Parsed {
  const text = typed.trim().replace(/−/g, '-').replaceAll('\u00a0', ' ');
  const wanted = unitOf(unit);
  if (wanted?.quantity === 'time') {
    const seconds = secondsOf(text);
    if (seconds !== null) return { ok: true, value: seconds / wanted.times };
  }
  // A comma before three digits can be meant two ways: it is asked about, not guessed.
  const both = /^(-?\d+),(\d{3})(?!\d)/.exec(text);
  if (both) {
    return {
      ok: false,
      text: `Write ${both[1]}.${both[2]} or ${both[1]}${both[2]}: this comma can be meant both ways.`,
    };
  }
  const { number, rest } = split(text);
  if (number === null) {
    return { ok: false, text: `This is not a number${unit ? `; write it in ${unit}` : ''}.` };
  }
  const written = rest?.trim().toLowerCase();
  if (written === undefined || written === unit?.toLowerCase()) return { ok: true, value: number };
  const own = unitOf(written);
  if (!own || !wanted || own.quantity !== wanted.quantity) {
    return { ok: false, text: `'${rest?.trim()}' is not a unit here${unit ? `; write ${unit}` : ''}.` };
  }
  return { ok: true, value: (number * own.times + own.plus - wanted.plus) / wanted.times };
}

/** Seconds of 2:30, 1:05:00 or "2 min 30 s"; null where it is none of them. */
function secondsOf(text: string): number | null {
  const clock = /^(\d+):([0-5]?\d)(?::([0-5]?\d))?$/.exec(text);
  if (clock) {
    const [, first = '0', second = '0', third] = clock;
    return third === undefined
      ? Number(first) * 60 + Number(second)
      : (Number(first) * 60 + Number(second)) * 60 + Number(third);
  }
  const words = /^(\d+)\s*min\s+(\d+)\s*s$/i.exec(text);
  return words ? Number(words[1]) * 60 + Number(words[2]) : null;
}

const SIGNS: Record<string, string> = { '½': '1/2', '¼': '1/4', '¾': '3/4' };

/** "3 1/2 in" into 3.5 and "in"; a comma is a point. */
function split(typed: string): { number: number | null; rest: string | undefined } {
  const text = typed.replace(
    /(\d)?\s*([½¼¾])/g,
    (_, before: string | undefined, sign: string) => `${before ? `${before} ` : ''}${SIGNS[sign]}`,
  );
  const fraction = /^(-)?(?:(\d+)(?:\s+|-))?(\d+)\s*\/\s*(\d+)\s*(\D.*)?$/.exec(text);
  if (fraction) {
    const size = Number(fraction[2] ?? 0) + Number(fraction[3]) / Number(fraction[4]);
    return { number: Number.isFinite(size) ? (fraction[1] ? -size : size) : null, rest: fraction[5] };
  }
  const plain = /^(-?\d*(?:[.,]\d+)?)\s*([^\d\s.,].*)?$/.exec(text);
  const number = plain?.[1] && /\d/.test(plain[1]) ? Number(plain[1].replace(',', '.')) : null;
  return { number, rest: plain?.[2] };
}

/** So many of one unit in another of the same quantity. */
export function turned(value: number, from: string, to: string): number {
  const [own, wanted] = [unitOf(from), unitOf(to)];
  return own && wanted ? (value * own.times + own.plus - wanted.plus) / wanted.times : value;
}
