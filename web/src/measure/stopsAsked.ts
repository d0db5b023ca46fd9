import type { Method, Reading } from '../api/types';
import { NO_PLAN } from '../scout/dayPlan';
import { minutesOf } from '../scout/handsOn';
import { placeOf } from './place';

/** So many more spots are asked about. */
const MORE = 2;

export type StopAsked = {
  method: string;
  scores: number[];
  more: number;
  minutesPerSpot: number;
};

/** For each method with two clean scores or more at these spots, what the stop rule is asked. */
export function stopsAsked(
  methods: Method[],
  readings: Reading[],
  spots: string[],
): { method: Method; asked: StopAsked }[] {
  return methods.flatMap((method) => {
    const scores = spots.flatMap((spot) => {
      const here = readings
        .filter((one) => one.method === method.id && placeOf(one) === spot)
        .filter((one) => one.evaluation.score !== null && one.evaluation.hollow.length === 0);
      return here[0]?.evaluation.score ?? [];
    });
    if (scores.length < 2) return [];
    return [
      {
        method,
        asked: {
          method: method.id,
          scores,
          more: MORE,
          minutesPerSpot: minutesOf(method, NO_PLAN),
        },
      },
    ];
  });
}
