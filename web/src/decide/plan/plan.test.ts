import { expect, test } from 'vitest';
import type { Judgement, PlanStep } from '../../api/types';
import { after, costOf, forField, lanes, moved, seasonName, seasons } from './plan';

function step(id: string, remedy: string, from: string, to: string): PlanStep {
  return {
    id,
    remedy,
    zone: 'z',
    from,
    to,
    inputs: {},
    amount: null,
    unit: null,
    cost: null,
    decidedBy: 'grower',
    watch: [],
    lookAgain: null,
    state: 'proposed',
    why: null,
  };
}

test('a board begins in the half year of its first step and shows three years at least', () => {
  const board = seasons([step('a', 'lime', '2031-10', '2031-11')], '2031-12');
  expect(seasonName(board.from, false)).toBe('autumn 31');
  expect(board.starts.length).toBe(6);
  expect(seasonName(board.starts[1] ?? 0, false)).toBe('spring 32');
  expect(seasonName(board.starts[1] ?? 0, true)).toBe('autumn 32');
  expect(board.to - board.from).toBe(36);
});

test('January belongs to the autumn that went before', () => {
  expect(seasonName(seasons([], '2032-01').from, false)).toBe('autumn 31');
});

test('two dressings of one row lie in one lane where they follow each other, in two where they overlap', () => {
  const one = lanes([step('a', 'lime', '2031-09', '2031-10'), step('b', 'lime', '2032-09', '2032-10')]);
  expect(one.map((lane) => lane.steps.length)).toEqual([2]);
  const two = lanes([step('a', 'lime', '2031-09', '2031-11'), step('b', 'sulphur', '2031-11', '2032-01')]);
  expect(two.map((lane) => lane.row)).toEqual(['lime and acid', '']);
});

test('the words behind a bar are not covered by the next one', () => {
  const steps = [
    step('a', 'grazing-rest', '2026-11', '2027-03'),
    step('b', 'compaction', '2027-07', '2027-09'),
    step('c', 'compaction', '2028-07', '2028-09'),
  ];
  const named = lanes(steps, () => 'Rest from grazing 136');
  expect(named.map((lane) => lane.steps.map((one) => one.id))).toEqual([['a', 'c'], ['b']]);
  expect(lanes(steps)).toHaveLength(1);
});

test('a tonne is paid by the tonne, a hectare by the hectare, and what has no amount yet not at all', () => {
  const lime = { remedy: 'lime', amount: 40, per: 'tonne of product, spread' };
  expect(costOf(lime, 5, 12.5, 't')).toBe(500);
  expect(costOf(lime, 5, null, null)).toBeNull();
  expect(costOf({ remedy: 'gypsum', amount: 40, per: 'tonne' }, 5, 500, 'kg')).toBe(20);
  expect(costOf({ remedy: 'mulch', amount: 220, per: 'hectare' }, 1.5, null, null)).toBe(330);
});

test('so much for each hectare is so much for the field', () => {
  expect(forField(2.4, 't/ha', 5.1)).toEqual({ amount: 12.2, unit: 't' });
  expect(forField(41, 'mm', 5.1)).toBeNull();
});

test('moving the drains offers to move the leaching, and what waits for that', () => {
  const called = [
    { remedy: 'drains', after: [] },
    { remedy: 'leaching', after: [{ remedy: 'drains', rule: 'water-before-salt', text: '' }] },
    { remedy: 'legume', after: [{ remedy: 'leaching', rule: 'salt-before-seed', text: '' }] },
    { remedy: 'lime', after: [] },
  ] as unknown as Judgement['plan'];
  const drains = step('d', 'drains', '2031-08', '2031-10');
  const steps = [
    drains,
    step('l', 'leaching', '2031-11', '2032-02'),
    step('s', 'legume', '2032-04', '2032-05'),
    step('k', 'lime', '2031-09', '2031-10'),
  ];
  expect(after(drains, steps, called).map((one) => one.id)).toEqual(['l', 's']);
  expect(moved(drains, 14)).toMatchObject({ from: '2032-10', to: '2032-12' });
});
