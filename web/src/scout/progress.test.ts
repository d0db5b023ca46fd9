import { expect, it } from 'vitest';
import type { Method } from '../api/types';
import { NO_PLAN } from './dayPlan';
import type { AskedSheet } from './plan';
import { type Ended, progress } from './progress';

const step = (id: string, more: object = {}) => ({
  id,
  handsOnS: 60,
  wait: null,
  when: 'field',
  sharedAs: null,
  minPeople: 1,
  ...more,
});
const method = (id: string, ...steps: object[]) =>
  ({ id, variants: [{ id: 'usual', name: 'Usual', steps }] }) as unknown as Method;

const BLOCK = step('block', { sharedAs: 'block' });
const WORMS = method('earthworms', BLOCK, step('sort'), step('count'));
const SMELL = method('smell', BLOCK, step('take'));
const DISHES = method('dispersion', step('lay', { wait: { minS: 600, maxS: 660 } }), step('look'));
const ALL = [WORMS, SMELL, DISHES];

const visit = (people: number, ...tests: [spot: string, method: string][]) =>
  ({
    people,
    spots: ['a', 'b'].map((id) => ({ id, lat: 47.6, lon: -29.1 })),
    tests: tests.map(([spot, of]) => ({ spot, method: of, variant: null })),
  }) as AskedSheet;
const mine = (spot: string, of: string, at: number, steps: Ended['steps'] = 'all'): Ended => ({
  spot,
  method: of,
  at: at * 1000,
  steps:
    steps === 'all'
      ? steps
      : Object.fromEntries(Object.entries(steps).map(([id, second]) => [id, second * 1000])),
  by: 'me',
});
const at = (
  of: AskedSheet,
  ended: Ended[],
  atS: number,
  standing: { personId: string; spotId: string }[] = [],
) => progress(of, ALL, NO_PLAN, ended, standing, 0, atS * 1000);

it('counts a test whose reading stands as done, and tells what it shares once', () => {
  const now = at(
    visit(1, ['a', 'earthworms'], ['a', 'smell']),
    [mine('a', 'earthworms', 600), mine('a', 'smell', 300)],
    900,
  );
  expect(now.atS).toBe(900);
  expect(now.done).toEqual([
    { spot: 'a', method: 'smell', step: 'block', endS: 300 },
    { spot: 'a', method: 'smell', step: 'take', endS: 300 },
    { spot: 'a', method: 'earthworms', step: 'sort', endS: 600 },
    { spot: 'a', method: 'earthworms', step: 'count', endS: 600 },
  ]);
  expect(now.people).toEqual([{ person: 0, spot: 'a' }]);
});

it('knows steps that were ended on the bench, and those that came before them', () => {
  const now = at(visit(1, ['a', 'earthworms']), [mine('a', 'earthworms', 200, { sort: 200 })], 240);
  expect(now.done.map((one) => `${one.step} ${one.endS}`)).toEqual(['block 200', 'sort 200']);
});

it('has the step in hand that follows without a wait, until it was plainly left', () => {
  const worms = [mine('a', 'earthworms', 200, { sort: 200 })];
  expect(at(visit(1, ['a', 'earthworms']), worms, 240).running).toEqual([
    { person: 0, spot: 'a', method: 'earthworms', step: 'count', startS: 200 },
  ]);
  expect(at(visit(1, ['a', 'earthworms']), worms, 4000).running).toEqual([]);
});

it('has nothing in hand while dishes stand by themselves', () => {
  expect(
    at(visit(1, ['a', 'dispersion']), [mine('a', 'dispersion', 100, { lay: 100 })], 130).running,
  ).toEqual([]);
});

it('knows where the second person stands: where they said, else where they counted last', () => {
  const of = visit(2, ['a', 'smell'], ['b', 'smell']);
  const theirs = { ...mine('b', 'smell', 500), by: 'second' };
  const ended = [mine('a', 'smell', 300), theirs];
  expect(at(of, ended, 600).people).toEqual([
    { person: 0, spot: 'a' },
    { person: 1, spot: 'b' },
  ]);
  expect(at(of, ended, 600, [{ personId: 'second', spotId: 'a' }]).people[1]).toEqual({
    person: 1,
    spot: 'a',
  });
});

it('plans for no more people than were said, and for none at a spot off the sheet', () => {
  const standing = [{ personId: 'second', spotId: 'elsewhere' }];
  expect(at(visit(1, ['a', 'smell']), [], 60, standing).people).toHaveLength(1);
  expect(at(visit(2, ['a', 'smell']), [], 60, standing).people[1]).toEqual({ person: 1, spot: null });
});
