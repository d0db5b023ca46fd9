// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { beforeEach, expect, it } from 'vitest';
import { openDatabase } from '../device/database';
import type { Parcel, State } from '../device/parcel';
import { loadParcels, mark, parcels, post } from '../device/parcels';
import { live, press, type, until } from '../testing/live';
import { texts } from '../testing/render';
import { Mend } from './Mend';

const refused: State = {
  is: 'refused',
  problem: {
    status: 422,
    title: '',
    detail: 'One thing is wrong.',
    errors: [{ path: '/clayPercent', code: 'out-of-range', text: 'Clay, %, goes from 0 to 100.' }],
  },
};

async function came(verb: Parcel['verb'], body: unknown, state: State): Promise<Parcel> {
  await post({ id: 'p', person: 'ann', path: '/api/zones/one', verb, body, label: 'A zone' });
  await mark('p', state);
  const parcel = parcels().find((one) => one.id === 'p');
  if (!parcel) throw new Error('nothing was kept');
  return parcel;
}

beforeEach(async () => {
  await openDatabase(`mender-${Math.random()}`);
  await loadParcels();
});

it('a value that was refused stands as typed, with what is wrong, and goes again once put right', async () => {
  const page = await live(<Mend parcel={await came('PUT', { name: 'wet', clayPercent: 140 }, refused)} />);
  const field = page.querySelector('input') as HTMLInputElement;
  expect(field.value).toBe('140');
  expect(page.textContent).toContain('Clay, %, goes from 0 to 100.');
  await type(field, '41');
  await press(page, 'Send it again');
  await until(() =>
    expect(parcels()[0]).toMatchObject({
      id: 'p',
      body: { name: 'wet', clayPercent: 41 },
      state: { is: 'waiting' },
    }),
  );
});

const said = (code: string): State => ({
  is: 'refused',
  problem: {
    status: 422,
    title: '',
    detail: '',
    errors: [{ path: '/amount', code, text: 'It is needed here.' }],
  },
});

it('a figure that was missing goes as a figure, and one that was wanted as text goes as text', async () => {
  const page = await live(<Mend parcel={await came('PUT', { kind: 'lime' }, said('missing'))} />);
  await type(page.querySelector('input'), '2,5');
  await press(page, 'Send it again');
  await until(() => expect(parcels()[0]?.body).toEqual({ kind: 'lime', amount: 2.5 }));
});

it('what was of the wrong kind goes as the other', async () => {
  const page = await live(<Mend parcel={await came('PUT', { amount: 25 }, said('wrong-type'))} />);
  await press(page, 'Send it again');
  await until(() => expect(parcels()[0]?.body).toEqual({ amount: '25' }));
});

it('what two changed stands side by side, and nothing goes before one is chosen', async () => {
  const body = { version: 1, changes: [{ path: '/texture', was: 'loam', is: 'silt-loam' }] };
  const current = { version: 2, texture: 'clay-loam' };
  const stale: State = { is: 'stale', problem: { status: 409, title: '', detail: '', errors: [], current } };
  const page = await live(<Mend parcel={await came('PATCH', body, stale)} />);
  expect(texts(page, '[role=radio]')).toEqual(['yours: silt loam', 'now: clay loam']);
  await press(page, 'Send it again');
  expect(page.textContent).toContain('Choose which is right: texture.');
  expect(parcels()[0]?.state.is).toBe('stale');
  await press(page, 'yours: silt loam');
  await press(page, 'Send it again');
  await until(() =>
    expect(parcels()[0]?.body).toEqual({
      version: 2,
      changes: [{ path: '/texture', was: 'clay-loam', is: 'silt-loam' }],
    }),
  );
});

it('where what stands is taken, nothing is left to send', async () => {
  const body = { version: 1, changes: [{ path: '/texture', was: 'loam', is: 'silt-loam' }] };
  const current = { version: 2, texture: 'clay-loam' };
  const stale: State = { is: 'stale', problem: { status: 409, title: '', detail: '', errors: [], current } };
  const page = await live(<Mend parcel={await came('PATCH', body, stale)} />);
  await press(page, 'now: clay loam');
  await press(page, 'Send it again');
  await until(() => expect(parcels()).toEqual([]));
});
