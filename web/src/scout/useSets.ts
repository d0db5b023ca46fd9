import { useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { TestSet } from '../api/types';

/** Sets of tests: those that ship, and the practice's own. */
export function useSets(): TestSet[] {
  const sets = useQuery({
    queryKey: keys.templates,
    queryFn: async ({ signal }) => (await take(api.GET('/api/templates', { signal }))) as TestSet[],
    staleTime: 600_000,
  });
  return sets.data ?? [];
}
