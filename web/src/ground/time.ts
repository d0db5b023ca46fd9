/**
 * The server's time on this device: its clock, moved by what it is off. It is measured at each opening and kept for one without a
 * signal; a server whose day is pinned (a demo on another date) moves the day and leaves the hour.
 */
const DAY_MS = 86_400_000;
/** A clock that is off by no more than an answer may be held up is right. */
const RIGHT_MS = 2000;
const KEPT = 'morphotera:clock';

let shiftMs = Number(globalThis.localStorage?.getItem(KEPT) ?? 0) || 0;

/** Takes the server's instant, which was said between these two of the device's. */
export function pinTo(serverInstant: string, askedMs = Date.now(), heardMs = askedMs): void {
  const off = Date.parse(serverInstant) - (askedMs + heardMs) / 2;
  const days = Math.round(off / DAY_MS) * DAY_MS;
  shiftMs = Math.abs(off - days) <= RIGHT_MS + (heardMs - askedMs) / 2 ? days : Math.round(off);
  globalThis.localStorage?.setItem(KEPT, String(shiftMs));
}

export function now(): number {
  return Date.now() + shiftMs;
}

export function nowIso(): string {
  return new Date(now()).toISOString();
}

const calendars = new Map<string | undefined, Intl.DateTimeFormat>();

/** The day it is in a zone, a field's own, or where the device is: 2031-05-14. */
export function today(timeZone?: string): string {
  let calendar = calendars.get(timeZone);
  if (!calendar) {
    // Sweden writes days as the data does.
    calendar = new Intl.DateTimeFormat('sv-SE', { timeZone });
    calendars.set(timeZone, calendar);
  }
  return calendar.format(now());
}
