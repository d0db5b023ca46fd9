import { useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { ChangeView } from '../api/types';

/** The change since an earlier visit; not asked for where there is none. */
export function useSince(visitId: string, since: string | null, zone: string) {
  return useQuery({
    queryKey: keys.change(visitId, since ?? '', zone),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/visits/{id}/change', {
          signal,
          params: { path: { id: visitId }, query: { since: since ?? '', zone } },
        }),
      ) as Promise<ChangeView>,
    enabled: since !== null,
  });
}
