import Dexie, { type Table } from 'dexie';
import type { Parcel } from './parcel';

/** Something kept under a name: a draft, clocks, a form. */
export type Word = { key: string; version: number; value: unknown };

/** An answer that pages need without a signal. */
export type Copy = { key: string; value: unknown; at: number };

/** The picture of a parcel that is one. */
export type KeptFile = { parcel: string; blob: Blob };

/** What is kept for one person on this device. Nothing in it is dropped by a newer version that is not sent. */
export class Database extends Dexie {
  parcels!: Table<Parcel, string>;
  words!: Table<Word, string>;
  copies!: Table<Copy, string>;
  files!: Table<KeptFile, string>;

  constructor(person: string) {
    super(`morphotera-${person}`, { chromeTransactionDurability: 'strict' });
    this.version(1).stores({ parcels: 'id, seq', words: 'key', copies: 'key' });
    this.version(2).stores({ files: 'parcel' });
  }
}

let open: Database | null = null;

/** The database of the person at work; null before anybody is let in, and where the browser keeps nothing. */
export function database(): Database | null {
  return open;
}

export async function openDatabase(person: string): Promise<Database | null> {
  if (open?.name === `morphotera-${person}`) return open;
  open?.close();
  open = null;
  if (typeof indexedDB === 'undefined') return null;
  const opened = new Database(person);
  // An older tab makes way for a newer page, which has other stores.
  opened.on('versionchange', () => {
    opened.close();
    location.reload();
  });
  await opened.open();
  // Asked for once: what is typed in a valley is not to be cleared away for a film.
  void globalThis.navigator?.storage?.persist?.().catch(() => false);
  open = opened;
  return opened;
}

/** Ends what is kept for a person who has nothing to send. */
export async function removeDatabase(person: string): Promise<void> {
  if (open?.name === `morphotera-${person}`) {
    open.close();
    open = null;
  }
  await Dexie.delete(`morphotera-${person}`);
}
