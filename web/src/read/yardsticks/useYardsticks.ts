import { useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { keys } from '../../api/keys';
import type { Yardstick } from '../../api/types';

export function useYardsticks() {
  return useQuery({
    queryKey: keys.yardsticks,
    queryFn: ({ signal }) => take(api.GET('/api/yardsticks', { signal })) as Promise<Yardstick[]>,
  });
}
