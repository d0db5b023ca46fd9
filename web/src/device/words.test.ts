// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { beforeEach, expect, it, vi } from 'vitest';
import { database, openDatabase, removeDatabase } from './database';
import { isFull, loadWords, onChange, read, remove, write } from './words';

beforeEach(async () => {
  localStorage.clear();
  await removeDatabase('p');
  await openDatabase('p');
  await loadWords();
});

it('what is kept is there again after the page was closed, and nothing is nothing', async () => {
  await write('draft', 1, { text: 'half a number' });
  await loadWords();
  expect(read('draft', 1)).toEqual({ text: 'half a number' });
  expect(read('other', 1)).toBeNull();
});

it('an older version is brought forward step by step', async () => {
  await write('draft', 1, { a: 1 });
  const steps = [(v: unknown) => ({ ...(v as object), b: 2 }), (v: unknown) => ({ ...(v as object), c: 3 })];
  expect(read('draft', 3, steps)).toEqual({ a: 1, b: 2, c: 3 });
});

it('a newer version than this page knows is left alone', async () => {
  await write('draft', 9, {});
  expect(read('draft', 1)).toBeNull();
  expect(await database()?.words.get('draft')).toMatchObject({ version: 9 });
});

it('those who listen are told of every change', async () => {
  const tell = vi.fn();
  const stop = onChange(tell);
  await write('draft', 1, 1);
  await remove('draft');
  stop();
  await write('draft', 1, 2);
  expect(tell).toHaveBeenCalledTimes(2);
});

it('a device without room says so, and what was typed stays in hand', async () => {
  const table = database()?.words;
  if (!table) throw new Error('no database');
  const full = vi.spyOn(table, 'put').mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
  expect(await write('draft', 1, 'typed')).toBe(false);
  expect(isFull()).toBe(true);
  expect(read('draft', 1)).toBe('typed');
  full.mockRestore();
  expect(await write('draft', 1, 'typed on')).toBe(true);
  expect(isFull()).toBe(false);
});

it('what an older page kept in the local storage is taken over', async () => {
  localStorage.setItem('morphotera:draft:v:s:ph', JSON.stringify({ version: 2, value: { note: 'wet' } }));
  localStorage.setItem('morphotera:theme', 'dusk');
  localStorage.setItem('somebody-elses', '{"version":1}');
  await loadWords();
  expect(read('draft:v:s:ph', 2)).toEqual({ note: 'wet' });
  expect(localStorage.getItem('morphotera:draft:v:s:ph')).toBeNull();
  expect(localStorage.getItem('morphotera:theme')).toBe('dusk');
  expect(localStorage.getItem('somebody-elses')).not.toBeNull();
});

it('the last key before a tab is killed is there again, though the database never heard of it', async () => {
  const table = database()?.words;
  if (!table) throw new Error('no database');
  const never = vi.spyOn(table, 'put').mockReturnValue(new Promise(() => {}) as never);
  void write('draft', 1, 'half a numb');
  void write('draft', 1, 'half a number');
  never.mockRestore();
  await loadWords();
  expect(read('draft', 1)).toBe('half a number');
  expect(await table.get('draft')).toMatchObject({ value: 'half a number' });
});

it('what is counted right after its last key does not come back as something typed', async () => {
  const last = write('draft', 1, { text: 'the last' });
  await remove('draft');
  await last;
  await loadWords();
  expect(read('draft', 1)).toBeNull();
});
