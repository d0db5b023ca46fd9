import { useSyncExternalStore } from 'react';

const QUERY = '(max-width: 47.99rem)';

/** Whether the page is as narrow as a phone: for drawings that must be laid out anew, not only scaled. */
export function useNarrow(): boolean {
  return useSyncExternalStore(
    (tell) => {
      const media = matchMedia(QUERY);
      media.addEventListener('change', tell);
      return () => media.removeEventListener('change', tell);
    },
    () => matchMedia(QUERY).matches,
  );
}
