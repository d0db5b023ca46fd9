import { fromMine, inMine, myUnit } from './myUnits';

/** From values to pixels along a straight line; the only way a drawing of data finds its places. */
export type Scale = {
  (value: number): number;
  domain: [number, number];
  range: [number, number];
  ticks: number[];
  /** What stands at a tick, in the unit of who looks at it. */
  says: (tick: number) => string;
};

/** @param unit of its values, where they have one: its ticks are round in the unit of who looks at it */
export function scale(
  domain: [number, number],
  range: [number, number],
  step?: number,
  unit: string | null = null,
): Scale {
  const [from, to] = domain;
  const [start, end] = range;
  const place = (value: number) =>
    to === from ? start : start + ((value - from) / (to - from)) * (end - start);
  if (unit === null || myUnit(unit) === unit) {
    return Object.assign(place, {
      domain,
      range,
      ticks: ticks(from, to, step ?? niceStep(to - from)),
      says: String,
    });
  }
  const [first, last] = [inMine(from, unit), inMine(to, unit)];
  return Object.assign(place, {
    domain,
    range,
    ticks: ticks(first, last, niceStep(last - first)).map((tick) => fromMine(tick, unit)),
    says: (tick: number) => String(Number(inMine(tick, unit).toPrecision(6))),
  });
}

/** Depth goes downward, from the surface to a ten beyond the deepest thing, 30 cm at the least. */
export function depthScale(deepestCm: number, heightPx: number, topPx: number): Scale {
  const deepest = Math.max(30, Math.ceil(deepestCm / 10) * 10);
  return scale([0, deepest], [topPx, topPx + heightPx], 10, 'cm');
}

export function niceStep(span: number): number {
  const rough = span / 5;
  const power = 10 ** Math.floor(Math.log10(rough || 1));
  return [1, 2, 5, 10].map((factor) => factor * power).find((step) => step >= rough) ?? rough;
}

function ticks(from: number, to: number, step: number): number[] {
  const list: number[] = [];
  for (let i = Math.ceil(from / step - 1e-9); i * step <= to + 1e-9; i++) {
    list.push(Number((i * step).toPrecision(12)));
  }
  return list;
}

/** Years and months along a line, from instants. */
export function timeScale(days: Date[], range: [number, number]): Scale {
  const first = Math.min(...days.map(Number));
  const last = Math.max(...days.map(Number));
  const pad = Math.max((last - first) * 0.06, 30 * 86_400_000);
  return scale([first - pad, last + pad], range);
}
