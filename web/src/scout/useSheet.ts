import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Sheet } from '../api/types';
import { answeredHere } from './answeredHere';
import type { AskedSheet } from './plan';

/** The sheet for what is asked: the server's, without a signal the core's own on this device. */
export function useSheet(asked: AskedSheet | null) {
  return useQuery({
    queryKey: keys.sheet(JSON.stringify(asked)),
    queryFn: ({ signal }) =>
      answeredHere<Sheet>('planRunSheet', asked, signal, () =>
        take(api.POST('/api/run-sheets/plan', { signal, body: asked as AskedSheet })),
      ),
    enabled: asked !== null,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: keepPreviousData,
    networkMode: 'always',
  });
}
