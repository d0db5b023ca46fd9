const DAY = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
});
const LONG_DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
});
const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'short', year: 'numeric', timeZone: 'UTC' });

/** At most that many decimals, no trailing zeros, a true minus; nothing measured is a dash. */
export function show(value: number | null | undefined, places = 1): string {
  if (value === null || value === undefined) return '–';
  const factor = 10 ** places;
  // A hair above a half is the half it stands for.
  const rounded = Math.floor(Math.abs(value) * factor + 0.5 + 1e-9) / factor;
  return `${value < 0 && rounded !== 0 ? '−' : ''}${rounded}`;
}

/** With its sign, for a difference. */
export function signed(value: number, places = 1): string {
  const text = show(value, places);
  return value > 0 && text !== '0' ? `+${text}` : text;
}

/** A day as it stands in the data: 2031-05-14. */
export function day(iso: string): string {
  return DAY.format(new Date(`${iso}T00:00:00Z`));
}

export function month(iso: string): string {
  return MONTH.format(new Date(`${iso}T00:00:00Z`));
}

export function longDay(date: Date): string {
  return LONG_DAY.format(date);
}

/** Seconds as a clock shows them: 6:12, or 1:04:09. */
export function clockText(seconds: number): string {
  const whole = Math.floor(Math.abs(seconds) + 1e-9);
  const two = (part: number) => String(part).padStart(2, '0');
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor(whole / 60) % 60;
  return hours > 0 ? `${hours}:${two(minutes)}:${two(whole % 60)}` : `${minutes}:${two(whole % 60)}`;
}

const HOUR = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** The time of day of an instant, here: 09:40. */
export function hour(instant: string): string {
  return HOUR.format(new Date(instant));
}

/** A wait in words for a person: "1 min", "30 min", "4 h". */
export function waitText(seconds: number): string {
  if (seconds < 90) return `${Math.round(seconds)} s`;
  if (seconds < 5400) return `${Math.round(seconds / 60)} min`;
  if (seconds < 172_800) return `${show(seconds / 3600, 0)} h`;
  return `${show(seconds / 86_400, 0)} days`;
}

/** A name inside a sentence: "Cone" becomes "cone", "pH by depth" stays. */
export function inSentence(name: string): string {
  return /^[A-Z][a-z ]/.test(name) ? name.charAt(0).toLowerCase() + name.slice(1) : name;
}

/** A number and its unit are not parted at the end of a line. */
export function keepUnits(text: string): string {
  return text.replace(/(\d) (cm|mm|kPa|mm\/h|t\/ha|%)/g, '$1\u00a0$2');
}

/** "3 days after rain". */
export function afterRain(days: number): string {
  return `${show(days, 0)} ${Math.round(days) === 1 ? 'day' : 'days'} after rain`;
}
