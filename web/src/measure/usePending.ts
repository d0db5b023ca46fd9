import { useSyncExternalStore } from 'react';
import type { Evaluation, ReadingBody } from '../api/types';
import { isCounted } from '../device/parcel';
import { parcels } from '../device/parcels';
import { onChange } from '../device/words';

/** A reading that was counted on this device and is not at the server yet, with what it came to here. */
export type Pending = ReadingBody & { id: string; result: Evaluation | null };

/** Those of a visit; what was refused, is stale or was put away is not counted. */
export function usePending(visitId: string): Pending[] {
  const all = useSyncExternalStore(onChange, parcels);
  return all
    .filter((parcel) => parcel.path.startsWith('/api/readings/') && isCounted(parcel.state))
    .map((parcel) => ({
      ...(parcel.body as ReadingBody),
      id: parcel.path.split('/').at(-1) ?? '',
      result: parcel.result as Evaluation | null,
    }))
    .filter((body) => body.visitId === visitId);
}
