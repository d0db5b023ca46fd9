import type { Method } from '../api/types';

type Steps = Pick<Method, 'id' | 'steps'>;

/** Hands-on minutes of one method at one spot. */
export function minutesOf(method: Steps): number {
  return method.steps.reduce((sum, step) => sum + step.handsOnS, 0) / 60;
}

/** Hands-on minutes of all at one spot: the block and the auger hole are shared, once however many tests use them. */
export function minutesTogether(methods: Steps[]): number {
  const once = new Map<string, number>();
  for (const method of methods) {
    for (const step of method.steps) {
      once.set(step.sharedAs ?? `${method.id} ${step.id}`, step.handsOnS);
    }
  }
  return [...once.values()].reduce((sum, seconds) => sum + seconds, 0) / 60;
}
