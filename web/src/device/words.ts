import { database, type Word } from './database';

/**
 * What is typed, by name: read at once from memory, written to the device's database with every key. Every kept thing carries
 * a version; an older one is brought forward by its migrations, one step each.
 */
export type Migration = (older: unknown) => unknown;

const OLD_PREFIX = 'morphotera:';
/** These stay where they can be read before anybody is known. */
const OF_THE_DEVICE = ['theme', 'hand', 'last', 'at', 'leaving', 'keeps-place', 'letters'];

let memory = new Map<string, Word>();
let full = false;
const listeners = new Set<() => void>();
const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('morphotera-words');

tabs?.addEventListener('message', (event: MessageEvent<{ person: string; word: Word | string }>) => {
  if (event.data.person !== database()?.name) return;
  if (typeof event.data.word === 'string') memory.delete(event.data.word);
  else memory.set(event.data.word.key, event.data.word);
  tell();
});

export function tell(): void {
  for (const one of listeners) one();
}

/** Reads into memory what is kept, and takes over what older pages kept elsewhere on this device. */
export async function loadWords(): Promise<void> {
  memory = new Map();
  const db = database();
  if (!db) return;
  await takeOver();
  const left = ahead();
  if (left.length > 0) await db.words.bulkPut(left);
  localStorage.removeItem(aheadName());
  for (const word of await db.words.toArray()) memory.set(word.key, word);
  tell();
}

/** Keys on their way to the database, where a killed tab leaves them: the last one pressed is no exception. */
const onTheWay = new Map<string, Word>();

const aheadName = () => `morphotera-ahead-${database()?.name ?? ''}`;

function ahead(): Word[] {
  return JSON.parse(localStorage.getItem(aheadName()) ?? '[]') as Word[];
}

function noteAhead(): void {
  try {
    if (onTheWay.size === 0) localStorage.removeItem(aheadName());
    else localStorage.setItem(aheadName(), JSON.stringify([...onTheWay.values()]));
  } catch {
    // No room for the note: the database says whether there is room for the key.
  }
}

/** Older pages kept words in the local storage: they are moved in one transaction, and removed only after it. */
async function takeOver(): Promise<void> {
  const db = database();
  const moved: string[] = [];
  const words: Word[] = [];
  for (const name of Object.keys(localStorage)) {
    const key = name.slice(OLD_PREFIX.length);
    if (!name.startsWith(OLD_PREFIX) || OF_THE_DEVICE.includes(key) || key === 'outbox') continue;
    try {
      const kept = JSON.parse(localStorage.getItem(name) ?? '') as { version: number; value: unknown };
      if (typeof kept.version !== 'number') continue;
      words.push({ key, version: kept.version, value: kept.value });
      moved.push(name);
    } catch {
      // Not one of ours: left alone.
    }
  }
  if (words.length === 0) return;
  await db?.words.bulkPut(words);
  for (const name of moved) localStorage.removeItem(name);
}

export function read<T>(key: string, version: number, migrations: Migration[] = []): T | null {
  const kept = memory.get(key);
  if (!kept || kept.version > version) return null;
  return migrations
    .slice(kept.version - 1, version - 1)
    .reduce((value, step) => step(value), kept.value) as T;
}

/** In memory at once; false, later, where the device has no room for it. */
export async function write(key: string, version: number, value: unknown): Promise<boolean> {
  const word = { key, version, value };
  memory.set(key, word);
  onTheWay.set(key, word);
  noteAhead();
  tell();
  // After what is drawn of the key, which is noted already.
  await new Promise((drawn) => setTimeout(drawn));
  // Typed over or forgotten meanwhile: nothing of it is to come back.
  if (onTheWay.get(key) !== word) return !full;
  return settle(async () => {
    await database()?.words.put(word);
    if (onTheWay.get(key) === word) {
      onTheWay.delete(key);
      noteAhead();
    }
    tabs?.postMessage({ person: database()?.name, word });
  });
}

export async function remove(key: string): Promise<boolean> {
  forget(key);
  return settle(async () => {
    await database()?.words.delete(key);
    tabs?.postMessage({ person: database()?.name, word: key });
  });
}

/** Out of memory alone: its row went in a transaction of somebody else's. */
export function forget(key: string): void {
  memory.delete(key);
  if (onTheWay.delete(key)) noteAhead();
  tell();
}

/** Whether something could not be kept, and nothing since. */
export function isFull(): boolean {
  return full;
}

export async function settle(work: () => Promise<unknown>): Promise<boolean> {
  let kept = true;
  try {
    await work();
  } catch {
    kept = false;
  }
  if (full === kept) {
    full = !kept;
    tell();
  }
  return kept;
}

/** Called when anything kept changes, in this page or in another one. */
export function onChange(tellMe: () => void): () => void {
  listeners.add(tellMe);
  return () => {
    listeners.delete(tellMe);
  };
}
