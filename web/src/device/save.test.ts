// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { beforeEach, expect, it, vi } from 'vitest';
import { Failed } from '../api/problem';
import { openDatabase, removeDatabase } from './database';
import { loadParcels, parcels } from './parcels';
import { changes, save } from './save';

const VISIT = '018f0000-0000-7000-8000-000000000001';
const SPOT = '018f0000-0000-7000-8000-000000000002';
let answer: () => Promise<Response>;
const sent: Request[] = [];

beforeEach(async () => {
  localStorage.clear();
  sent.length = 0;
  await removeDatabase('p');
  await openDatabase('p');
  await loadParcels();
  globalThis.fetch = vi.fn((request: string | URL | Request) => {
    sent.push(request as Request);
    return answer();
  }) as typeof fetch;
});

const visit = { fieldId: 'f', moisture: 'moist', ticks: { z: { crust: true } }, methods: ['ph'], version: 3 };
const wet = { ...visit, moisture: 'wet', ticks: { z: { crust: true, tracks: false } } };
const saving = (was: typeof visit | null) => ({
  person: 'p',
  path: `/api/visits/${VISIT}`,
  was,
  is: wet,
  label: 'visit',
});

it('only what was changed is told, ticks each by itself', () => {
  expect(changes(visit, wet)).toEqual([
    { path: '/moisture', was: 'moist', is: 'wet' },
    { path: '/ticks/z/tracks', was: null, is: false },
  ]);
  expect(changes(wet, visit)).toContainEqual({ path: '/ticks/z/tracks', was: false, is: null });
  expect(changes(visit, { ...visit, methods: ['ph', 'slaking'] })).toEqual([
    { path: '/methods', was: ['ph'], is: ['ph', 'slaking'] },
  ]);
  expect(changes(visit, { ...visit, version: 9 })).toEqual([]);
});

it('with a signal the server answers at once, and nothing waits', async () => {
  answer = () => Promise.resolve(new Response(JSON.stringify({ id: VISIT, moisture: 'wet' })));
  expect(await save(saving(visit))).toEqual({ kept: false, stands: { id: VISIT, moisture: 'wet' } });
  expect(sent[0]?.method).toBe('PATCH');
  expect(parcels()).toEqual([]);
});

it('without one it waits under the number it was first sent with', async () => {
  answer = () => Promise.reject(new TypeError('network'));
  expect(await save(saving(null))).toEqual({ kept: true });
  expect(parcels()[0]).toMatchObject({ verb: 'PUT', id: sent[0]?.headers.get('X-Morphotera-Parcel') });
});

it('what the server refuses is said, and nothing waits', async () => {
  answer = () => Promise.resolve(new Response('{"detail":"no","errors":[]}', { status: 422 }));
  await expect(save(saving(visit))).rejects.toBeInstanceOf(Failed);
  expect(parcels()).toEqual([]);
});

it('what needs something that is not sent yet goes behind it, signal or not', async () => {
  answer = () => Promise.reject(new TypeError('network'));
  await save(saving(null));
  sent.length = 0;
  answer = () => Promise.resolve(new Response('{}'));
  const spot = { person: 'p', path: `/api/spots/${SPOT}`, was: null, is: { visit: VISIT }, label: 'spot' };
  expect(await save(spot)).toEqual({ kept: true });
  expect(sent.filter((one) => one.url.includes(SPOT))).toEqual([]);
  expect(parcels()[1]?.after).toEqual([parcels()[0]?.id]);
});
