import { expect, it } from 'vitest';
import type { MethodField } from '../../api/types';
import { points, withDepth } from './Profile';

const field = (key: string, kind: string, unit: string | null = null) =>
  ({ key, kind, unit }) as unknown as MethodField;
const pH = field('value', 'number', 'pH');
const FIELDS = [field('depthCm', 'number', 'cm'), pH, field('basis', 'choice')];

it('points lie in the order of their depth, whatever order they were typed in', () => {
  const rows = [
    { depthCm: '15', value: '5,4' },
    { depthCm: '5', value: '6.2' },
  ];
  expect(points(rows, pH)).toEqual([
    { depthCm: 5, value: 6.2 },
    { depthCm: 15, value: 5.4 },
  ]);
});

it('a depth without a value yet is known, a value without a depth is not', () => {
  expect(points([{ depthCm: '5' }, { value: '6' }], pH)).toEqual([{ depthCm: 5, value: null }]);
});

it('a depth that is tapped fills the first open row and is read as the one before', () => {
  expect(withDepth([{ depthCm: '5', basis: 'card' }, {}], 15, FIELDS)).toEqual([
    { depthCm: '5', basis: 'card' },
    { depthCm: '15', basis: 'card' },
  ]);
  expect(withDepth([{ depthCm: '5' }], 12.5, FIELDS)).toHaveLength(2);
});

it('what was typed in an open row stays', () => {
  expect(withDepth([{ value: '6.1' }], 5, FIELDS)).toEqual([{ value: '6.1', depthCm: '5' }]);
});
