import { newId } from '../../api/ids';
import type { Judgement, LandField, PlanStep, PriceList, Remedy } from '../../api/types';

/** Months counted from January of the year 0, as plans count them. */
export function monthNumber(word: string): number {
  return Number(word.slice(0, 4)) * 12 + Number(word.slice(5)) - 1;
}

export function monthWord(month: number): string {
  return `${String(Math.floor(month / 12)).padStart(4, '0')}-${String((month % 12) + 1).padStart(2, '0')}`;
}

export function shifted(word: string, by: number): string {
  return monthWord(monthNumber(word) + by);
}

/** What a board's rows are called, and what stands in each, in the order in which ground is mended. */
const ROWS: [string, string[]][] = [
  ['ask first', ['sampling-laboratory', 'leave-it']],
  ['water', ['drains', 'rain-garden', 'raised-bed', 'contour', 'irrigation']],
  ['salt and sodium', ['leaching', 'gypsum', 'straw-in-salt', 'tolerant-crop']],
  ['lime and acid', ['lime', 'sulphur']],
  ['structure', ['compaction', 'controlled-traffic', 'aeration', 'grazing-rest', 'less-tillage']],
  ['cover and roots', ['cover-crop', 'legume', 'crop-order', 'mowing-height']],
];
const FOOD = 'food for life';

export function rowOf(remedy: string): string {
  return ROWS.find(([, all]) => all.includes(remedy))?.[0] ?? FOOD;
}

export type Lane = { row: string; steps: PlanStep[] };

/** Months of the board that a sign of a bar's words takes, on a narrow one. */
const MONTHS_A_SIGN = 0.36;

/** Steps by row, in lanes in which none lies over another, nor over the words behind its bar. */
export function lanes(steps: PlanStep[], words: (step: PlanStep) => string = () => ''): Lane[] {
  const names = [...ROWS.map(([name]) => name), FOOD];
  return names.flatMap((row) => {
    const open: Lane[] = [];
    for (const step of steps
      .filter((one) => rowOf(one.remedy) === row)
      .sort((a, b) => a.from.localeCompare(b.from))) {
      const lane = open.find((one) => {
        const last = one.steps.at(-1);
        if (!last) return true;
        const end = monthNumber(last.to) + 1 + words(last).length * MONTHS_A_SIGN;
        return end <= monthNumber(step.from);
      });
      if (lane) lane.steps.push(step);
      else open.push({ row: open.length === 0 ? row : '', steps: [step] });
    }
    return open;
  });
}

/** Half years from the first step on, three years at least: their first month and their name. */
export function seasons(steps: PlanStep[], now: string): { from: number; to: number; starts: number[] } {
  const froms = steps.map((one) => monthNumber(one.from));
  const tos = steps.map((one) => monthNumber(one.lookAgain ?? one.to));
  const first = Math.min(monthNumber(now), ...froms);
  // A half year begins in March or in September.
  const from = first - ((((first - 2) % 6) + 6) % 6);
  const last = Math.max(from + 35, ...tos);
  const to = last + (6 - ((last - from) % 6));
  return { from, to, starts: Array.from({ length: (to - from) / 6 }, (_, i) => from + i * 6) };
}

/** In which half of the world a field lies: its months are half a year later in the south. */
export function isSouth(field: Pick<LandField, 'outline'>): boolean {
  return (field.outline[0]?.lat ?? 0) < 0;
}

export function seasonName(month: number, south: boolean): string {
  const spring = (month % 12 === 2) !== south;
  return `${spring ? 'spring' : 'autumn'} ${String(Math.floor(month / 12)).slice(2)}`;
}

/** What it costs for a field, by what the price is for; null where that is not told by an amount. */
export function costOf(
  price: PriceList['prices'][number] | undefined,
  areaHa: number,
  amount: number | null,
  unit: string | null,
): number | null {
  if (!price) return null;
  if (price.per.startsWith('hectare')) return round(price.amount * areaHa);
  if (price.per.startsWith('tonne')) {
    const tonnes = unit === 't' ? amount : unit === 'kg' ? (amount ?? 0) / 1000 : null;
    return tonnes === null ? null : round(price.amount * tonnes);
  }
  return price.per.startsWith('sample') || price.per.startsWith('field') ? price.amount : null;
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}

/** An amount for the field of one for each hectare. */
export function forField(
  value: number,
  unit: string,
  areaHa: number,
): { amount: number; unit: string } | null {
  if (!unit.endsWith('/ha')) return null;
  return { amount: Math.round(value * areaHa * 10) / 10, unit: unit.slice(0, -3) };
}

type Called = { step: Judgement['plan'][number]; remedy: Remedy; zone: string };

/** A step as the judgement calls for it, for a person to agree or change. */
export function stepFor({ step, remedy, zone }: Called, cost: number | null): PlanStep {
  const to = step.to ?? step.from ?? '';
  return {
    id: newId(),
    remedy: remedy.id,
    zone,
    from: step.from ?? to,
    to,
    inputs: {},
    amount: null,
    unit: null,
    cost,
    decidedBy: remedy.id === 'drains' ? 'licensed-design' : remedy.decides ? 'authority' : 'grower',
    watch: remedy.watch,
    lookAgain: shifted(to, 12),
    state: 'proposed',
    why: null,
  };
}

type Taken = {
  remedy: Remedy;
  sum: { inputs: Record<string, unknown>; perHa: { value: number; unit: string } | null };
  zone: string;
  areaHa: number;
  called: Judgement['plan'][number] | undefined;
  price: PriceList['prices'][number] | undefined;
  now: string;
};

/** A sum taken into the plan: into the step that waits for its amount, or as a new one. */
export function withSum(steps: PlanStep[], taken: Taken): PlanStep[] {
  const { remedy, sum, zone, areaHa, called, price, now } = taken;
  const all = sum.perHa ? forField(sum.perHa.value, sum.perHa.unit, areaHa) : null;
  const figures = {
    inputs: sum.inputs as PlanStep['inputs'],
    amount: all?.amount ?? null,
    unit: all?.unit ?? null,
    cost: costOf(price, areaHa, all?.amount ?? null, all?.unit ?? null),
  };
  const open = steps.find(
    (one) => one.remedy === remedy.id && one.zone === zone && one.state !== 'done' && one.state !== 'dropped',
  );
  if (open) return steps.map((one) => (one.id === open.id ? { ...one, ...figures } : one));
  const step = called ?? { remedy: remedy.id, from: now, to: now };
  return [
    ...steps,
    { ...stepFor({ step: step as Taken['called'] & object, remedy, zone }, null), ...figures },
  ];
}

/** A step in other months, as long as before; what is read after it moves along. */
export function moved(step: PlanStep, by: number): PlanStep {
  return {
    ...step,
    from: shifted(step.from, by),
    to: shifted(step.to, by),
    lookAgain: step.lookAgain && shifted(step.lookAgain, by),
  };
}

/** Steps that the rules put after this one, and those after them: what a move may take along. */
export function after(step: PlanStep, steps: PlanStep[], called: Judgement['plan']): PlanStep[] {
  const found = new Set<string>();
  const look = (remedy: string) => {
    for (const one of called) {
      if (!found.has(one.remedy) && one.after.some((first) => first.remedy === remedy)) {
        found.add(one.remedy);
        look(one.remedy);
      }
    }
  };
  look(step.remedy);
  return steps.filter(
    (one) => one.zone === step.zone && one.id !== step.id && one.state !== 'done' && found.has(one.remedy),
  );
}
