import { nameOf } from '../api/methodNames';
import type { Method, TrendView } from '../api/types';
import { show } from '../ground/format';
import { inMine, myUnit, sayMine } from '../ground/myUnits';
import { niceStep } from '../ground/scale';

/** A line through the visits: a zone's mean, or one spot. */
export type Line = { id: string; points: { day: string; value: number }[] };

/** What is drawn on one scale: a method's score, or a quantity in its unit. */
export type TrendRow = {
  id: string;
  name: string;
  /** What the figures are: their unit, depth and basis, a line each. */
  said: string[];
  ends: [number, number];
  /** Where its scale would end for other figures of it. */
  endsFor: (values: number[]) => [number, number];
  means: Line[];
  spots: Line[];
};

/** Letters that find room beside the drawing. */
const LETTERS = 21;

export function scoreRows(view: TrendView, methods: Method[], zone: string): TrendRow[] {
  const ids = [
    ...new Set(view.visits.flatMap((visit) => visit.scores.methods.map((method) => method.method))),
  ];
  return ids.map((id) => {
    const read = view.visits.flatMap((visit) =>
      visit.scores.methods.filter((one) => one.method === id).map((score) => ({ day: visit.day, score })),
    );
    const spots = read.flatMap(({ day, score }) =>
      score.spots.map((one) => ({ id: one.spot, day, value: one.score })),
    );
    return {
      id,
      name: nameOf(methods, id),
      said: ['score'],
      ends: endsOfScores(spots.map((one) => one.value)),
      endsFor: endsOfScores,
      means: [{ id: zone, points: read.map(({ day, score }) => ({ day, value: score.mean })) }],
      spots: lines(spots),
    };
  });
}

/** Quantities in the unit of who looks at them. */
export function valueRows(view: TrendView, zone: string): TrendRow[] {
  const dayOf = (visitId: string) => view.visits.find((visit) => visit.visitId === visitId)?.day ?? '';
  return view.values.map((one) => {
    const mine = (value: number) => inMine(value, one.unit);
    const spots = one.visits.flatMap((visit) =>
      visit.spots.map((spot) => ({ id: spot.spot, day: dayOf(visit.visit), value: mine(spot.number) })),
    );
    const means = one.visits.map((visit) => ({ day: dayOf(visit.visit), value: mine(visit.mean) }));
    const endsFor = (values: number[]) => endsOf(values, one.unit === '%' ? 100 : Number.POSITIVE_INFINITY);
    const said = [
      one.label,
      one.unit === 'pH' ? null : myUnit(one.unit),
      one.depthCm === null ? null : sayMine(`at ${show(one.depthCm, 1)} cm`),
      one.how !== null && one.label.includes(one.how) ? null : one.how,
    ].filter(Boolean);
    return {
      id: [one.method, one.key, one.depthCm, one.how].join(' '),
      name: one.methodName,
      said: wrapped(said.join(', ')),
      ends: endsFor([...spots, ...means].map((point) => point.value)),
      endsFor,
      means: [{ id: zone, points: means }],
      spots: lines(spots),
    };
  });
}

/** The means of several zones on one scale; the first is the one that is looked at. */
export function together(zones: TrendRow[][]): TrendRow[] {
  const ids = [...new Set(zones.flat().map((row) => row.id))];
  return ids.flatMap((id) => {
    const rows = zones.flatMap((all) => all.filter((row) => row.id === id));
    const first = rows[0];
    if (!first) return [];
    const values = rows.flatMap((row) => row.means.flatMap((line) => line.points.map((at) => at.value)));
    return [
      {
        ...first,
        ends: first.endsFor(values),
        means: rows.flatMap((row) => row.means),
        spots: [],
      },
    ];
  });
}

/** The part of 0 to 100 where the spots lie, to the next ten: a flat line says little about them. */
function endsOfScores(all: number[]): [number, number] {
  const low = Math.max(0, Math.min(80, Math.floor((Math.min(...all) - 4) / 10) * 10));
  return [low, Math.min(100, Math.max(low + 20, Math.ceil((Math.max(...all) + 4) / 10) * 10))];
}

/** Round figures a little beyond the lowest and the highest; not below nothing where none is, nor beyond what there can be. */
export function endsOf(all: number[], most: number): [number, number] {
  const lowest = Math.min(...all);
  const highest = Math.max(...all);
  const span = highest - lowest || Math.abs(highest) * 0.4 || 1;
  const step = niceStep(span);
  const down = Math.floor((lowest - span * 0.1) / step) * step;
  const up = Math.ceil((highest + span * 0.1) / step) * step;
  return [tidy(lowest >= 0 ? Math.max(0, down) : down), tidy(highest <= most ? Math.min(most, up) : up)];
}

/** Without the crumbs of reckoning in twos. */
function tidy(value: number): number {
  return Number(value.toPrecision(6));
}

function lines(points: { id: string; day: string; value: number }[]): Line[] {
  const ids = [...new Set(points.map((point) => point.id))];
  return ids.map((id) => ({
    id,
    points: points.filter((point) => point.id === id).map(({ day, value }) => ({ day, value })),
  }));
}

function wrapped(text: string): string[] {
  const all: string[] = [];
  for (const word of text.split(' ')) {
    const longer = `${all.at(-1)} ${word}`;
    if (all.length > 0 && longer.length <= LETTERS) all[all.length - 1] = longer;
    else all.push(word);
  }
  return all;
}
