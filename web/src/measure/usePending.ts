import { useSyncExternalStore } from 'react';
import * as device from '../api/device';
import { parcels } from '../api/outbox';
import type { ReadingBody } from '../api/types';

/** Readings of a visit that are on this device and not yet at the server. */
export function usePending(visitId: string): ReadingBody[] {
  const all = useSyncExternalStore(device.onChange, parcels);
  return all
    .filter((parcel) => parcel.path.startsWith('/api/readings/') && parcel.problem === null)
    .map((parcel) => parcel.body as ReadingBody)
    .filter((body) => body.visitId === visitId);
}
