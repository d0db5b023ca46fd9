import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { ChangeView } from '../api/types';
import { serverOrCore } from '../device/withoutSignal';

/** The change since an earlier visit; not asked for where there is none. */
export function useSince(visitId: string, since: string | null, zone: string) {
  const queries = useQueryClient();
  return useQuery({
    queryKey: keys.change(visitId, since ?? '', zone),
    queryFn: ({ signal }) =>
      serverOrCore(
        () =>
          take(
            api.GET('/api/visits/{id}/change', {
              signal,
              params: { path: { id: visitId }, query: { since: since ?? '', zone } },
            }),
          ) as Promise<ChangeView>,
        queries,
        visitId,
        'change',
        { zone, since },
      ),
    enabled: since !== null,
  });
}
