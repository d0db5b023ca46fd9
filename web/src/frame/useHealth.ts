import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { NoSignal } from '../api/problem';

const EVERY_MS = 30_000;
const UNANSWERED_MS = 5_000;

/**
 * Whether the server answers: asked now and then, so that a lost one is said before something is to be saved, and at once when an answer
 * did not come. When it answers, what stayed unanswered is asked for again.
 */
export function useHealth() {
  const queries = useQueryClient();
  const health = useQuery({
    queryKey: keys.health,
    queryFn: ({ signal }) => take(api.GET('/api/health', { signal })),
    refetchInterval: EVERY_MS,
    retry: false,
  });
  useEffect(
    () =>
      queries.getQueryCache().subscribe((event) => {
        if (event.type !== 'updated' || event.action.type !== 'error') return;
        if (!(event.action.error instanceof NoSignal)) return;
        if (queries.getQueryState(keys.health)?.status === 'error') return;
        void queries.invalidateQueries({ queryKey: keys.health });
      }),
    [queries],
  );
  const { isSuccess, dataUpdatedAt } = health;
  useEffect(() => {
    if (!isSuccess) return;
    void queries.refetchQueries({
      type: 'active',
      // One that failed just now is left for the next time: nothing is asked for without an end.
      predicate: ({ state }) =>
        state.error instanceof NoSignal && dataUpdatedAt - state.errorUpdatedAt > UNANSWERED_MS,
    });
  }, [queries, isSuccess, dataUpdatedAt]);
  return health;
}
