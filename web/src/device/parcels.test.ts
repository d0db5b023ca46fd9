// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { beforeEach, expect, it, vi } from 'vitest';
import { database, openDatabase, removeDatabase } from './database';
import { followers, loadParcels, mend, parcels, post, putAway } from './parcels';
import { onLanding, onSent, send, sendFor, sendNow } from './sender';
import { loadWords, read, write } from './words';

const answers: (() => Promise<Response>)[] = [];
const sent: Request[] = [];
const A = '018f0000-0000-7000-8000-00000000000a';
const B = '018f0000-0000-7000-8000-00000000000b';
const json = (body: unknown, status = 200) => Promise.resolve(new Response(JSON.stringify(body), { status }));

/** Who is signed in, and how often that was asked. */
let here = () => json({ id: 'p' });
let greeted = 0;

/** A server that answers with the thing that was sent to it. */
function echo(request: Request): Promise<Response> {
  return json({ id: new URL(request.url).pathname.split('/').at(-1) });
}

beforeEach(async () => {
  localStorage.clear();
  answers.length = 0;
  sent.length = 0;
  here = () => json({ id: 'p' });
  greeted = 0;
  sendFor(null);
  globalThis.fetch = vi.fn((request: string | URL | Request) => {
    if (request === '/api/session') {
      greeted++;
      return here();
    }
    const asked = request as Request;
    sent.push(asked);
    const next = answers.shift();
    return next ? next() : echo(asked);
  }) as typeof fetch;
  await removeDatabase('p');
  await openDatabase('p');
  await loadWords();
  await loadParcels();
});

const reading = (id: string, body: unknown = { a: 1 }) => ({
  person: 'p',
  path: `/api/readings/${id}`,
  body,
  label: 'slaking, spot 1',
});

async function sendAll() {
  sendFor('p');
  await send();
}

it('what is posted is sent under its id and its person, and leaves the device', async () => {
  const told = vi.fn();
  const stop = onSent(told);
  await post(reading(A));
  const id = parcels()[0]?.id;
  await sendAll();
  stop();
  expect(sent.map((one) => new URL(one.url).pathname)).toEqual([`/api/readings/${A}`]);
  expect(sent[0]?.headers.get('X-Morphotera-Parcel')).toBe(id);
  expect(sent[0]?.headers.get('X-Morphotera-Person')).toBe('p');
  expect(parcels()).toEqual([]);
  expect(await database()?.parcels.count()).toBe(0);
  expect(told).toHaveBeenCalledOnce();
});

it('as it goes, what is kept of its answer comes: a page closed between the two has neither twice nor none', async () => {
  const copy = { key: 'q:visit', value: 'with the reading', at: 1 };
  onLanding(() => [copy]);
  await post(reading(A));
  await sendAll();
  onLanding(() => []);
  expect(await database()?.copies.get('q:visit')).toEqual(copy);
  expect(await database()?.parcels.count()).toBe(0);
});

it('a draft becomes a parcel in one go: never in both, never in neither', async () => {
  await write('draft', 1, 'typed');
  expect(await post(reading(A), { draft: 'draft' })).toBe(true);
  expect(read('draft', 1)).toBeNull();
  expect(await database()?.words.get('draft')).toBeUndefined();
  expect(await database()?.parcels.count()).toBe(1);
});

it('a reading that the device has no room for is not counted, and its draft stays', async () => {
  await write('draft', 1, 'typed');
  const db = database();
  if (!db) throw new Error('no database');
  const full = vi.spyOn(db.parcels, 'add').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
  expect(await post(reading(A), { draft: 'draft' })).toBe(false);
  full.mockRestore();
  expect(parcels()).toEqual([]);
  expect(read('draft', 1)).toBe('typed');
  expect(await db.words.get('draft')).toBeDefined();
});

it('what was on its way when the page ended is sent again under the same id', async () => {
  answers.push(() => Promise.reject(new TypeError('network')));
  await post(reading(A));
  await sendAll();
  const id = parcels()[0]?.id ?? '';
  await database()?.parcels.update(id, { state: { is: 'sending', tries: 1, since: 0 } });
  await loadParcels();
  await send();
  expect(sent.map((one) => one.headers.get('X-Morphotera-Parcel'))).toEqual([id, id]);
  expect(parcels()).toEqual([]);
});

