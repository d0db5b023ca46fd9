import { expect, it } from 'vitest';
import { looks } from './levels';

it('levels are read up from the bottom of a hole or down from its edge', () => {
  expect(
    looks(
      [
        { minutes: '0', depthMm: '240' },
        { minutes: '30', fromTopMm: '90' },
      ],
      300,
    ),
  ).toEqual([
    { minutes: 0, mm: 240, refilled: false },
    { minutes: 30, mm: 210, refilled: false },
  ]);
});

it('a hole that was filled again goes on from there', () => {
  expect(looks([{ minutes: '60', depthMm: '40', refilledToMm: '240' }], 300)).toEqual([
    { minutes: 60, mm: 40, refilled: false },
    { minutes: 60, mm: 240, refilled: true },
  ]);
});

it('a look without its time or its level is not drawn', () => {
  expect(looks([{ minutes: '5' }, { mm: '12' }, { minutes: 'x', mm: '3' }, {}], 300)).toEqual([]);
});
