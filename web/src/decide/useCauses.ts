import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Judgement } from '../api/types';
import { serverOrCore } from '../device/withoutSignal';
import { today } from '../ground/time';

/** What the evidence of a zone says of each cause. */
export function useCauses(visitId: string, zone: string) {
  const queries = useQueryClient();
  return useQuery({
    queryKey: keys.causes(visitId, zone),
    queryFn: ({ signal }) =>
      serverOrCore(
        () =>
          take(
            api.GET('/api/visits/{id}/causes', {
              signal,
              params: { path: { id: visitId }, query: { zone } },
            }),
          ) as Promise<Judgement>,
        queries,
        visitId,
        'causes',
        { zone, today: today() },
      ),
  });
}
