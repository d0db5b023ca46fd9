import { useQuery } from '@tanstack/react-query';
import { api, take } from './client';
import { keys } from './keys';
import type { Method } from './types';

/** The methods as they describe themselves; they do not change while the product runs. */
export function useMethods() {
  return useQuery({
    queryKey: keys.methods,
    queryFn: ({ signal }) => take(api.GET('/api/methods', { signal })) as Promise<Method[]>,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

export function useVisit(id: string) {
  return useQuery({
    queryKey: keys.visit(id),
    queryFn: ({ signal }) => take(api.GET('/api/visits/{id}', { signal, params: { path: { id } } })),
  });
}
