import { expect, test } from 'vitest';
import type { RemedyAnswer, Visit } from '../api/types';
import { inMoney, type Money } from './inMoney';
import { joinable } from './nextTest';

const MONEY: Money = {
  areaHa: 5,
  prices: {
    currency: 'crowns',
    version: 0,
    prices: [
      { remedy: 'lime', amount: 40, per: 'tonne spread' },
      { remedy: 'sampling-laboratory', amount: 60, per: 'sample' },
    ],
  },
};

const ANSWER = {
  remedy: 'lime',
  lines: [{ key: 'productTPerHa', value: 3, unit: 't/ha', label: '', formula: '', filled: '' }],
  ranges: { productTPerHa: { low: 2, high: 5 } },
  narrowed: { depthCm: { low: 2.9, high: 3.1 }, organicCarbonPercent: { low: 2.5, high: 3.5 } },
} as unknown as RemedyAnswer;

test('a doubt is money for the field, beside the laboratory test that takes most of it away', () => {
  expect(inMoney(ANSWER, MONEY)).toEqual({
    low: 400,
    high: 1000,
    currency: 'crowns',
    test: { key: 'organicCarbonPercent', price: 60, low: 500, high: 700 },
  });
});

test('without a range, or with a price that is not by amount, no money is in doubt', () => {
  expect(inMoney({ ...ANSWER, ranges: {} }, MONEY)).toBeNull();
  const perHa = {
    ...MONEY,
    prices: { ...MONEY.prices, prices: [{ remedy: 'lime', amount: 40, per: 'hectare' }] },
  };
  expect(inMoney(ANSWER, perHa)).toBeNull();
});

test('what only a tape could tell is no laboratory test', () => {
  const depthAlone = { ...ANSWER, narrowed: { depthCm: { low: 2.9, high: 3.1 } } } as unknown as RemedyAnswer;
  expect(inMoney(depthAlone, MONEY)?.test).toBeNull();
});

const visit = (state: string, day: string) => ({ state, day }) as Visit;

test('a test joins the visit that runs, else the soonest planned one', () => {
  const planned = [
    visit('planned', '2031-07-01'),
    visit('planned', '2031-06-01'),
    visit('done', '2031-01-01'),
  ];
  expect(joinable(planned)?.day).toBe('2031-06-01');
  expect(joinable([...planned, visit('running', '2031-05-14')])?.state).toBe('running');
  expect(joinable([visit('done', '2031-01-01')])).toBeNull();
});
