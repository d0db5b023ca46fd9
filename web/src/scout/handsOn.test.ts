import { expect, it } from 'vitest';
import type { Method, PriceList } from '../api/types';
import { NO_PLAN } from './dayPlan';
import { costOfTests, minutesOf, minutesTogether, priceOf } from './handsOn';

const step = (id: string, handsOnS: number, more: object = {}) => ({
  id,
  handsOnS,
  sharedAs: null,
  when: 'field',
  minPeople: 1,
  ...more,
});
const method = (id: string, ...steps: object[]) =>
  ({ id, variants: [{ id: 'usual', name: 'Usual', steps }] }) as unknown as Method;
const at = (spot: string, ...methods: string[]) => methods.map((id) => ({ spot, method: id, variant: null }));

const SPADE = method('structure-spade', step('block', 210, { sharedAs: 'block' }), step('judge', 180));
const ROOTS = method('root-depth', step('block', 210, { sharedAs: 'block' }), step('judge', 45));
const SLAKING = method(
  'slaking',
  step('gather', 60),
  step('dry', 30, { when: 'later' }),
  step('lay', 90, { when: 'later' }),
);
const HOLE = method('percolation-hole', step('soak', 60, { when: 'day-before' }), step('read', 30));
const PIT = method('root-pit', step('dig', 600, { minPeople: 2 }));
const ALL = [SPADE, ROOTS, SLAKING, HOLE, PIT];
const together = (tests: ReturnType<typeof at>) => minutesTogether(tests, ALL, NO_PLAN);

it('a method alone costs all of its steps', () => {
  expect(minutesOf(SPADE, NO_PLAN)).toBe(6.5);
});

it('the block is cut once at a spot for all that share it, and once more at the next spot', () => {
  expect(together(at('a', 'structure-spade', 'root-depth')).field).toBe((210 + 180 + 45) / 60);
  expect(together([...at('a', 'structure-spade'), ...at('b', 'root-depth')]).field).toBe(
    (2 * 210 + 180 + 45) / 60,
  );
});

it('what is done the day before and at home is counted apart', () => {
  expect(together(at('a', 'slaking', 'percolation-hole'))).toEqual({ field: 1.5, home: 3 });
});

it('a test that is done once costs its minutes once, however many spots there are', () => {
  const spots = [...at('a', 'structure-spade'), ...at('b', 'structure-spade')];
  expect(together([...spots, ...at('a', 'slaking')]).field).toBe(together(spots).field + 1);
});

it('a pit takes the minutes of two', () => {
  expect(together(at('a', 'root-pit')).field).toBe(20);
});

it('no test costs nothing', () => {
  expect(together([])).toEqual({ field: 0, home: 0 });
});

const PRICES = {
  currency: 'crowns',
  prices: [
    { remedy: 'sampling-laboratory', amount: 38, per: 'sample' },
    { remedy: 'ph', amount: 0.6, per: 'test' },
  ],
  version: 0,
} as PriceList;

it('what is used up adds up spot by spot, and a bag for the laboratory costs what its bill says', () => {
  expect(costOfTests([...at('a', 'ph', 'laboratory'), ...at('b', 'ph')], PRICES)).toBeCloseTo(39.2);
  expect(priceOf('earthworms', PRICES)).toBeNull();
});
