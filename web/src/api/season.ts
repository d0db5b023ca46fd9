import { queryOptions } from '@tanstack/react-query';
import { api, take } from './client';
import { keys } from './keys';
import type { SeasonPage } from './types';

/** So much of the practice's land as is looked through at once: what needs someone first. */
const MANY = 500;

export const manyFields = queryOptions({
  queryKey: [...keys.season, 'many'],
  queryFn: ({ signal }) =>
    take(api.GET('/api/season', { signal, params: { query: { limit: MANY } } })) as Promise<SeasonPage>,
});
