import { expect, test } from 'vitest';
import { type Knot, oneMore, put, scoreAt, stepOf, wouldMove } from './yardstick';

const PH: Knot[] = [
  [4, 0],
  [6, 80],
  [7, 100],
  [9, 0],
];

test('a score lies on the straight line between its knots, and flat beyond the ends', () => {
  expect(scoreAt(PH, 5)).toBe(40);
  expect(scoreAt(PH, 3)).toBe(0);
  expect(scoreAt(PH, 11)).toBe(0);
  expect(scoreAt(PH, 7)).toBe(100);
});

test('a knot does not pass its neighbours, nor leave the scale', () => {
  expect(put(PH, 1, 8, 120, 0.1)[1]).toEqual([6.9, 100]);
  expect(put(PH, 0, -50, -3, 0.1)[0]).toEqual([-50, 0]);
});

test('only readings whose band is another are counted as moved', () => {
  const sour = put(PH, 1, 5, 80, 0.1);
  expect(wouldMove(PH, sour, [5, 6.9, 4.01])).toBe(1);
  expect(wouldMove(PH, PH, [5, 6])).toBe(0);
});

test('one more knot lies on the line as it is', () => {
  const more = oneMore(PH);
  expect(more).toHaveLength(5);
  expect(more[1]).toEqual([5, 40]);
});

test('arrow keys move by a round hundredth of the axis', () => {
  expect(stepOf(4, 9)).toBe(0.05);
  expect(stepOf(0, 60)).toBe(1);
});
