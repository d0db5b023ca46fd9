/** Numbers with units as people write them, and the one unit the product keeps. */

const TO_MM: Record<string, number> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: 25.4,
  inch: 25.4,
  inches: 25.4,
  '"': 25.4,
  ft: 304.8,
};

/** How many of the field's unit one of the written unit is. */
const FACTORS: Record<string, Record<string, number>> = {
  mm: TO_MM,
  cm: Object.fromEntries(Object.entries(TO_MM).map(([unit, mm]) => [unit, mm / 10])),
  m: Object.fromEntries(Object.entries(TO_MM).map(([unit, mm]) => [unit, mm / 1000])),
  kPa: { kpa: 1, mpa: 1000, psi: 6.894757293168, bar: 100 },
  min: { min: 1, h: 60, hour: 60, hours: 60, s: 1 / 60 },
  s: { s: 1, sec: 1, min: 60 },
  'g/cm³': { 'g/cm³': 1, 'g/cm3': 1, 't/m³': 1 },
  '%': { '%': 1 },
  pH: { ph: 1 },
  days: { days: 1, day: 1, d: 1 },
  share: { '%': 0.01 },
};

export type Parsed = { ok: true; value: number } | { ok: false; text: string };

/** Reads "3 1/2 in", "90mm", "1,5" or "7:30" (minutes and seconds) into the field's unit. */
export function parse(typed: string, unit: string | null): Parsed {
  const text = typed.trim().replace(/−/g, '-');
  if ((unit === 'min' || unit === 's') && /^\d+:\d{1,2}$/.test(text)) {
    const [minutes = 0, seconds = 0] = text.split(':').map(Number);
    return { ok: true, value: unit === 'min' ? minutes + seconds / 60 : minutes * 60 + seconds };
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
  if (written === undefined) {
    return { ok: true, value: number };
  }
  if (written === '°f' && unit === '°C') {
    return { ok: true, value: ((number - 32) * 5) / 9 };
  }
  const factor = written === unit?.toLowerCase() ? 1 : FACTORS[unit ?? '']?.[written];
  if (factor === undefined) {
    return { ok: false, text: `'${rest?.trim()}' is not a unit here${unit ? `; write ${unit}` : ''}.` };
  }
  return { ok: true, value: number * factor };
}

/** "3 1/2 in" into 3.5 and "in"; a comma is a point. */
function split(text: string): { number: number | null; rest: string | undefined } {
  const fraction = /^(-)?(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)\s*(\D.*)?$/.exec(text);
  if (fraction) {
    const size = Number(fraction[2] ?? 0) + Number(fraction[3]) / Number(fraction[4]);
    return { number: Number.isFinite(size) ? (fraction[1] ? -size : size) : null, rest: fraction[5] };
  }
  const plain = /^(-?\d+(?:[.,]\d+)?)\s*([^\d\s.,].*)?$/.exec(text);
  return { number: plain ? Number(plain[1]?.replace(',', '.')) : null, rest: plain?.[2] };
}
