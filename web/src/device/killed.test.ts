// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { beforeEach, expect, it, vi } from 'vitest';

const READING = '/api/readings/018f0000-0000-7000-8000-00000000000a';
const never = () => new Promise<never>(() => {});

/** A server that keeps each parcel's number with its answer, and says it again. */
let ledger = new Map<string, string>();
let readings = 0;
let onTheWay = async (_: 'there' | 'back') => {};

async function server(request: Request | string): Promise<Response> {
  if (typeof request === 'string') return new Response(JSON.stringify({ id: 'ann' }));
  await onTheWay('there');
  const parcel = request.headers.get('X-Morphotera-Parcel') ?? '';
  if (!ledger.has(parcel)) {
    readings++;
    ledger.set(parcel, JSON.stringify({ id: READING.split('/').at(-1) }));
  }
  await onTheWay('back');
  return new Response(ledger.get(parcel));
}

/** A page with a memory of its own; what an earlier one kept lies in the database. */
async function aPage() {
  vi.resetModules();
  const { openDatabase } = await import('./database');
  const words = await import('./words');
  const parcels = await import('./parcels');
  const sender = await import('./sender');
  const db = await openDatabase('ann');
  if (!db) throw new Error('no database');
  await words.loadWords();
  await parcels.loadParcels();
  return { db, words, parcels, sender };
}

type ThePage = Awaited<ReturnType<typeof aPage>>;

beforeEach(async () => {
  vi.restoreAllMocks();
  ledger = new Map();
  readings = 0;
  onTheWay = async () => {};
  vi.stubGlobal('fetch', server);
  const { db } = await aPage();
  await Promise.all(db.tables.map((table) => table.clear()));
});

async function count({ words, parcels }: ThePage): Promise<void> {
  await words.write('draft', 1, 'five crumbs');
  await parcels.post(
    { person: 'ann', path: READING, body: {}, label: 'slaking, spot 1' },
    { draft: 'draft' },
  );
}

/** Where the page ends, and says that it is there: from then on it does nothing more. */
const ends: Record<string, (page: ThePage, end: () => Promise<never>) => void> = {
  'before what was typed becomes a parcel': ({ db }, end) => {
    vi.spyOn(db, 'transaction').mockImplementation(end as never);
  },
  'before it is marked as on its way': ({ db }, end) => {
    vi.spyOn(db.parcels, 'update').mockImplementation(end as never);
  },
  'before it is at the server': (_, end) => {
    onTheWay = async (way) => (way === 'there' ? end() : undefined);
  },
  'before its answer is here': (_, end) => {
    onTheWay = async (way) => (way === 'back' ? end() : undefined);
  },
  'before it is dropped': ({ db }, end) => {
    const all = db.transaction.bind(db);
    const counting = 1;
    let transactions = 0;
    vi.spyOn(db, 'transaction').mockImplementation(((...of: Parameters<typeof all>) =>
      transactions++ < counting ? all(...of) : end()) as never);
  },
};

it.each(Object.keys(ends))('a page that ends %s loses nothing and doubles nothing', async (where) => {
  const first = await aPage();
  await new Promise<void>((ended) => {
    ends[where]?.(first, () => {
      ended();
      return never();
    });
    first.sender.sendFor('ann');
    void count(first);
  });
  onTheWay = async () => {};

  const second = await aPage();
  const isDraft = second.words.read('draft', 1) !== null;
  const isParcel = second.parcels.parcels().length === 1;
  expect(isDraft).toBe(!isParcel);
  // What is still a draft is counted by its person.
  if (isDraft) await count(second);
  second.sender.sendFor('ann');
  await vi.waitFor(() => expect(second.parcels.parcels()).toEqual([]));
  expect(readings).toBe(1);
});
