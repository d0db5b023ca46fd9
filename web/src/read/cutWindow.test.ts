import { expect, test } from 'vitest';
import { moved, partsOf } from './cutWindow';

test('a shallow cut has no parts, a pit has those it reaches', () => {
  expect(partsOf(30)).toEqual([]);
  expect(partsOf(60)).toEqual([
    [0, 30],
    [30, 60],
  ]);
  expect(partsOf(120)).toHaveLength(4);
});

test('plus narrows to half, minus widens back to all of it', () => {
  expect(moved(null, '+', 60)).toEqual([0, 30]);
  expect(moved([0, 30], '+', 60)).toEqual([0, 20]);
  expect(moved([0, 20], '+', 60)).toEqual([0, 20]);
  expect(moved([30, 60], '-', 60)).toEqual([15, 60]);
  expect(moved([0, 40], '-', 60)).toBeNull();
});

test('arrows move the window and never out of the cut', () => {
  expect(moved([0, 30], 'ArrowDown', 60)).toEqual([10, 40]);
  expect(moved([30, 60], 'ArrowDown', 60)).toEqual([30, 60]);
  expect(moved([10, 40], 'ArrowUp', 60)).toEqual([0, 30]);
  expect(moved(null, 'ArrowDown', 60)).toBeNull();
  expect(moved([30, 60], 'Escape', 60)).toBeNull();
});
