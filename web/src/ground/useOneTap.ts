import { useRef } from 'react';

/** What a tap begins, one at a time: a second tap of a wet finger does nothing while the first is at work. */
export function useOneTap<Of extends unknown[]>(
  work: (...of: Of) => Promise<void>,
): (...of: Of) => Promise<void> {
  const busy = useRef(false);
  return async (...of) => {
    if (busy.current) return;
    busy.current = true;
    try {
      await work(...of);
    } finally {
      busy.current = false;
    }
  };
}
