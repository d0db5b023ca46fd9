import { expect, it } from 'vitest';
import type { Step } from '../api/types';
import { minutesOf, minutesTogether } from './handsOn';

const step = (id: string, handsOnS: number, sharedAs: string | null = null) =>
  ({ id, handsOnS, sharedAs }) as Step;

const BLOCK = { id: 'structure-spade', steps: [step('block', 210, 'block'), step('judge', 180)] };
const ROOTS = { id: 'root-depth', steps: [step('block', 210, 'block'), step('judge', 45)] };

it('a method alone costs all of its steps', () => {
  expect(minutesOf(BLOCK)).toBe(6.5);
});

it('the block is cut once for all that share it', () => {
  expect(minutesTogether([BLOCK, ROOTS])).toBe((210 + 180 + 45) / 60);
});

it('steps of one name in two methods are two steps unless they are shared', () => {
  expect(
    minutesTogether([
      { id: 'a', steps: [step('rinse', 30)] },
      { id: 'b', steps: [step('rinse', 30)] },
    ]),
  ).toBe(1);
});

it('no test costs nothing', () => {
  expect(minutesTogether([])).toBe(0);
});
