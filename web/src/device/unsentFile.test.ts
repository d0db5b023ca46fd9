import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { database, openDatabase } from './database';
import { loadParcels, mark, parcels, post, putAway } from './parcels';
import { readUnsent, takeIn, unsent } from './unsentFile';

// Pictures are true ones here, as no simulated page has them: so the little that is asked of a page is given.
vi.stubGlobal('localStorage', { getItem: () => null, setItem: () => {}, removeItem: () => {} });

const ANN = { id: 'ann', name: 'Ann' };
const OWNER = { id: 'owner', name: 'Owner' };
const READING = '/api/readings/0198f1aa-0000-7000-8000-000000000001';
const PICTURE = '/api/photographs/0198f1aa-0000-7000-8000-000000000002';

const problem = { status: 422, title: '', detail: '', errors: [] };

async function at(person: string) {
  await openDatabase(`${person}-${Math.random()}`);
  await loadParcels();
}

async function savedByAnn(): Promise<string> {
  await at('ann');
  await post({
    person: 'ann',
    path: READING,
    body: { method: 'ph', note: 'by the gate' },
    label: 'pH, spot 2',
  });
  const picture = new Blob([new Uint8Array([137, 80, 78, 71, 0, 255])], { type: 'image/png' });
  await post({ person: 'ann', path: PICTURE, body: null, label: 'A photograph' }, { file: picture });
  await post({ id: 'gone', person: 'ann', path: '/api/spots/x', body: {}, label: 'A spot' });
  await putAway('gone');
  return JSON.stringify(await unsent(ANN, '2031-05-14T08:00:00Z'));
}

describe('what a device could not send', () => {
  let file = '';
  beforeEach(async () => {
    file = await savedByAnn();
    await at('owner');
  });

  it('goes from an owner’s device in the order it was made, under the name of who made it', async () => {
    expect(await takeIn(readUnsent(file), OWNER)).toBe(2);
    expect(parcels().map((one) => [one.person, one.label, one.state.is])).toEqual([
      ['owner', 'pH, spot 2, of Ann', 'waiting'],
      ['owner', 'A photograph, of Ann', 'waiting'],
    ]);
    expect(parcels().map((one) => one.madeBy)).toEqual(['ann', 'ann']);
    expect(parcels()[0]?.body).toEqual({ method: 'ph', note: 'by the gate' });
  });

  it('brings its pictures along, byte for byte', async () => {
    await takeIn(readUnsent(file), OWNER);
    const picture = parcels().find((one) => one.file);
    const kept = await database()?.files.get(picture?.id ?? '');
    expect(picture?.path).toBe(PICTURE);
    expect(kept?.blob.type).toBe('image/png');
    expect(kept?.blob.size).toBe(6);
  });

  it('taken in twice adds nothing twice', async () => {
    await takeIn(readUnsent(file), OWNER);
    expect(await takeIn(readUnsent(file), OWNER)).toBe(0);
    expect(parcels()).toHaveLength(2);
  });

  it('is its own person’s again where they take it in themselves', async () => {
    await takeIn(readUnsent(file), ANN);
    expect(parcels()[0]?.madeBy).toBeUndefined();
  });
});

it('what was refused is in the file too: it is nobody’s to lose', async () => {
  await at('ann');
  await post({ id: 'r', person: 'ann', path: READING, body: {}, label: 'pH, spot 2' });
  await mark('r', { is: 'refused', problem });
  expect((await unsent(ANN, '2031-05-14T08:00:00Z')).parcels.map((one) => one.label)).toEqual(['pH, spot 2']);
});

it('a file of another kind, of a newer page or a damaged one says so, and nothing of it is kept', () => {
  expect(() => readUnsent('{"kind"')).toThrow('cannot be read');
  expect(() => readUnsent('{"kind":"spots","parcels":[]}')).toThrow('no file of unsent work');
  expect(() => readUnsent('{"kind":"morphotera-unsent","version":2,"parcels":[]}')).toThrow('newer page');
  expect(() =>
    readUnsent('{"kind":"morphotera-unsent","version":1,"parcels":[{"path":"https://x","label":"x"}]}'),
  ).toThrow('damaged');
});
