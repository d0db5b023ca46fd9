import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { FieldScores } from '../api/types';
import { serverOrCore } from '../device/withoutSignal';

/** The scores of a zone in a visit; not asked for where there is none. Scored again by another yardstick they are kept nowhere. */
export function useScores(visitId: string | null, zone: string, yardstick: string | null = null) {
  const queries = useQueryClient();
  return useQuery({
    queryKey: [...keys.scores(visitId ?? '', zone), yardstick],
    queryFn: ({ signal }) =>
      serverOrCore(
        () =>
          take(
            api.GET('/api/visits/{id}/scores', {
              signal,
              params: { path: { id: visitId ?? '' }, query: yardstick ? { zone, yardstick } : { zone } },
            }),
          ) as Promise<FieldScores>,
        queries,
        visitId ?? '',
        'scores',
        { zone },
      ),
    enabled: visitId !== null,
  });
}
