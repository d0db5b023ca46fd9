import { useEffect } from 'react';
import { loneKey } from '../ground/loneKey';

type Moves = {
  spots: string[];
  methods: string[];
  spot: string | null;
  method: string | null;
  go: (spot: string, method: string) => void;
};

/** Keys at the desk: [ ] spot before and after, , . method before and after. */
export function useMoves({ spots, methods, spot, method, go }: Moves): void {
  useEffect(() => {
    function key(event: KeyboardEvent) {
      const alone = loneKey(event);
      const firstSpot = spots[0];
      const firstMethod = methods[0];
      if (!firstSpot || !firstMethod) return;
      const next = (list: string[], now: string | null, by: number) =>
        list[(list.indexOf(now ?? '') + by + list.length) % list.length] as string;
      if (alone === '[') go(next(spots, spot, -1), method ?? firstMethod);
      else if (alone === ']') go(next(spots, spot, 1), method ?? firstMethod);
      else if (alone === ',') go(spot ?? firstSpot, next(methods, method, -1));
      else if (alone === '.') go(spot ?? firstSpot, next(methods, method, 1));
    }
    document.addEventListener('keydown', key);
    return () => document.removeEventListener('keydown', key);
  });
}
