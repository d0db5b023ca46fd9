import type { Method, PriceList } from '../api/types';
import type { DayPlan } from './dayPlan';
import { type AskedTest, variantOf } from './plan';

/** A laboratory's bill is priced with the sum that designs what it is asked for. */
const PRICED_AS: Record<string, string> = { laboratory: 'sampling-laboratory' };

/** Hands-on minutes of one method at one spot, in the way it is meant to be done. */
export function minutesOf(method: Method, plan: DayPlan): number {
  return (variantOf(method, plan)?.steps ?? []).reduce((sum, step) => sum + step.handsOnS, 0) / 60;
}

/**
 * Hands-on minutes of all tests where they are done: the block and the auger hole once at each spot, however many tests share
 * them; the day before and at home apart.
 */
export function minutesTogether(
  tests: AskedTest[],
  methods: Method[],
  plan: DayPlan,
): { field: number; home: number } {
  const field = new Map<string, number>();
  const home = new Map<string, number>();
  for (const test of tests) {
    const method = methods.find((one) => one.id === test.method);
    for (const step of (method && variantOf(method, plan)?.steps) ?? []) {
      const people = Math.max(1, step.minPeople);
      const at = `${test.spot} ${step.sharedAs ?? `${test.method} ${step.id}`}`;
      (step.when === 'field' ? field : home).set(at, step.handsOnS * people);
    }
  }
  const sum = (of: Map<string, number>) => [...of.values()].reduce((all, seconds) => all + seconds, 0) / 60;
  return { field: sum(field), home: sum(home) };
}

/** What one test uses up, in the practice's money; null where it uses up nothing that is priced. */
export function priceOf(method: string, prices: PriceList | undefined): number | null {
  const of = PRICED_AS[method] ?? method;
  return prices?.prices.find((one) => one.remedy === of)?.amount ?? null;
}

/** What all tests use up. */
export function costOfTests(tests: AskedTest[], prices: PriceList | undefined): number {
  return tests.reduce((sum, test) => sum + (priceOf(test.method, prices) ?? 0), 0);
}
