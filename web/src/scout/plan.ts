import type { Corner, LandField, Method, Planning, Spot, Step, Visit } from '../api/types';

/** How the day of a visit is meant: what is not said goes the usual way. */
export type DayPlan = {
  people: number;
  startsAt: string;
  variants: Record<string, string>;
  where: Record<string, string>;
  leftOut: { spot: string; method: string }[];
  /** What was due again and is read by this visit. */
  retest: { zone: string; why: string; nth: number } | null;
};

export type AskedTest = { spot: string; method: string; variant: string | null };
export type AskedSheet = {
  people: number;
  textureGroup: string | null;
  gate: Corner | null;
  spots: { id: string; lat: number; lon: number }[];
  tests: AskedTest[];
  walkMPerS: null;
  setDownS: null;
  now: AskedNow | null;
};
export type AskedNow = {
  atS: number;
  people: { person: number; spot: string | null }[];
  done: { spot: string; method: string; step: string; endS: number }[];
  running: { person: number; spot: string; method: string; step: string; startS: number }[];
};

export const NO_PLAN: DayPlan = {
  people: 1,
  startsAt: '09:00',
  variants: {},
  where: {},
  leftOut: [],
  retest: null,
};

export function planOf(visit: Visit | null): DayPlan {
  const kept = visit?.plan;
  return {
    people: kept?.people ?? NO_PLAN.people,
    startsAt: kept?.startsAt ?? NO_PLAN.startsAt,
    variants: kept?.variants ?? {},
    where: kept?.where ?? {},
    leftOut: kept?.leftOut ?? [],
    retest: kept?.retest ?? null,
  };
}

export function livingSpots(field: LandField): Spot[] {
  return field.spots.filter((spot) => spot.retiredOn === null);
}

/** Where people come in; the first corner until somebody says so. */
export function gateOf(field: LandField): Corner | null {
  return field.gate ?? field.outline[0] ?? null;
}

export function variantOf(method: Method, plan: DayPlan): Method['variants'][number] | undefined {
  return method.variants.find((one) => one.id === plan.variants[method.id]) ?? method.variants[0];
}

/** Whether a way of doing it takes two at every step. */
export function takesTwo(method: Method, plan: DayPlan): boolean {
  return variantOf(method, plan)?.steps.some((step) => step.minPeople > 1) ?? false;
}

/** Each chosen test at each spot where it is done. */
export function testsOf(field: LandField, chosen: Method[], plan: DayPlan): AskedTest[] {
  const spots = livingSpots(field);
  const reference = new Set(field.zones.filter((zone) => zone.kind === 'reference').map((zone) => zone.id));
  const inField = spots.filter((spot) => !reference.has(spot.zoneId));
  const left = new Set(plan.leftOut.map((one) => `${one.spot} ${one.method}`));
  return chosen.flatMap((method) => {
    if (plan.people === 1 && takesTwo(method, plan)) return [];
    const where = plan.where[method.id] ?? 'every-spot';
    const at =
      where === 'once' || where === 'mixed'
        ? (inField.length > 0 ? inField : spots).slice(0, 1)
        : where === 'reference'
          ? spots.filter((spot) => reference.has(spot.zoneId))
          : spots;
    return at
      .filter((spot) => !left.has(`${spot.id} ${method.id}`))
      .map((spot) => ({ spot: spot.id, method: method.id, variant: plan.variants[method.id] ?? null }));
  });
}

/** What is asked for a sheet; null where there is nothing to plan. */
export function askedSheet(
  field: LandField,
  planning: Pick<Planning, 'textureGroups'>,
  chosen: Method[],
  plan: DayPlan,
  now: AskedNow | null,
): AskedSheet | null {
  const tests = testsOf(field, chosen, plan);
  if (tests.length === 0) return null;
  const used = new Set(tests.map((test) => test.spot));
  return {
    people: plan.people,
    textureGroup: field.texture ? (planning.textureGroups[field.texture] ?? null) : null,
    gate: gateOf(field),
    spots: livingSpots(field)
      .filter((spot) => used.has(spot.id))
      .map((spot) => ({ id: spot.id, lat: spot.lat, lon: spot.lon })),
    tests,
    walkMPerS: null,
    setDownS: null,
    now,
  };
}

/** What was ended on the bench, by spot and method: step by step, or all of it where its reading stands. */
export type Ended = { spot: string; method: string; at: number; steps: Record<string, number> | 'all' };

/**
 * How far a visit is, in seconds since it began. A step that came before an ended one has ended with it at the latest; what is
 * shared at a spot is told once.
 */
export function progress(
  asked: AskedSheet,
  methods: Method[],
  plan: DayPlan,
  ended: Ended[],
  beganMs: number,
  nowMs: number,
): AskedNow {
  const atS = Math.max(0, Math.floor((nowMs - beganMs) / 1000));
  const second = (ms: number) => Math.min(atS, Math.max(0, Math.floor((ms - beganMs) / 1000)));
  const done: AskedNow['done'] = [];
  const shared = new Map<string, number>();
  const latest: { spot: string; at: number }[] = [];
  for (const test of asked.tests) {
    const of = ended.find((one) => one.spot === test.spot && one.method === test.method);
    const method = methods.find((one) => one.id === test.method);
    if (!of || !method) continue;
    latest.push({ spot: test.spot, at: of.at });
    const steps = (variantOf(method, plan)?.steps ?? []).filter((step) => step.when === 'field');
    let end: number | null = null;
    for (const step of [...steps].reverse()) {
      const own = of.steps === 'all' ? second(of.at) : of.steps[step.id];
      const at = of.steps === 'all' ? second(of.at) : own === undefined ? null : second(own);
      end = at === null ? end : end === null ? at : Math.min(end, at);
      if (end === null) continue;
      if (step.sharedAs === null) {
        done.unshift({ spot: test.spot, method: test.method, step: step.id, endS: end });
      } else if (step.sharedAs !== 'put-back') {
        const key = `${test.spot} ${step.id} ${test.method}`;
        shared.set(key, end);
      }
    }
  }
  // Whoever shares it has it; it ended before the first of them went on.
  const told = new Map<string, { method: string; endS: number }>();
  for (const [key, endS] of shared) {
    const [spot, step, method] = key.split(' ') as [string, string, string];
    const known = told.get(`${spot} ${step}`);
    if (!known || endS < known.endS) told.set(`${spot} ${step}`, { method, endS });
  }
  for (const [key, { method, endS }] of told) {
    const [spot, step] = key.split(' ') as [string, string];
    done.unshift({ spot, method, step, endS });
  }
  const last = latest.sort((a, b) => b.at - a.at)[0];
  return { atS, people: [{ person: 0, spot: last?.spot ?? null }], done, running: [] };
}

/** A time on the clock, so many seconds after the start. */
export function clockAt(startsAt: string, seconds: number): string {
  const [hours = 9, minutes = 0] = startsAt.split(':').map(Number);
  const all = hours * 60 + minutes + Math.floor(seconds / 60 + 1e-9);
  return `${Math.floor(all / 60) % 24}:${String(all % 60).padStart(2, '0')}`;
}

/** "2 h 38", "46 min", "20 s". */
export function hours(seconds: number): string {
  if (seconds < 60) return `${Math.round(seconds)} s`;
  const minutes = Math.round(seconds / 60);
  if (minutes < 60) return `${minutes} min`;
  return `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
}

export function stepOf(method: Method | undefined, id: string): Step | undefined {
  return method?.variants.flatMap((variant) => variant.steps).find((step) => step.id === id);
}
