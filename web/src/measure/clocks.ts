import type { Clock, Method, Step } from '../api/types';

/** Where a clock stands at an instant, computed from when it began; nothing is counted on the way. */
export type Standing = {
  clock: Clock;
  step: Step | null;
  methodName: string;
  /** Seconds since it began. */
  ranS: number;
  /** Seconds to the earliest and to the latest next look; negative once past. */
  leftS: number;
  lateS: number;
  /** 0 to 1 of the wait. */
  share: number;
  state: 'waiting' | 'due' | 'late';
};

export function standing(clock: Clock, methods: Method[], now: number): Standing {
  const method = methods.find((one) => one.id === clock.method);
  const step = stepOf(method, clock.step);
  const ranS = (now - Date.parse(clock.beganAt)) / 1000;
  const minS = step?.wait?.minS ?? 0;
  const maxS = step?.wait?.maxS ?? minS;
  // A reading may come a little early: due is the middle of its window, not its first second.
  const dueS = step && !step.wait?.watched ? (minS + maxS) / 2 : minS;
  return {
    clock,
    step,
    methodName: method?.name ?? clock.method,
    ranS,
    leftS: dueS - ranS,
    lateS: maxS - ranS,
    share: dueS > 0 ? Math.max(0, Math.min(1, ranS / dueS)) : 1,
    state: ranS > maxS ? 'late' : ranS >= dueS ? 'due' : 'waiting',
  };
}

export function stepOf(method: Method | undefined, id: string): Step | null {
  for (const variant of method?.variants ?? []) {
    const step = variant.steps.find((one) => one.id === id);
    if (step) return step;
  }
  return null;
}

/** Soonest first. */
export function bySoonest(standings: Standing[]): Standing[] {
  return [...standings].sort((a, b) => a.leftS - b.leftS || a.clock.id.localeCompare(b.clock.id));
}

/** What the server said last: when, and which clocks it may not know of yet. */
export type Asked = { at: number; isWaiting: (clock: Clock) => boolean };

/** A clock just sent may be missing from an answer that was on its way. */
const ON_ITS_WAY_MS = 15_000;

/**
 * Those on this device and those on the server are one list; what was ended anywhere is ended: here, or on another device,
 * which shows as a clock the server knew and no longer counts among the running. `there` is null: not asked yet, no signal.
 */
export function merged(here: Clock[], there: Clock[] | null, asked: Asked): Clock[] {
  const byId = new Map((there ?? []).map((clock) => [clock.id, clock]));
  for (const clock of here) {
    const endedElsewhere =
      there !== null &&
      !byId.has(clock.id) &&
      !asked.isWaiting(clock) &&
      asked.at - Date.parse(clock.beganAt) > ON_ITS_WAY_MS;
    if (!endedElsewhere) byId.set(clock.id, clock);
  }
  return [...byId.values()].filter((clock) => clock.endedAt === null);
}
