import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { takeAlong } from './copies';

export type Offline = 'unavailable' | 'fetching' | 'ready';

/** Whether this page works with no signal at all: its code is on the device, and the fields taken along. */
export function useOffline(planned: string[] | null): Offline {
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
    takeAlong(queries, list.split(' ').filter(Boolean)).then(
      () => setFields(true),
      // Without a signal what was taken along before is there; it is tried again with the next list.
      () => setFields(true),
    );
  }, [possible, list, queries]);
  return !possible ? 'unavailable' : code && fields ? 'ready' : 'fetching';
}
