import { api, take } from '../api/client';
import { newId } from '../api/ids';
import type { Reading } from '../api/types';
import { parcels, putAway } from '../device/parcels';
import * as time from '../ground/time';
import type { Draft } from './draft';

export const FOR_MS = 60_000;

/** A reading as it was just counted: where, what was typed, and what it stood in for. */
export type Counted = {
  id: string;
  visitId: string;
  placeId: string;
  method: string;
  repeat: number;
  name: string;
  draft: Draft;
  corrected: Reading | null;
  atMs: number;
};

let last: Counted | null = null;
const listeners = new Set<() => void>();

function changed(next: Counted | null): void {
  last = next;
  for (const one of listeners) one();
}

export const lastCounted = (): Counted | null => last;

export function onCounted(call: () => void): () => void {
  listeners.add(call);
  return () => listeners.delete(call);
}

export function counted(one: Omit<Counted, 'atMs'>): void {
  changed({ ...one, atMs: time.now() });
}

export const secondsLeft = (one: Counted, now: number): number =>
  Math.max(0, Math.ceil((one.atMs + FOR_MS - now) / 1000));

/**
 * Takes a count back; nothing is deleted. Still on this device: the parcel is put away. With the server: a correction is
 * followed by one with the values of before, a new reading is set aside.
 *
 * @returns what was typed, to stand on the bench again: a correction then corrects the newest version
 */
export async function takeBack(one: Counted): Promise<Draft> {
  const path = `/api/readings/${one.id}`;
  const parcel = parcels().find((other) => other.path === path && other.state.is !== 'put-away');
  if (parcel?.state.is === 'sending') throw new Error('It is being sent just now: try again in a moment.');
  let draft = one.draft;
  if (parcel) await putAway(parcel.id);
  else if (one.corrected) draft = { ...draft, corrects: await asBefore(one.id, one.corrected) };
  else
    await take(
      api.PUT('/api/readings/{id}/aside', {
        params: { path: { id: one.id } },
        body: { reason: 'Taken back as it was counted.' },
      }),
    );
  changed(null);
  return draft;
}

async function asBefore(id: string, before: Reading): Promise<string> {
  const newest = newId();
  const { visitId, spotId, sampleId, method, variant, repeat, reading, note, takenAt, device } = before;
  await take(
    api.PUT('/api/readings/{id}', {
      params: { path: { id: newest } },
      body: {
        visitId,
        spotId,
        sampleId,
        method,
        variant,
        repeat,
        reading,
        note,
        takenAt,
        device,
        corrects: id,
        correctionReason: 'The correction is taken back.',
      },
    }),
  );
  return newest;
}
