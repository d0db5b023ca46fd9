import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { opened, takeAlong } from './copies';

export type Offline = 'unavailable' | 'fetching' | 'ready';

/**
 * Whether this page works with no signal at all: its code is on the device, and the fields taken along.
 *
 * @param planned fields with a visit planned or running; null until they are known
 * @param here the field that is looked at
 */
export function useOffline(planned: string[] | null, here: string | null): Offline {
  const queries = useQueryClient();
  const possible = 'serviceWorker' in navigator && isSecureContext && typeof indexedDB !== 'undefined';
  const [code, setCode] = useState(false);
  const [fields, setFields] = useState(false);
  useEffect(() => {
    if (possible) void navigator.serviceWorker.ready.then(() => setCode(true));
  }, [possible]);
  const list = planned?.join(' ') ?? null;
  useEffect(() => {
    if (!possible || list === null) return;
    setFields(false);
    const noted = here === null ? Promise.resolve() : opened(here);
    noted
      .then(() => takeAlong(queries, list.split(' ').filter(Boolean)))
      .then(
        () => setFields(true),
        // Without a signal what was taken along before is there; it is tried again with the next list.
        () => setFields(true),
      );
  }, [possible, list, here, queries]);
  return !possible ? 'unavailable' : code && fields ? 'ready' : 'fetching';
}