it('what was on its way as the signal came back goes again at once, with all that waits behind it', async () => {
  let lose: (fault: Error) => void = () => {};
  const onItsWay = new Promise<Response>((_, fail) => {
    lose = fail;
  });
  answers.push(() => onItsWay);
  await post(reading(A));
  await post({ ...reading(B), body: { corrects: A } });
  sendFor('p');
  await vi.waitFor(() => expect(sent).toHaveLength(1));
  await new Promise((done) => setTimeout(done, 5));
  const now = sendNow();
  lose(new TypeError('it left without a signal'));
  await now;
  await send();
  expect(sent.map((one) => new URL(one.url).pathname.at(-1))).toEqual(['a', 'a', 'b']);
  expect(parcels()).toEqual([]);
});

it('once one has found the signal, three go side by side; what needs another comes after it', async () => {
  const C = '018f0000-0000-7000-8000-00000000000c';
  const D = '018f0000-0000-7000-8000-00000000000d';
  const open: ((response: Response) => void)[] = [];
  const held = () => new Promise<Response>((done) => open.push(done));
  answers.push(held, held, held, held);
  for (const id of [A, B, C]) await post(reading(id));
  await post({ ...reading(D), body: { corrects: B } });
  sendFor('p');
  const paths = () => sent.map((one) => new URL(one.url).pathname.at(-1)).join('');
  const answered = (id: string) => open.shift()?.(new Response(JSON.stringify({ id })));
  await vi.waitFor(() => expect(open).toHaveLength(1));
  expect(paths()).toBe('a');
  answered(A);
  await vi.waitFor(() => expect(paths()).toBe('abc'));
  answered(B);
  await vi.waitFor(() => expect(paths()).toBe('abcd'));
  answered(C);
  answered(D);
  await vi.waitFor(() => expect(parcels()).toEqual([]));
});

it('what was typed at a cell is there before what was counted, though a third could go', async () => {
  const cell = '/api/visits/v/drafts/s/slaking';
  const body = { visitId: 'v', spotId: 's', method: 'slaking' };
  let drafted: (response: Response) => void = () => {};
  answers.push(
    () => json({ id: B }),
    () => new Promise<Response>((done) => (drafted = done)),
  );
  await post(reading(B));
  await post({ person: 'p', path: cell, body: { repeat: 2 }, label: 'slaking, being typed' });
  await post({ ...reading(A), body });
  sendFor('p');
  await vi.waitFor(() => expect(sent).toHaveLength(2));
  await new Promise((done) => setTimeout(done, 20));
  expect(sent.map((one) => new URL(one.url).pathname)).toEqual([`/api/readings/${B}`, cell]);
  drafted(new Response(null, { status: 204 }));
  await vi.waitFor(() => expect(parcels()).toEqual([]));
});

it('a spot kept by an older page goes after its new field, which it names by the zone alone', async () => {
  const zone = '018f0000-0000-7000-8000-0000000000e1';
  await post({ person: 'p', path: `/api/fields/${A}`, body: { mainZoneId: zone }, label: 'a field' });
  await post({ person: 'p', path: `/api/spots/${B}`, body: { zoneId: zone }, label: 'a spot' });
  const [field, spot] = parcels();
  await database()?.parcels.update(spot?.id ?? '', { after: [] });
  await loadParcels();
  expect(parcels()[1]?.after).toEqual([field?.id]);
});

it('a refusal is kept with its words and holds up only what needs it', async () => {
  answers.push(() => json({ detail: 'no such spot' }, 422));
  await post(reading(A));
  await post(reading(B));
  await post({ ...reading('018f0000-0000-7000-8000-00000000000c'), body: { corrects: A } });
  await sendAll();
  expect(parcels().map((one) => one.state.is)).toEqual(['refused', 'waiting']);
  expect(parcels()[0]?.state).toMatchObject({ problem: { detail: 'no such spot' } });
});

it('mended, it keeps its id and those behind it go on', async () => {
  answers.push(() => json({}, 422));
  await post(reading(A));
  await post({ ...reading(B), body: { corrects: A } });
  await sendAll();
  const id = parcels()[0]?.id ?? '';
  await mend(id, { a: 2 }, null, 'draft');
  await send();
  expect(parcels()).toEqual([]);
  expect(sent.at(-2)?.headers.get('X-Morphotera-Parcel')).toBe(id);
  expect(await sent.at(-2)?.json()).toEqual({ a: 2 });
});

