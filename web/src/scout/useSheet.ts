import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { NoSignal } from '../api/problem';
import type { Sheet } from '../api/types';
import { askCore } from '../device/core';
import { answered } from '../device/withoutSignal';
import type { AskedSheet } from './plan';

/** The sheet for what is asked: the server's, without a signal the core's own on this device. */
export function useSheet(asked: AskedSheet | null) {
  return useQuery({
    queryKey: keys.sheet(JSON.stringify(asked)),
    queryFn: async ({ signal }): Promise<Sheet> => {
      const body = asked as AskedSheet;
      try {
        return (await take(api.POST('/api/run-sheets/plan', { signal, body }))) as Sheet;
      } catch (fault) {
        if (!(fault instanceof NoSignal)) throw fault;
        return answered(await askCore('planRunSheet', body)) as Sheet;
      }
    },
    enabled: asked !== null,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: keepPreviousData,
    networkMode: 'always',
  });
}
