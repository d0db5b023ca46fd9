import { expect, it } from 'vitest';
import { spread } from './spread';

it('marks apart stay on their line', () => {
  expect(spread([10, 40, 80], 11, 6)).toEqual([0, 0, 0]);
});

it('marks at one place stand beside one another', () => {
  expect(spread([50, 50, 50], 11, 6)).toEqual([0, 6, -6]);
});
