import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Evaluation, Method, WholeVisit } from '../api/types';
import type { Draft } from './draft';

/** The reading computed as it stands, once the keys rest. What came before stays in sight until the new one is there. */
export function useEvaluation(
  whole: WholeVisit,
  spotId: string,
  method: Method,
  reading: Draft['values'],
  readable: boolean,
  corrects: string | null,
) {
  const text = JSON.stringify({ spotId, method: method.id, reading, corrects });
  const [rested, setRested] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setRested(text), 200);
    return () => clearTimeout(timer);
  }, [text]);
  return useQuery({
    queryKey: keys.evaluation(method.id, rested),
    queryFn: ({ signal }) =>
      take(
        api.POST('/api/visits/{id}/evaluate', {
          signal,
          params: { path: { id: whole.visit.id } },
          body: JSON.parse(rested),
        }),
      ) as Promise<Evaluation>,
    enabled: readable && rested === text,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });
}
