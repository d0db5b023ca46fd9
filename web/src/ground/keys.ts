/** What one more key makes of what is typed; `back` takes away the last sign, a unit as a whole. */
export function pressed(typed: string, key: string): string {
  if (key === 'back') return typed.replace(/(\s*[^\d\s.,/½¼¾-]+|\s|.)$/u, '');
  if (key === '−') return typed.startsWith('-') ? typed.slice(1) : `-${typed}`;
  if ('½¼¾'.includes(key)) return /\d$/.test(typed) ? `${typed} ${key}` : typed + key;
  if (/^[^\d.,/: ]/.test(key)) return withUnit(typed, key);
  return typed + key;
}

/** The same figure with this unit written behind it; the same unit again takes it away. */
function withUnit(typed: string, unit: string): string {
  const bare = typed.replace(/\s*[^\d\s.,/½¼¾-]+\s*$/u, '');
  return typed.trim().endsWith(unit) && bare !== typed ? bare : `${bare} ${unit}`.trimStart();
}

/** Units that may be written instead of the field's own, by hand in the field. */
const ALSO: Record<string, string> = {
  mm: 'in',
  cm: 'in',
  m: 'ft',
  kPa: 'psi',
  '°C': '°F',
  ha: 'ac',
  l: 'gal',
  ml: 'l',
  s: 'min',
  min: 's',
  't/ha': 'ton/ac',
  'kg/ha': 'lb/ac',
};

export const otherUnit = (unit: string | null): string | null => ALSO[unit ?? ''] ?? null;
