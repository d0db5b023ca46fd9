import type { Method, Sheet } from '../api/types';
import { inSentence } from '../ground/format';
import { stepOf } from './plan';

type Timed = Sheet['steps'][number];

/** One person at one spot without going elsewhere. */
export type Stay = { person: number; spot: string; startS: number; endS: number; steps: Timed[] };

/** Each person's stays, in the order they are made. */
export function staysOf(steps: Timed[]): Stay[] {
  const stays: Stay[] = [];
  const open = new Map<number, Stay>();
  for (const step of steps) {
    const here = open.get(step.person);
    if (here && here.spot === step.spot) {
      here.steps.push(step);
      here.endS = step.endS;
    } else {
      const stay = {
        person: step.person,
        spot: step.spot,
        startS: step.startS,
        endS: step.endS,
        steps: [step],
      };
      open.set(step.person, stay);
      stays.push(stay);
    }
  }
  return stays;
}

/** What stands and waits between two steps of a test at a spot, as long as nobody is at it. */
export function waitsOf(steps: Timed[]): { spot: string; fromS: number; toS: number }[] {
  const waits: { spot: string; fromS: number; toS: number }[] = [];
  const last = new Map<string, number>();
  for (const step of steps) {
    for (const method of step.methods) {
      const key = `${step.spot} ${method}`;
      const from = last.get(key);
      if (from !== undefined && step.startS > from && step.methods.length === 1) {
        waits.push({ spot: step.spot, fromS: from, toS: step.startS });
      }
      last.set(key, step.endS);
    }
  }
  return waits;
}

/** A wait with a later end is no window to be kept: it closes in no visit. */
const CLOSES_WITHIN_S = 6 * 3600;

/** When the next step of a test may begin, after each that is waited on with nobody beside it, as far as it closes that day. */
export function windowsOf(steps: Timed[], methods: Method[]): { spot: string; fromS: number; toS: number }[] {
  const windows: { spot: string; fromS: number; toS: number }[] = [];
  for (const step of steps) {
    for (const id of step.methods) {
      const wait = stepOf(
        methods.find((one) => one.id === id),
        step.step,
      )?.wait;
      const goesOn = steps.some(
        (one) =>
          one.spot === step.spot && one.methods.includes(id) && one.startS >= step.endS && one !== step,
      );
      if (!wait || wait.watched || wait.maxS > CLOSES_WITHIN_S || !goesOn) continue;
      windows.push({ spot: step.spot, fromS: step.endS + wait.minS, toS: step.endS + wait.maxS });
    }
  }
  return windows;
}

/** Round times for an axis over so many seconds: every 10 min to every 2 h. */
export function ticks(totalS: number, most: number): number[] {
  const every = [600, 900, 1800, 3600, 7200].find((one) => totalS / one <= most) ?? 14_400;
  const all: number[] = [];
  for (let at = 0; at <= totalS; at += every) all.push(at);
  return all;
}

/** What a step is called on a sheet: its test, or what several tests share. */
export function nameOf(step: Timed, methods: Method[]): string {
  const method = methods.find((one) => one.id === step.methods[0]);
  const shared = stepOf(method, step.step)?.sharedAs;
  return shared ? shared.replaceAll('-', ' ') : inSentence(method?.name ?? '');
}
