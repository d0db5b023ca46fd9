import type { Corner, LandField, Method, Planning, Spot, Step } from '../api/types';
import type { DayPlan } from './dayPlan';

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
