import { useQuery, useQueryClient } from '@tanstack/react-query';
import { newer } from '../device/copies';
import { api, take } from './client';
import { keys } from './keys';
import type { Method, WholeVisit } from './types';

const HOUR_MS = 3_600_000;

/** The methods as they describe themselves; a newer product may say more, so they are asked for again now and then. */
export function useMethods() {
  return useQuery({
    queryKey: keys.methods,
    queryFn: ({ signal }) => take(api.GET('/api/methods', { signal })) as Promise<Method[]>,
    staleTime: HOUR_MS,
  });
}

export function useVisit(id: string) {
  const queries = useQueryClient();
  return useQuery({
    queryKey: keys.visit(id),
    queryFn: async ({ signal }) => {
      const now = (await take(
        api.GET('/api/visits/{id}', { signal, params: { path: { id } } }),
      )) as WholeVisit;
      // An answer that was long on its way does not take the place of a newer one.
      return newer(queries.getQueryData<WholeVisit>(keys.visit(id)), now);
    },
  });
}
