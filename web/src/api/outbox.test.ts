// @vitest-environment jsdom
import { beforeEach, expect, it, vi } from 'vitest';
import { drop, onSent, parcels, post, send } from './outbox';

const ANSWERS: (() => Promise<Response>)[] = [];
const sent: string[] = [];

beforeEach(() => {
  localStorage.clear();
  ANSWERS.length = 0;
  sent.length = 0;
  vi.useFakeTimers();
  globalThis.fetch = vi.fn((path: string | URL | Request) => {
    sent.push(path instanceof Request ? new URL(path.url).pathname : String(path));
    const next = ANSWERS.shift();
    return next ? next() : Promise.resolve(new Response('{}', { status: 200 }));
  }) as typeof fetch;
});

const reading = (path: string) => ({ person: 'p', path, body: { a: 1 }, label: 'slaking, spot 1' });

it('what is posted is sent and leaves the box', async () => {
  const told = vi.fn();
  const stop = onSent(told);
  post(reading('/api/readings/1'));
  await vi.runAllTimersAsync();
  stop();
  expect(sent).toEqual(['/api/readings/1']);
  expect(parcels()).toEqual([]);
  expect(told).toHaveBeenCalledOnce();
});

it('without signal it stays, and is sent when there is signal again', async () => {
  ANSWERS.push(() => Promise.reject(new TypeError('network')));
  post(reading('/api/readings/1'));
  await vi.advanceTimersByTimeAsync(10);
  expect(parcels()).toHaveLength(1);
  await vi.advanceTimersByTimeAsync(6000);
  expect(parcels()).toEqual([]);
  expect(sent).toHaveLength(2);
});

it('a server in trouble is asked again; nothing is lost', async () => {
  ANSWERS.push(() => Promise.resolve(new Response('{}', { status: 503 })));
  post(reading('/api/readings/1'));
  await vi.advanceTimersByTimeAsync(10);
  expect(parcels()[0]?.problem).toBeNull();
  await vi.advanceTimersByTimeAsync(6000);
  expect(parcels()).toEqual([]);
});

it('a refusal is kept with its words and does not hold up the rest', async () => {
  ANSWERS.push(() => Promise.resolve(new Response('{"detail":"no such spot"}', { status: 422 })));
  post(reading('/api/readings/1'));
  post(reading('/api/readings/2'));
  await vi.runAllTimersAsync();
  expect(parcels().map((parcel) => parcel.problem?.detail)).toEqual(['no such spot']);
  drop(parcels()[0]?.id ?? '');
  expect(parcels()).toEqual([]);
});

it('a newer draft takes the place of the one that waits', async () => {
  ANSWERS.push(() => Promise.reject(new TypeError('network')));
  post(reading('/api/readings/1'));
  await vi.advanceTimersByTimeAsync(10);
  post(reading('/draft'), true);
  post(reading('/draft'), true);
  expect(parcels().map((parcel) => parcel.path)).toEqual(['/api/readings/1', '/draft']);
});

it('what another person left is not sent in my name', async () => {
  ANSWERS.push(() => Promise.reject(new TypeError('network')));
  post({ ...reading('/api/readings/1'), person: 'other' });
  await vi.advanceTimersByTimeAsync(10);
  await send('p');
  expect(parcels()).toHaveLength(1);
});
