/**
 * The time of this device, moved by whole days where the server's day is pinned elsewhere (a demo on another date). Hours,
 * minutes and seconds are always the device's own.
 */
const DAY_MS = 86_400_000;
let shiftMs = 0;

/** Takes the server's instant; a clock that is minutes off is no other day. */
export function pinTo(serverInstant: string, deviceMs = Date.now()): void {
  shiftMs = Math.round((Date.parse(serverInstant) - deviceMs) / DAY_MS) * DAY_MS;
}

export function now(): number {
  return Date.now() + shiftMs;
}

export function nowIso(): string {
  return new Date(now()).toISOString();
}
