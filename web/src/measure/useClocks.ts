import { useQuery } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { api, take } from '../api/client';
import * as device from '../api/device';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { post } from '../api/outbox';
import type { Clock } from '../api/types';
import { useMethods } from '../api/useMethods';
import { now, nowIso } from '../ground/time';
import { useNow } from '../ground/useNow';
import { bySoonest, merged, type Standing, standing } from './clocks';

const KEY = 'clocks';
const VERSION = 1;
/** Clocks ended on this device are remembered until the server surely knows. */
const KEEP_ENDED_MS = 86_400_000;

let snapshot: Clock[] = [];
let snapshotText = '';

function here(): Clock[] {
  const text = localStorage.getItem(`morphotera:${KEY}`) ?? '';
  if (text !== snapshotText) {
    snapshotText = text;
    snapshot = device.read<Clock[]>(KEY, VERSION) ?? [];
  }
  return snapshot;
}

function keep(clock: Clock, person: string) {
  const others = here().filter(
    (one) => one.id !== clock.id && (one.endedAt === null || now() - Date.parse(one.endedAt) < KEEP_ENDED_MS),
  );
  device.write(KEY, VERSION, [...others, clock]);
  const { visitId, spotId, method, step, beganAt, endedAt } = clock;
  post({
    person,
    path: `/api/clocks/${clock.id}`,
    body: { visitId, spotId, method, step, beganAt, endedAt },
    label: `clock, spot ${clock.spotLabel}`,
  });
}

export function startClock(clock: Omit<Clock, 'id' | 'beganAt' | 'endedAt'>, person: string): Clock {
  const started = { ...clock, id: newId(), beganAt: nowIso(), endedAt: null };
  keep(started, person);
  return started;
}

export function endClock(clock: Clock, person: string): void {
  keep({ ...clock, endedAt: nowIso() }, person);
}

/** All clocks that run, soonest first, as they stand now. */
export function useClocks(): Standing[] {
  const methods = useMethods();
  const there = useQuery({
    queryKey: keys.clocks,
    queryFn: ({ signal }) => take(api.GET('/api/clocks', { signal })) as Promise<Clock[]>,
    refetchInterval: 60_000,
  });
  const mine = useSyncExternalStore(device.onChange, here);
  const running = merged(mine, there.data ?? []);
  const instant = useNow(running.length > 0);
  return bySoonest(running.map((clock) => standing(clock, methods.data ?? [], instant)));
}
