import type { Method, Step } from '../api/types';
import type { DayPlan } from './dayPlan';
import { type AskedNow, type AskedSheet, variantOf } from './plan';

/** Somebody who is on the visit, and whether it is who looks at the sheet. */
export type Who = 'me' | string;

/** What was ended on the bench, by spot and method: step by step, or all of it where its reading stands. */
export type Ended = {
  spot: string;
  method: string;
  at: number;
  steps: Record<string, number> | 'all';
  /** Null where nobody can tell. */
  by: Who | null;
};

/** A step in hand for longer than this, or than twice what it takes, was left. */
const LEFT_S = 600;

/**
 * How far a visit is, in seconds since it began: what is done, where each stands, what is in hand. A step that came before an
 * ended one has ended with it at the latest; what is shared at a spot is told once.
 *
 * @param standing where the others said last that they stand, by person
 */
export function progress(
  asked: AskedSheet,
  methods: Method[],
  plan: DayPlan,
  ended: Ended[],
  standing: { personId: string; spotId: string }[],
  beganMs: number,
  nowMs: number,
): AskedNow {
  const atS = Math.max(0, Math.floor((nowMs - beganMs) / 1000));
  const second = (ms: number) => Math.min(atS, Math.max(0, Math.floor((ms - beganMs) / 1000)));
  const done: AskedNow['done'] = [];
  const shared = new Map<string, { spot: string; step: string; method: string; endS: number }>();
  const known: Ended[] = [];
  for (const test of asked.tests) {
    const of = ended.find((one) => one.spot === test.spot && one.method === test.method);
    const method = methods.find((one) => one.id === test.method);
    if (!of || !method) continue;
    known.push(of);
    let end: number | null = null;
    for (const step of [...fieldSteps(method, plan)].reverse()) {
      const own = of.steps === 'all' ? of.at : of.steps[step.id];
      const at = own === undefined ? null : second(own);
      end = at === null ? end : end === null ? at : Math.min(end, at);
      if (end === null) continue;
      if (step.sharedAs === null) {
        done.unshift({ spot: test.spot, method: test.method, step: step.id, endS: end });
      } else if (step.sharedAs !== 'put-back') {
        // Whoever shares it has it; it ended before the first of them went on.
        const key = `${test.spot} ${step.id}`;
        const before = shared.get(key);
        if (!before || end < before.endS) {
          shared.set(key, { spot: test.spot, step: step.id, method: test.method, endS: end });
        }
      }
    }
  }
  for (const { spot, method, step, endS } of shared.values()) done.unshift({ spot, method, step, endS });
  const mine = newest(known.filter((one) => one.by === 'me' || one.by === null));
  const inHand = mine && stepInHand(mine, methods, plan, atS, second);
  return {
    atS,
    people: [
      { person: 0, spot: mine?.spot ?? null },
      ...others(known, standing, asked).slice(0, asked.people - 1),
    ],
    done,
    running: mine && inHand ? [{ person: 0, spot: mine.spot, method: mine.method, ...inHand }] : [],
  };
}

function fieldSteps(method: Method, plan: DayPlan): Step[] {
  return (variantOf(method, plan)?.steps ?? []).filter((step) => step.when === 'field');
}

function newest(of: Ended[]): Ended | undefined {
  return [...of].sort((a, b) => b.at - a.at)[0];
}

/** The others in the order of their ids: where they said they stand, else where they counted last. */
function others(
  known: Ended[],
  standing: { personId: string; spotId: string }[],
  asked: AskedSheet,
): AskedNow['people'] {
  const ids = [
    ...standing.map((one) => one.personId),
    ...known.flatMap((one) => (one.by === null || one.by === 'me' ? [] : [one.by])),
  ];
  return [...new Set(ids)].sort().map((id, i) => {
    const said = standing.find((one) => one.personId === id)?.spotId;
    const spot = said ?? newest(known.filter((one) => one.by === id))?.spot ?? null;
    // A spot where nothing is asked is not on the sheet.
    return { person: i + 1, spot: asked.spots.some((one) => one.id === spot) ? spot : null };
  });
}

/** The step after the one that ended last, where nothing is waited for between them and nobody left it since. */
function stepInHand(
  of: Ended,
  methods: Method[],
  plan: DayPlan,
  atS: number,
  second: (ms: number) => number,
): { step: string; startS: number } | null {
  const method = methods.find((one) => one.id === of.method);
  if (!method || of.steps === 'all') return null;
  const steps = fieldSteps(method, plan);
  let last = -1;
  for (const [i, step] of steps.entries()) if (of.steps[step.id] !== undefined) last = i;
  const [before, next] = [steps[last], steps[last + 1]];
  if (!before || !next || before.wait !== null || next.sharedAs !== null || next.minPeople > 1) return null;
  const startS = second(of.steps[before.id] ?? of.at);
  return atS - startS <= Math.max(LEFT_S, 2 * next.handsOnS) ? { step: next.id, startS } : null;
}
