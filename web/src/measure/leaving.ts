import type { Clock, FieldScores, Judgement, Method, Reading, WholeVisit } from '../api/types';
import { show } from '../ground/format';
import { contested, standing } from './cell';
import { type Place, placeOf } from './place';

/** Something to settle while one still stands on the field; `at` is its cell, where it has one. */
export type Item = { text: string; at: { place: string; method: string } | null };

type Known = {
  whole: WholeVisit;
  methods: Method[];
  places: Place[];
  /** Cells whose reading waits on this device. */
  pending: { spotId?: string | null; sampleId?: string | null; method: string }[];
  clocks: Clock[];
  begun: (place: string, method: string) => boolean;
  scores: FieldScores | undefined;
  judgement: Judgement | undefined;
};

/** One list of what is odd, flagged, contradictory, missing or still waiting, the gravest first. */
export function beforeLeaving(known: Known): Item[] {
  return [
    ...contradictory(known),
    ...odd(known),
    ...flagged(known),
    ...waiting(known),
    ...samples(known),
    ...missing(known),
  ];
}

const cellOf = (one: Reading) => ({ place: placeOf(one), method: one.method });

function nameOf({ methods }: Known, id: string): string {
  return methods.find((one) => one.id === id)?.name ?? id;
}

function labelOf({ places }: Known, id: string): string {
  const place = places.find((one) => one.id === id);
  return place ? `${place.sample ? 'sample' : 'spot'} ${place.label}` : 'a spot';
}

function contradictory(known: Known): Item[] {
  const { whole, judgement } = known;
  const two = contested(whole.readings).map((all) => {
    const first = all[0] as Reading;
    return {
      text: `${nameOf(known, first.method)}, ${labelOf(known, placeOf(first))}: two readings of one cell. Say which holds.`,
      at: cellOf(first),
    };
  });
  const questions = (judgement?.questions ?? []).map((one) => {
    const about = whole.readings.find((reading) => one.readings.includes(reading.id));
    return { text: one.text, at: about ? cellOf(about) : null };
  });
  return [...two, ...questions];
}

function odd(known: Known): Item[] {
  return (known.scores?.methods ?? []).flatMap((row) =>
    row.odd.map((place) => {
      const score = row.spots.find((one) => one.spot === place)?.score ?? null;
      return {
        text: `${nameOf(known, row.method)}, ${labelOf(known, place)}: ${show(score, 0)} is unlike the others, whose mean is ${show(row.mean, 0)}. Read it again?`,
        at: { place, method: row.method },
      };
    }),
  );
}

function flagged(known: Known): Item[] {
  return standing(known.whole.readings)
    .filter((one) => one.evaluation.flags.some((flag) => flag.level === 'warning'))
    .map((one) => ({
      text: `${nameOf(known, one.method)}, ${labelOf(known, placeOf(one))}: ${one.evaluation.flags.find((flag) => flag.level === 'warning')?.text ?? ''}`,
      at: cellOf(one),
    }));
}

function waiting(known: Known): Item[] {
  return known.clocks.map((clock) => ({
    text: `${nameOf(known, clock.method)}, ${clock.sampleId ? 'sample' : 'spot'} ${clock.spotLabel}: a clock still runs.`,
    at: { place: placeOf(clock), method: clock.method },
  }));
}

function samples({ whole }: Known): Item[] {
  return whole.field.samples
    .filter((one) => one.visitId === whole.visit.id && one.cooledAt === null && one.handedOverAt === null)
    .map((one) => ({ text: `Sample ${one.label} is not in the cool box yet.`, at: null }));
}

/** Cells with nothing in them, by method: a line each, however many spots. */
function missing(known: Known): Item[] {
  const { whole, methods, places, pending, begun } = known;
  const done = new Set(
    [...standing(whole.readings), ...pending].map((one) => `${placeOf(one)} ${one.method}`),
  );
  return methods
    .filter((method) => whole.visit.methods.includes(method.id))
    .flatMap((method) => {
      const open = places.filter((one) => !one.sample && !done.has(`${one.id} ${method.id}`));
      const first = open[0];
      if (!first) return [];
      // A test done once, at the reference or mixed has no reading at the other spots.
      const once = (whole.visit.plan.where?.[method.id] ?? 'every-spot') !== 'every-spot';
      if (once && open.length < places.filter((one) => !one.sample).length) return [];
      const half = open.filter((one) => begun(one.id, method.id));
      const spots =
        open.length === 1 ? `spot ${first.label}` : `spots ${open.map((one) => one.label).join(', ')}`;
      return [
        {
          text: `${method.name}: not read at ${once ? 'any spot' : spots}${half.length > 0 ? `; begun at ${half.map((one) => one.label).join(', ')}` : ''}.`,
          at: { place: first.id, method: method.id },
        },
      ];
    });
}

/** "3 things to look at before leaving". */
export function leavingWords(n: number): string {
  return n === 0
    ? 'Before leaving: nothing is open'
    : `Before leaving: ${n} ${n === 1 ? 'thing' : 'things'} to look at`;
}
