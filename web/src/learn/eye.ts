import type { Practised } from '../api/types';
import { show } from '../ground/format';
import type { Values } from '../measure/draft';

/** What an eye says of a specimen, as a reading of its method. */
export type Seen = Values;

export const SPECIMENS = ['ground-cover', 'structure-spade', 'slaking'] as const;
export type SpecimenMethod = (typeof SPECIMENS)[number];

/** Where judging begins: nothing is taken for seen that nobody moved. */
export function startOf(method: SpecimenMethod): Seen {
  if (method === 'ground-cover') return coverOf(30, 10);
  if (method === 'slaking') return crumbsOf([0.5, 0.5, 0.5, 0.5, 0.5]);
  return layerOf(null, null);
}

/** Shares of the ground in whole percents; what is neither green nor straw is bare. */
export function coverOf(live: number, litter: number): Seen {
  const straw = Math.min(litter, 100 - live);
  return { live, litter: straw, stone: 0, bare: 100 - live - straw };
}

export function crumbsOf(fell: number[]): Seen {
  return {
    depthCm: 5,
    crumbState: 'air-dry',
    water: 'rain',
    crumbs: fell.map((share) => ({ fellAt: 'gentle', share })),
  };
}

export function fellOf(seen: Seen): number[] {
  return (seen.crumbs as { share: number }[]).map((crumb) => crumb.share);
}

type Layer = { shape: string | null; roots: string | null };

export function layerOf(shape: string | null, roots: string | null): Seen {
  return { layers: [{ topCm: 0, bottomCm: 25, shape, effort: 'firm', pores: 'some', roots }] };
}

export function layerIn(seen: Seen): Layer {
  return (seen.layers as Layer[])[0] ?? { shape: null, roots: null };
}

/** Whether all was judged that is asked for. */
export function isJudged(method: SpecimenMethod, seen: Seen): boolean {
  if (method !== 'structure-spade') return true;
  const { shape, roots } = layerIn(seen);
  return shape !== null && roots !== null;
}

/** What was seen, in a few words; `word` names a step of a judged scale. */
export function seenWords(
  method: SpecimenMethod,
  seen: Seen,
  word: (field: 'shape' | 'roots', step: string) => string,
): string {
  if (method === 'ground-cover') {
    return `${show(seen.live as number, 0)} % green, ${show(seen.litter as number, 0)} % straw`;
  }
  if (method === 'slaking') {
    return fellOf(seen)
      .map((share) => `${show(share * 100, 0)} %`)
      .join(', ');
  }
  const { shape, roots } = layerIn(seen);
  return `${shape ? word('shape', shape).toLowerCase() : '–'}, roots ${roots ? word('roots', roots).toLowerCase() : '–'}`;
}

/** How far off in the score, and which way. */
export function errorWords(error: number): string {
  const points = Math.abs(Math.round(error));
  if (points === 0) return 'the same score';
  return `${points} ${points === 1 ? 'point' : 'points'} too ${error > 0 ? 'kind' : 'harsh'}`;
}

/** What is known of an eye, and what follows from it. */
export function skillWords({ skill, toGo, usual }: Pick<Practised, 'skill' | 'toGo' | 'usual'>): string {
  if (!skill) {
    return `${toGo} more until your own figures count; until then the usual ones do: ${show(usual.spread, 0)} points from spot to spot, ${show(usual.biasBefore, 0)} from person to person.`;
  }
  const lean =
    Math.abs(skill.lean) < 1
      ? 'no lean either way'
      : `${show(Math.abs(skill.lean), 0)} too ${skill.lean > 0 ? 'kind' : 'harsh'} on the whole`;
  return `${show(skill.spread, 0)} points from one to the next, ${lean}. Comparisons of your visits go by this.`;
}
