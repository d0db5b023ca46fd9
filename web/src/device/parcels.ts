import { newId } from '../api/ids';
import { type Copy, database } from './database';
import { fresh, isOver, needs, type Parcel, type State } from './parcel';
import { forget, settle, tell } from './words';

/** What is to be sent, in the order made: in memory, and the same in the device's database. */
let all: Parcel[] = [];
let wake: () => void = () => {};
const tabs = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('morphotera-parcels');

tabs?.addEventListener('message', (event: MessageEvent<string>) => {
  if (event.data === database()?.name) void loadParcels();
});

/** The same list is the same object until something of it changes. */
export function parcels(): Parcel[] {
  return all;
}

/** Called when something new waits. */
export function onPosted(call: () => void): void {
  wake = call;
}

export async function loadParcels(): Promise<void> {
  const db = database();
  if (!db) {
    all = [];
    return;
  }
  await takeOver();
  let kept: Parcel[];
  let before: Parcel[];
  // What is posted while the database is read is not lost from memory again.
  do {
    before = all;
    kept = await db.parcels.orderBy('seq').toArray();
  } while (all !== before);
  const over = kept.filter((one) => isOver(one.state, Date.now()));
  if (over.length > 0) await db.parcels.bulkDelete(over.map((one) => one.id));
  all = behindTheirFields(kept.filter((one) => !over.includes(one)));
  tell();
}

/** A spot that an older page kept names its new field by the zone alone, and was sent after it only because all went in turn. */
function behindTheirFields(kept: Parcel[]): Parcel[] {
  const before = (one: Parcel) => kept.filter((other) => other.seq < one.seq);
  return kept.map((one) =>
    one.path.startsWith('/api/spots/') ? { ...one, after: needs(one, before(one)) } : one,
  );
}

type Post = Pick<Parcel, 'path' | 'body' | 'label' | 'person'> &
  Partial<Pick<Parcel, 'id' | 'verb' | 'result' | 'madeBy'>>;

/**
 * Keeps something to be sent. In the same transaction the draft it was made of goes, so that there is no moment at which it is
 * in neither or in both.
 *
 * @param replaces one that waits for this address, of the same repeat, goes as this one comes: an older draft, what was being typed
 * @returns false where the device has no room: it is not counted, and the draft stays
 */
export async function post(
  it: Post,
  {
    replaces = null,
    draft = null,
    file = null,
  }: { replaces?: string | null; draft?: string | null; file?: Blob | null } = {},
): Promise<boolean> {
  const old = all.find(
    (one) => one.path === replaces && repeatOf(one) === repeatOf(it) && one.state.is === 'waiting',
  );
  const parcel: Parcel = {
    verb: 'PUT',
    result: null,
    id: newId(),
    ...it,
    seq: (all.at(-1)?.seq ?? 0) + 1,
    after: needs(it, all).filter((id) => id !== old?.id),
    state: fresh,
    ...(file && { file: true }),
  };
  const db = database();
  const kept = await settle(async () => {
    if (!db) throw new Error('nothing is kept in this browser');
    await db.transaction('rw', db.parcels, db.words, db.files, async () => {
      if (old) await db.parcels.delete(old.id);
      await db.parcels.add(parcel);
      if (file) await db.files.add({ parcel: parcel.id, blob: file });
      if (draft !== null) await db.words.delete(draft);
    });
  });
  if (!kept) return false;
  all = [...all.filter((one) => one !== old), parcel];
  if (draft !== null) forget(draft);
  changed();
  wake();
  return true;
}

/** Drafts of one cell have one address: only a newer one of the same repeat takes the place of one that waits. */
function repeatOf(parcel: { body: unknown }): unknown {
  return (parcel.body as { repeat?: unknown } | null)?.repeat ?? 1;
}

/** The same parcel in another state. */
export async function mark(id: string, state: State): Promise<void> {
  all = all.map((one) => (one.id === id ? { ...one, state } : one));
  await settle(async () => database()?.parcels.update(id, { state }));
  changed();
}

/** Mended by a person: it keeps its id, and those behind it go on. The draft it was mended in goes in the same transaction. */
export async function mend(
  id: string,
  body: unknown,
  result: unknown = null,
  draft: string | null = null,
): Promise<boolean> {
  const mended = { body, result, state: fresh };
  const db = database();
  const kept = await settle(async () => {
    if (!db) throw new Error('nothing is kept in this browser');
    await db.transaction('rw', db.parcels, db.words, async () => {
      await db.parcels.update(id, mended);
      if (draft !== null) await db.words.delete(draft);
    });
  });
  if (!kept) return false;
  all = all.map((one) => (one.id === id ? { ...one, ...mended } : one));
  if (draft !== null) forget(draft);
  changed();
  wake();
  return true;
}

/** The server has it: it goes, and what is kept of the answer comes, in one. */
export async function drop(id: string, copies: Copy[] = []): Promise<void> {
  all = all.filter((one) => one.id !== id);
  const db = database();
  await settle(async () => {
    await db?.transaction('rw', db.parcels, db.files, db.copies, async () => {
      await db.parcels.delete(id);
      await db.files.delete(id);
      await db.copies.bulkPut(copies);
    });
  });
  changed();
}

/** Put away by a person, with those that need it; readable for thirty days. */
export async function putAway(id: string): Promise<void> {
  const gone = [id, ...followers(id)];
  const at = Date.now();
  for (const one of gone) await mark(one, { is: 'put-away', at });
}

/** Those that cannot be sent without it, however many lie between. */
export function followers(id: string): string[] {
  const direct = all.filter((one) => one.after.includes(id)).map((one) => one.id);
  return [...new Set(direct.flatMap((one) => [one, ...followers(one)]))];
}

function changed(): void {
  tell();
  tabs?.postMessage(database()?.name);
}

type OldParcel = { id: string; person: string; path: string; body: unknown; label: string };

/** Older pages kept what is to be sent in the local storage; another person's stays there for them. */
async function takeOver(): Promise<void> {
  const db = database();
  const text = localStorage.getItem('morphotera:outbox');
  if (text === null || !db) return;
  const kept = JSON.parse(text) as { version: number; value: OldParcel[] };
  if (kept.version !== 1) return;
  const mine = kept.value.filter((one) => db.name === `morphotera-${one.person}`);
  const others = kept.value.filter((one) => !mine.includes(one));
  const first = (await db.parcels.orderBy('seq').last())?.seq ?? 0;
  await db.parcels.bulkPut(
    mine.map(({ id, person, path, body, label }, i) => ({
      id,
      person,
      path,
      body,
      label,
      verb: 'PUT' as const,
      seq: first + 1 + i,
      after: [],
      state: fresh,
      result: null,
    })),
  );
  if (others.length === 0) localStorage.removeItem('morphotera:outbox');
  else localStorage.setItem('morphotera:outbox', JSON.stringify({ version: 1, value: others }));
}
