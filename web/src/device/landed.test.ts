import { QueryClient } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { keys } from '../api/keys';
import type { Reading, WholeVisit } from '../api/types';
import { newer } from './copies';
import { landed } from './landed';

const wet = { id: 'r1', visitId: 'v', method: 'slaking', corrects: null, correctedBy: null } as Reading;
const fetched = {
  visit: { id: 'v', revision: 4, moisture: 'moist' },
  readings: [wet],
  photographs: [],
} as unknown as WholeVisit;

/** What the pages know of the visit once that was answered. */
function after(path: string, answer: object) {
  const queries = new QueryClient();
  queries.setQueryData(keys.visit('v'), fetched);
  const copies = landed(queries, path, answer);
  return { copies, whole: queries.getQueryData<WholeVisit>(keys.visit('v')) };
}

it('a reading that was sent stands among its visit, on the page and in what is kept', () => {
  const { copies, whole } = after('/api/readings/r2', { ...wet, id: 'r2' });
  expect(whole?.readings.map((one) => one.id)).toEqual(['r1', 'r2']);
  expect(copies).toMatchObject([
    { key: 'q:["visit","v"]', value: { queryKey: ['visit', 'v'], data: whole } },
  ]);
});

it('what it corrects counts no more', () => {
  const { whole } = after('/api/readings/r2', { ...wet, id: 'r2', corrects: 'r1' });
  expect(whole?.readings.map((one) => one.correctedBy)).toEqual(['r2', null]);
});

it('an answer that was on its way before it was sent does not take it away again', () => {
  const { whole } = after('/api/readings/r2', { ...wet, id: 'r2' });
  expect(newer(whole, fetched)).toBe(whole);
  const since = { ...fetched, visit: { ...fetched.visit, revision: 5 } };
  expect(newer(whole, since)).toBe(since);
});

it('said again, it is known already, and what others wrote meanwhile is still taken', () => {
  const { whole } = after('/api/readings/r1', wet);
  expect(whole?.readings).toHaveLength(1);
  expect(whole?.visit.revision).toBe(4);
});

it('a picture stands with its visit, and the visit itself is as the server has it', () => {
  expect(after('/api/photographs/p?visit=v', { id: 'p', visitId: 'v' }).whole?.photographs).toHaveLength(1);
  const visit = { id: 'v', revision: 5, moisture: 'wet' };
  expect(after('/api/visits/v', visit).whole?.visit).toEqual(visit);
  expect(after('/api/visits/v', { ...visit, revision: 3 }).copies).toEqual([]);
});

it('of a visit that no page has looked at there is nothing to keep', () => {
  expect(landed(new QueryClient(), '/api/readings/r2', { ...wet, id: 'r2' })).toEqual([]);
  expect(after('/api/fields/f', { id: 'f' }).copies).toEqual([]);
});
