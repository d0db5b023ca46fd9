import { useEffect, useRef } from 'react';

/** Whether this part is still on the page: an answer that comes later must not lead away whoever has gone on. */
export function useHere(): { readonly current: boolean } {
  const here = useRef(true);
  useEffect(() => {
    here.current = true;
    return () => {
      here.current = false;
    };
  }, []);
  return here;
}
