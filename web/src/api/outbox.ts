import { put } from './client';
import * as device from './device';
import { newId } from './ids';
import { Failed, type Problem } from './problem';

/** Something to be sent: kept on the device until the server has it. */
export type Parcel = {
  id: string;
  person: string;
  path: string;
  body: unknown;
  label: string;
  /** Refused by the server: it needs a person. */
  problem: Problem | null;
};

const KEY = 'outbox';
const VERSION = 1;
const RETRY_MS = 5000;

let sending = false;
let retry: ReturnType<typeof setTimeout> | null = null;
let snapshot: Parcel[] = [];
let snapshotText = '';
const sentListeners = new Set<(parcel: Parcel) => void>();

export function parcels(): Parcel[] {
  const text = localStorage.getItem(`morphotera:${KEY}`) ?? '';
  // The same list is the same object, so that a page that reads it is not drawn again for nothing.
  if (text !== snapshotText) {
    snapshotText = text;
    snapshot = device.read<Parcel[]>(KEY, VERSION) ?? [];
  }
  return snapshot;
}

/** Puts a parcel in the box; a newer one for a draft's address takes the place of one that waits. */
export function post(parcel: Omit<Parcel, 'id' | 'problem'>, replace = false): boolean {
  const others = parcels().filter(
    (one) =>
      !(
        replace &&
        one.path === parcel.path &&
        repeatOf(one) === repeatOf(parcel) &&
        one.person === parcel.person &&
        one.problem === null
      ),
  );
  const kept = device.write(KEY, VERSION, [...others, { ...parcel, id: newId(), problem: null }]);
  void send(parcel.person);
  return kept;
}

function repeatOf(parcel: { body: unknown }): unknown {
  return (parcel.body as { repeat?: unknown } | null)?.repeat ?? 1;
}

export function drop(id: string): void {
  device.write(
    KEY,
    VERSION,
    parcels().filter((parcel) => parcel.id !== id),
  );
}

export function onSent(tell: (parcel: Parcel) => void): () => void {
  sentListeners.add(tell);
  return () => sentListeners.delete(tell);
}

/** Sends what waits, in order, one at a time. No signal or a server in trouble: it waits; a refusal is kept with its words. */
export async function send(person: string): Promise<void> {
  if (sending) return;
  sending = true;
  try {
    for (;;) {
      const next = parcels().find((parcel) => parcel.person === person && parcel.problem === null);
      if (!next) return;
      try {
        await put(next.path, next.body);
        drop(next.id);
        for (const tell of sentListeners) tell(next);
      } catch (error) {
        const refused =
          error instanceof Failed && [400, 403, 404, 409, 413, 422].includes(error.problem.status);
        if (!refused) {
          again(person);
          return;
        }
        device.write(
          KEY,
          VERSION,
          parcels().map((one) => (one.id === next.id ? { ...one, problem: error.problem } : one)),
        );
      }
    }
  } finally {
    sending = false;
  }
}

function again(person: string): void {
  if (retry !== null) clearTimeout(retry);
  retry = setTimeout(() => {
    retry = null;
    void send(person);
  }, RETRY_MS);
}
