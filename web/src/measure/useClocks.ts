import { useQuery } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { api, take } from '../api/client';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import type { Clock } from '../api/types';
import { useMethods } from '../api/useMethods';
import { parcels, post } from '../device/parcels';
import * as device from '../device/words';
import { now, nowIso } from '../ground/time';
import { useNow } from '../ground/useNow';
import { useMe } from '../people/session';
import { bySoonest, merged, type Standing, standing } from './clocks';

const VERSION = 2;
/** Clocks of before belonged to the one reading of their cell. */
const ofFirst = (older: unknown) =>
  (older as Clock[]).map((clock) => ({ ...clock, variant: null, repeat: 1 }));
/** Clocks ended on this device are remembered until the server surely knows. */
const KEEP_ENDED_MS = 86_400_000;

// Each person has clocks of their own on a device that several use.
const keyOf = (person: string) => `clocks:${person}`;

const NONE: Clock[] = [];

function here(person: string): Clock[] {
  return device.read<Clock[]>(keyOf(person), VERSION, [ofFirst]) ?? NONE;
}

function keep(clock: Clock, person: string) {
  const others = here(person).filter(
    (one) => one.id !== clock.id && (one.endedAt === null || now() - Date.parse(one.endedAt) < KEEP_ENDED_MS),
  );
  void device.write(keyOf(person), VERSION, [...others, clock]);
  const { visitId, spotId, sampleId, method, variant, repeat, step, beganAt, endedAt } = clock;
  void post({
    person,
    path: addressOf(clock),
    body: { visitId, spotId, sampleId, method, variant, repeat, step, beganAt, endedAt },
    label: `clock, spot ${clock.spotLabel}`,
  });
}

function addressOf(clock: Clock): string {
  return `/api/clocks/${clock.id}`;
}

export function startClock(clock: Omit<Clock, 'id' | 'beganAt' | 'endedAt'>, person: string): Clock {
  const started = { ...clock, id: newId(), beganAt: nowIso(), endedAt: null };
  keep(started, person);
  return started;
}

export function endClock(clock: Clock, person: string): void {
  keep({ ...clock, endedAt: nowIso() }, person);
}

/** The clocks that run. Nothing here moves with them: where one shows, it asks how it stands. */
export function useRunning(): Clock[] {
  const me = useMe();
  const there = useQuery({
    queryKey: keys.clocks,
    queryFn: ({ signal }) => take(api.GET('/api/clocks', { signal })) as Promise<Clock[]>,
    refetchInterval: 60_000,
  });
  const mine = useSyncExternalStore(device.onChange, () => here(me.id));
  const waiting = useSyncExternalStore(device.onChange, parcels);
  return merged(mine, there.data ?? null, {
    at: there.dataUpdatedAt + now() - Date.now(),
    isWaiting: (clock) => waiting.some((parcel) => parcel.path === addressOf(clock)),
  });
}

/** All clocks that run, soonest first, as they stand now: drawn anew twice a second. */
export function useClocks(): Standing[] {
  const running = useRunning();
  const methods = useMethods();
  const instant = useNow(running.length > 0);
  return bySoonest(running.map((clock) => standing(clock, methods.data ?? [], instant)));
}

/** How one clock stands now: drawn anew twice a second. */
export function useStanding(clock: Clock | null): Standing | null {
  const methods = useMethods();
  const instant = useNow(clock !== null);
  return clock && standing(clock, methods.data ?? [], instant);
}
