import { useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Remedy } from '../api/types';

/** All sums and actions; they change with the product alone. */
export function useRemedies() {
  return useQuery({
    queryKey: keys.remedies,
    queryFn: ({ signal }) => take(api.GET('/api/remedies', { signal })) as Promise<Remedy[]>,
    staleTime: Number.POSITIVE_INFINITY,
  });
}
