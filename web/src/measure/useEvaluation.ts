import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { Failed } from '../api/problem';
import type { Evaluation, Method, WholeVisit } from '../api/types';
import { askCore } from '../device/core';
import { parcels } from '../device/parcels';
import { answered, withUnsent } from '../device/withoutSignal';
import type { Draft } from './draft';
import { placeOf } from './place';

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
  const text = JSON.stringify({ spotId, method: method.id, reading, corrects });
  return useQuery({
    queryKey: keys.evaluation(method.id, text),
    queryFn: ({ signal }) => evaluate(whole, JSON.parse(text), signal),
    enabled: readable,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: KEPT_MS,
  });
}

type Asked = { spotId: string; method: string; reading: Draft['values']; corrects: string | null };

/** By the core in this browser; by the server where that could not be loaded. */
async function evaluate(whole: WholeVisit, asked: Asked, signal: AbortSignal): Promise<Evaluation> {
  const here = withUnsent(whole.readings, parcels()).filter(
    (one) => placeOf(one) === asked.spotId && one.visitId === whole.visit.id,
  );
  const bundle = { field: whole.field, visits: [whole.visit], readings: here };
  try {
    return answered(await askCore('evaluateAt', { bundle, visitId: whole.visit.id, ...asked })) as Evaluation;
  } catch (fault) {
    if (fault instanceof Failed) throw fault;
    return take(
      api.POST('/api/visits/{id}/evaluate', {
        signal,
        params: { path: { id: whole.visit.id } },
        body: asked as never,
      }),
    ) as Promise<Evaluation>;
  }
}
