import { afterEach, expect, it } from 'vitest';
import type { Method, TrendView, Units } from '../api/types';
import { setMyUnits } from '../ground/myUnits';
import { endsOf, scoreRows, together, valueRows } from './trendRows';

const METHODS = [{ id: 'root-depth', name: 'Root depth' }] as unknown as Method[];

const VIEW = {
  visits: [
    {
      visitId: 'a',
      day: '2029-05-01',
      scores: { methods: [{ method: 'root-depth', mean: 60, spots: [{ spot: '1', score: 60 }] }] },
    },
    {
      visitId: 'b',
      day: '2031-05-01',
      scores: { methods: [{ method: 'root-depth', mean: 100, spots: [{ spot: '1', score: 100 }] }] },
    },
  ],
  values: [
    {
      method: 'root-depth',
      methodName: 'Root depth',
      key: 'root80',
      label: 'Four fifths of the roots above',
      unit: 'cm',
      depthCm: null,
      how: null,
      visits: [
        { visit: 'a', mean: 20, spots: [{ spot: '1', number: 20 }] },
        { visit: 'b', mean: 30, spots: [{ spot: '1', number: 30 }] },
      ],
    },
  ],
} as unknown as TrendView;

afterEach(() => setMyUnits(null));

it('scores keep to the part of 0 to 100 where they lie', () => {
  const [row] = scoreRows(VIEW, METHODS, 'main');
  expect(row).toMatchObject({ name: 'Root depth', said: ['score'], ends: [50, 100] });
  expect(row?.spots[0]?.points).toEqual([
    { day: '2029-05-01', value: 60 },
    { day: '2031-05-01', value: 100 },
  ]);
});

it('values stand in their unit, on round figures of their own', () => {
  const [row] = valueRows(VIEW, 'main');
  expect(row?.said).toEqual(['Four fifths of the', 'roots above, cm']);
  expect(row?.means).toEqual([
    {
      id: 'main',
      points: [
        { day: '2029-05-01', value: 20 },
        { day: '2031-05-01', value: 30 },
      ],
    },
  ]);
  expect(row?.ends).toEqual([18, 32]);
});

it('who reads in inches is drawn inches', () => {
  setMyUnits({ depth: 'in' } as Units);
  const [row] = valueRows(VIEW, 'main');
  expect(row?.said.at(-1)).toBe('roots above, in');
  expect(row?.means[0]?.points[0]?.value).toBeCloseTo(7.87, 2);
});

it('zones together share a scale, and one that lacks a test has no line in it', () => {
  const here = valueRows(VIEW, 'main');
  const [row] = together([
    here,
    [],
    here.map((one) => ({ ...one, means: one.means.map((line) => ({ ...line, id: 'strip' })) })),
  ]);
  expect(row?.means.map((line) => line.id)).toEqual(['main', 'strip']);
  expect(row?.spots).toEqual([]);
});

it('a quantity that never changed has a scale all the same, and none begins below nothing', () => {
  const any = Number.POSITIVE_INFINITY;
  expect(endsOf([6, 6], any)).toEqual([5.5, 6.5]);
  expect(endsOf([0, 3], any)[0]).toBe(0);
  expect(endsOf([-2, 3], any)[0]).toBeLessThan(-2);
  // Ground is never covered by more than all of it.
  expect(endsOf([40, 99], 100)[1]).toBe(100);
});
