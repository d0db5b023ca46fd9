import { useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { keys } from '../../api/keys';
import type { Yardstick } from '../../api/types';

export function useYardsticks(enabled = true) {
  return useQuery({
    enabled,
    queryKey: keys.yardsticks,
    queryFn: ({ signal }) => take(api.GET('/api/yardsticks', { signal })) as Promise<Yardstick[]>,
  });
}