it('put away, it takes with it what cannot go without it', async () => {
  answers.push(() => json({}, 422));
  await post(reading(A));
  await post({ ...reading(B), body: { corrects: A } });
  await sendAll();
  const id = parcels()[0]?.id ?? '';
  expect(followers(id)).toHaveLength(1);
  await putAway(id);
  expect(parcels().map((one) => one.state.is)).toEqual(['put-away', 'put-away']);
});

const CELL = '/api/visits/v/drafts/s/ph';
const draft = (repeat: number, text: string) => ({
  person: 'p',
  path: CELL,
  body: { repeat, text },
  label: 'draft',
});
const texts = () => parcels().map((one) => (one.body as { text?: string }).text);

it('a newer draft takes the place of the one that waits, of the same repeat alone', async () => {
  await post(draft(1, 'a'), { replaces: CELL });
  await post(draft(2, 'b'), { replaces: CELL });
  await post(draft(1, 'c'), { replaces: CELL });
  expect(texts()).toEqual(['b', 'c']);
});

it('what was being typed in a cell does not go once its reading counts', async () => {
  await post(draft(1, 'half a number'), { replaces: CELL });
  await post(draft(2, 'another depth'), { replaces: CELL });
  await post({ ...reading(A), body: { repeat: 1 } }, { replaces: CELL });
  expect(texts()).toEqual(['another depth', undefined]);
});

it('signed out, it waits for its person and nothing else is tried', async () => {
  answers.push(() => json({ code: 'signed-out' }, 401));
  await post(reading(A));
  await post(reading(B));
  await sendAll();
  expect(sent).toHaveLength(1);
  expect(parcels().map((one) => one.state.is)).toEqual(['signed-out', 'waiting']);
});

it('before the first the server is asked who is here, and not again while it answers', async () => {
  await post(reading(A));
  await post(reading(B));
  await sendAll();
  expect(sent).toHaveLength(2);
  expect(greeted).toBe(1);
});

it.each([
  ['signed-out', () => json({ code: 'signed-out' }, 401)],
  ['other-person', () => json({ id: 'q' })],
  ['waiting', () => Promise.resolve(new Response('<html>Welcome to the inn</html>', { status: 200 }))],
  ['waiting', () => Promise.reject(new TypeError('network'))],
])('where nobody of this name is met it is %s, and nothing left the device', async (is, met) => {
  here = met;
  await post(reading(A));
  await sendAll();
  expect(sent).toEqual([]);
  expect(parcels()[0]?.state.is).toBe(is);
});

it('a captive portal does not make it sent', async () => {
  answers.push(() => Promise.resolve(new Response('<html>Welcome to the inn</html>', { status: 200 })));
  await post(reading(A));
  await sendAll();
  expect(parcels()[0]?.state.is).toBe('waiting');
});

it("what an older page left is taken over; another person's stays for them", async () => {
  const old = (id: string, person: string) => ({
    id,
    person,
    path: `/api/readings/${A}`,
    body: {},
    label: '',
    problem: null,
  });
  localStorage.setItem(
    'morphotera:outbox',
    JSON.stringify({ version: 1, value: [old('1', 'p'), old('2', 'q')] }),
  );
  await loadParcels();
  expect(parcels().map((one) => one.id)).toEqual(['1']);
  expect(localStorage.getItem('morphotera:outbox')).toContain('"2"');
  localStorage.setItem('morphotera:outbox', JSON.stringify({ version: 9, value: [] }));
  await loadParcels();
  expect(localStorage.getItem('morphotera:outbox')).toContain('9');
});

it('a server that asks to be asked again at once is asked again, with nobody pressing a key', async () => {
  answers.push(() => Promise.resolve(new Response('{}', { status: 503, headers: { 'Retry-After': '0' } })));
  await post(reading(A));
  await sendAll();
  await vi.waitFor(() => expect(parcels()).toEqual([]));
  expect(sent).toHaveLength(2);
});

it('signed out, nobody knocks for the others; signed in again, all of them go', async () => {
  answers.push(() => json({ code: 'signed-out' }, 401));
  await post(reading(A));
  await post(reading(B));
  await sendAll();
  await new Promise((rest) => setTimeout(rest, 600));
  expect(sent).toHaveLength(1);
  sendFor('p');
  await vi.waitFor(() => expect(parcels()).toEqual([]));
});
