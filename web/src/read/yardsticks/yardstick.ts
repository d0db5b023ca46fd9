import { bandOf } from '../../ground/Clod';

export type Knot = [number, number];

/** Between the knots straight, outside them flat. */
export function scoreAt(knots: Knot[], x: number): number {
  const first = knots[0] ?? [0, 0];
  if (x <= first[0]) return first[1];
  for (let i = 1; i < knots.length; i++) {
    const [x0, y0] = knots[i - 1] as Knot;
    const [x1, y1] = knots[i] as Knot;
    if (x <= x1) return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
  }
  return knots.at(-1)?.[1] ?? 0;
}

/** How many readings would stand in another band than before. */
export function wouldMove(before: Knot[], after: Knot[], xs: number[]): number {
  return xs.filter((x) => bandOf(scoreAt(before, x)) !== bandOf(scoreAt(after, x))).length;
}

/** A knot put elsewhere: not past its neighbours, its score within 0 to 100. */
export function put(knots: Knot[], at: number, x: number, score: number, hair: number): Knot[] {
  const low = (knots[at - 1]?.[0] ?? Number.NEGATIVE_INFINITY) + hair;
  const high = (knots[at + 1]?.[0] ?? Number.POSITIVE_INFINITY) - hair;
  const next: Knot = [Math.max(low, Math.min(high, x)), Math.max(0, Math.min(100, score))];
  return knots.map((one, i) => (i === at ? next : one));
}

/** One more knot in the middle of the widest gap, on the line as it is. */
export function oneMore(knots: Knot[]): Knot[] {
  let widest = 1;
  for (let i = 2; i < knots.length; i++) {
    if (gap(knots, i) > gap(knots, widest)) widest = i;
  }
  const x = ((knots[widest - 1]?.[0] ?? 0) + (knots[widest]?.[0] ?? 0)) / 2;
  return [...knots.slice(0, widest), [x, scoreAt(knots, x)], ...knots.slice(widest)];
}

function gap(knots: Knot[], at: number): number {
  return (knots[at]?.[0] ?? 0) - (knots[at - 1]?.[0] ?? 0);
}

/** A step of about a hundredth of the axis, to a round figure. */
export function stepOf(from: number, to: number): number {
  const rough = (to - from) / 100;
  const power = 10 ** Math.floor(Math.log10(rough || 1));
  return [1, 2, 5, 10].map((factor) => factor * power).find((step) => step >= rough * 0.999) ?? power;
}
