// @vitest-environment jsdom
import { beforeEach, expect, it, vi } from 'vitest';
import { onChange, read, remove, write } from './device';

beforeEach(() => localStorage.clear());

it('what is kept is there again, and nothing is nothing', () => {
  write('draft', 1, { text: 'half a number' });
  expect(read('draft', 1)).toEqual({ text: 'half a number' });
  expect(read('other', 1)).toBeNull();
});

it('an older version is brought forward step by step', () => {
  write('draft', 1, { a: 1 });
  const steps = [(v: unknown) => ({ ...(v as object), b: 2 }), (v: unknown) => ({ ...(v as object), c: 3 })];
  expect(read('draft', 3, steps)).toEqual({ a: 1, b: 2, c: 3 });
});

it('a newer version than this page knows, or a broken one, is left alone', () => {
  write('draft', 9, {});
  expect(read('draft', 1)).toBeNull();
  localStorage.setItem('morphotera:draft', '{broken');
  expect(read('draft', 1)).toBeNull();
});

it('those who listen are told of every change', () => {
  const tell = vi.fn();
  const stop = onChange(tell);
  write('draft', 1, 1);
  remove('draft');
  stop();
  write('draft', 1, 2);
  expect(tell).toHaveBeenCalledTimes(2);
});

it('a device without room says so', () => {
  const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect(write('draft', 1, 1)).toBe(false);
  full.mockRestore();
});
