import 'fake-indexeddb/auto';
import { beforeEach, expect, it } from 'vitest';
import { database, openDatabase } from './database';
import { isPinned, keptFields, letGo, pin, unpin } from './kept';

const NOW = Date.parse('2031-05-14T08:00:00Z');
const DAY_MS = 86_400_000;

const copy = (id: string, name: string) => ({
  key: `copy:${id}`,
  value: { field: { id, name, holdingName: 'Hallow Quay' } },
  at: NOW - DAY_MS,
});

beforeEach(async () => {
  await openDatabase(`keeper-${Math.random()}`);
  await database()?.copies.bulkPut([
    copy('a', 'Church Piece'),
    copy('b', 'Lower Flats'),
    copy('c', 'Back Lane'),
    { key: 'opened:b', value: null, at: NOW - 3 * DAY_MS },
    { key: 'opened:c', value: null, at: NOW - 31 * DAY_MS },
    { key: 'q:["field","b"]', value: {}, at: NOW },
    { key: 'q:["methods"]', value: {}, at: NOW },
  ]);
});

it('each field on the device says what keeps it there, by name', async () => {
  await pin('a');
  expect((await keptFields(NOW)).map((one) => [one.name, one.why])).toEqual([
    ['Hallow Quay, Back Lane', 'planned'],
    ['Hallow Quay, Church Piece', 'pinned'],
    ['Hallow Quay, Lower Flats', 'opened'],
  ]);
});

it('a pin stays until it is taken out', async () => {
  expect(await isPinned('a')).toBe(false);
  await pin('a');
  expect(await isPinned('a')).toBe(true);
  await unpin('a');
  expect(await isPinned('a')).toBe(false);
});

it('a field that is let go leaves nothing of itself, and all else where it was', async () => {
  await pin('b');
  await letGo('b');
  expect((await database()?.copies.toCollection().primaryKeys())?.sort()).toEqual([
    'copy:a',
    'copy:c',
    'opened:c',
    'q:["methods"]',
  ]);
});
