import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { Failed } from '../api/problem';
import type { Evaluation, Method, WholeVisit } from '../api/types';
import { askCore } from '../device/core';
import { parcels } from '../device/parcels';
import { answered } from '../device/withoutSignal';
import { useYardsticks } from '../read/yardsticks/useYardsticks';
import type { Draft } from './draft';
import { type Ground, groundOf } from './groundOf';

/** What was typed on the way is soon of no use. */
const KEPT_MS = 60_000;

/** The reading computed on this device as it stands, with every key. What came before stays in sight until the new one is there. */
export function useEvaluation(
  whole: WholeVisit,
  /** A spot's id, or a sample's. */
  spotId: string,
  method: Method,
  reading: Draft['values'],
  readable: boolean,
  corrects: string | null,
) {
  const own = whole.field.yardstickId ?? null;
  const yardsticks = useYardsticks(own !== null);
  const yardstick = yardsticks.data?.find((one) => one.id === own);
  const looking = own !== null && yardsticks.isPending;
  // Scored by the practice's own yardstick, or by none here: another's score would be another.
  const ground = own === null || yardstick ? groundOf(whole, spotId, parcels(), yardstick) : null;
  const text = JSON.stringify({ visitId: whole.visit.id, spotId, method: method.id, reading, corrects });
  return useQuery({
    queryKey: keys.evaluation(method.id, text, ground?.mark ?? 0),
    queryFn: ({ signal }) => evaluate(ground, text, signal),
    enabled: readable && !looking,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: KEPT_MS,
  });
}

/** By the core in this browser; by the server where that could not be loaded, or does not know what to score by. */
async function evaluate(ground: Ground | null, text: string, signal: AbortSignal): Promise<Evaluation> {
  if (ground !== null) {
    try {
      return answered(await askCore('evaluateAt', ground.text, text)) as Evaluation;
    } catch (fault) {
      if (fault instanceof Failed) throw fault;
    }
  }
  const { visitId, ...asked } = JSON.parse(text);
  return take(
    api.POST('/api/visits/{id}/evaluate', {
      signal,
      params: { path: { id: visitId } },
      body: asked as never,
    }),
  ) as Promise<Evaluation>;
}
