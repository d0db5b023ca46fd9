import { expect, it } from 'vitest';
import type { Problem } from '../api/problem';
import { fresh, heldBy, isOver, needs, outcome, type Parcel, ready, type State, waitMs } from './parcel';

const FIELD = '018f0000-0000-7000-8000-000000000001';
const SPOT = '018f0000-0000-7000-8000-000000000002';

function parcel(id: string, path: string, body: unknown = {}, state: State = fresh): Parcel {
  return { id, seq: 1, person: 'p', verb: 'PUT', path, body, label: '', after: [], state, result: null };
}

const sending = parcel('a', `/api/spots/${SPOT}`, {}, { is: 'sending', tries: 2, since: 0 });
const said = (code?: string): Problem => ({ status: 0, title: '', detail: '', errors: [], code });
const came = (
  status: number | null,
  body: unknown = null,
  code?: string,
  retryAfterS: number | null = null,
) => outcome(sending, status, body, retryAfterS, 1000, said(code));

it('only the thing itself counts as sent: a captive portal does not, nor does an answer of something else', () => {
  expect(came(200, { id: SPOT })).toEqual({ sent: true });
  expect(came(204)).toEqual({ sent: true });
  expect(came(200, null)).toMatchObject({ sent: false, state: { is: 'waiting' } });
  expect(came(200, { id: FIELD })).toMatchObject({ sent: false, state: { is: 'waiting' } });
  expect(came(302)).toMatchObject({ sent: false, state: { is: 'waiting' } });
});

it('what goes with a thing, a probe’s minute or an order, counts as sent where the answer names the thing', () => {
  const minute = { ...sending, path: `/api/readings/${SPOT}/streams` };
  expect(outcome(minute, 200, { id: SPOT, streams: [] }, null, 0, said())).toEqual({ sent: true });
  expect(outcome(minute, 200, { streams: [] }, null, 0, said())).toMatchObject({ sent: false });
});

it('each refusal has a state of its own, and only what the others would meet too stops the sender', () => {
  expect(came(422)).toMatchObject({ state: { is: 'refused' }, stop: false });
  expect(came(404)).toMatchObject({ state: { is: 'refused' }, stop: false });
  expect(came(409, null, 'stale')).toMatchObject({ state: { is: 'stale' }, stop: false });
  expect(came(409, null, 'other-person')).toMatchObject({ state: { is: 'other-person' }, stop: true });
  expect(came(401)).toMatchObject({ state: { is: 'signed-out' }, stop: true });
  expect(came(426)).toMatchObject({ state: { is: 'too-old' }, stop: true });
});

it('no answer, a busy server and a broken one are waited for; the fifth fault of one parcel is its own', () => {
  expect(came(null)).toMatchObject({ state: { is: 'waiting', notBefore: 1000 + 4000 }, stop: true });
  expect(came(503, null, undefined, 7)).toMatchObject({ state: { notBefore: 8000 }, stop: true });
  expect(came(500)).toMatchObject({ state: { is: 'waiting' }, stop: true });
  const fifth = { ...sending, state: { is: 'sending', tries: 5, since: 0 } as State };
  expect(outcome(fifth, 500, null, null, 0, said())).toMatchObject({ state: { is: 'refused' }, stop: false });
});

it('waits grow from two seconds to five minutes', () => {
  expect([1, 2, 3, 20].map(waitMs)).toEqual([2000, 4000, 8000, 300_000]);
});

it('a spot waits for its field, and a reading for both; others go on', () => {
  const field = parcel('f', `/api/fields/${FIELD}`);
  const spot = parcel('s', `/api/spots/${SPOT}`, { fieldId: FIELD });
  expect(needs(spot, [field])).toEqual(['f']);
  const held = { ...spot, after: ['f'] };
  const other = parcel('o', '/api/holdings/018f0000-0000-7000-8000-000000000009');
  const refused: Parcel = { ...field, state: { is: 'refused', problem: said() } };
  expect(heldBy(held, [refused, held]).map((one) => one.id)).toEqual(['f']);
  expect(ready([refused, held, other], 0)?.id).toBe('o');
  expect(ready([held, other], 0)?.id).toBe('s');
});

it('a spot that names its new field only by the first zone waits for the field', () => {
  const zone = '018f0000-0000-7000-8000-0000000000e1';
  const field = parcel('f', `/api/fields/${FIELD}`, { mainZoneId: zone });
  expect(needs({ path: `/api/spots/${SPOT}`, body: { zoneId: zone } }, [field])).toEqual(['f']);
});

it('a reading never waits behind the picture it names; what is marked on the picture does', () => {
  const id = '018f0000-0000-7000-8000-0000000000f1';
  const picture: Parcel = { ...parcel('p', `/api/photographs/${id}?visit=${FIELD}`), file: true };
  const reading = { path: `/api/readings/${SPOT}`, body: { values: { photograph: id } } };
  expect(needs(reading, [picture])).toEqual([]);
  expect(needs({ path: `/api/photographs/${id}/caption`, body: {} }, [picture])).toEqual(['p']);
});

it('what was set aside and taken back again goes in turn', () => {
  const aside = `/api/readings/${SPOT}/set-aside`;
  const first = parcel('a', aside, {}, { is: 'sending', tries: 1, since: 0 });
  const back = { ...parcel('b', aside), seq: 2 };
  expect(ready([first, back], 0)).toBeUndefined();
  expect(ready([back], 0)).toBe(back);
});

it('nothing goes before its time', () => {
  const later = parcel('l', `/api/spots/${SPOT}`, {}, { is: 'waiting', tries: 1, notBefore: 5000 });
  expect(ready([later], 4999)).toBeUndefined();
  expect(ready([later], 5000)).toBe(later);
});

it('what was put away is readable for thirty days', () => {
  const away: State = { is: 'put-away', at: 0 };
  expect(isOver(away, 29 * 86_400_000)).toBe(false);
  expect(isOver(away, 31 * 86_400_000)).toBe(true);
  expect(isOver(fresh, Number.MAX_SAFE_INTEGER)).toBe(false);
});
