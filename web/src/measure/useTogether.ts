import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { useMe } from '../people/session';

export type Stands = { personId: string; name: string; spotId: string };

const STANDS_MS = 60_000;

/** Two on one visit: what the other wrote is fetched when it is stored, and each says where they stand. */
export function useTogether(visitId: string, spotId: string | null): Stands[] {
  const me = useMe();
  const queries = useQueryClient();

  useEffect(() => {
    if (typeof EventSource === 'undefined') return;
    let stream: EventSource | null = null;
    function listen() {
      stream?.close();
      stream = null;
      // One stream a device: the tab that is looked at has it.
      if (document.visibilityState !== 'visible' || !navigator.onLine) return;
      stream = new EventSource(`/api/visits/${visitId}/events?person=${me.id}`);
      stream.addEventListener('message', (event: MessageEvent<string>) => {
        const { kind } = JSON.parse(event.data) as { kind: string };
        if (kind === 'presence') void queries.invalidateQueries({ queryKey: keys.presence(visitId) });
        else if (kind === 'clock') void queries.invalidateQueries({ queryKey: keys.clocks });
        // Drafts come with the visit when it is fetched; each key of another is no reason to.
        else if (kind !== 'draft') void queries.invalidateQueries({ queryKey: ['visit', visitId] });
      });
    }
    listen();
    document.addEventListener('visibilitychange', listen);
    globalThis.addEventListener('online', listen);
    globalThis.addEventListener('offline', listen);
    return () => {
      stream?.close();
      document.removeEventListener('visibilitychange', listen);
      globalThis.removeEventListener('online', listen);
      globalThis.removeEventListener('offline', listen);
    };
  }, [visitId, me.id, queries]);

  useEffect(() => {
    if (spotId === null || me.role === 'reader') return;
    const say = () => {
      if (!navigator.onLine) return;
      const params = { path: { id: visitId } };
      // Where one stands is told, not kept: without a signal nobody hears it.
      take(api.PUT('/api/visits/{id}/presence', { params, body: { spotId } })).catch(() => undefined);
    };
    say();
    const again = setInterval(say, STANDS_MS);
    return () => clearInterval(again);
  }, [visitId, spotId, me.role]);

  return useStands(visitId);
}

/** Where the others on a visit said last that they stand. */
export function useStands(visitId: string | null): Stands[] {
  const me = useMe();
  const stands = useQuery({
    queryKey: keys.presence(visitId ?? ''),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/visits/{id}/presence', { signal, params: { path: { id: visitId ?? '' } } }),
      ) as Promise<Stands[]>,
    enabled: visitId !== null,
    refetchInterval: STANDS_MS,
    retry: false,
  });
  return (stands.data ?? []).filter((one) => one.personId !== me.id);
}
