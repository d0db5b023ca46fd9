import { describe, expect, test } from 'vitest';
import type { BesideRow, BesideView } from '../api/types';
import { depthOf, figureOf, firstWords, unlikeWords } from './beside';

const row = (more: Partial<BesideRow>): BesideRow => ({
  method: 'ph',
  depthClass: '0-10',
  group: 'chemistry',
  grade: 'A',
  means: [31, 80],
  n: [3, 3],
  spread: 49,
  measures: [{ key: 'topsoil', unit: 'pH', depthCm: null, means: [4.7, null] as unknown as number[] }],
  words: null,
  ...more,
});

const view = (rows: BesideRow[], more: Partial<BesideView> = {}): BesideView => ({
  columns: [
    { zone: 'a', kind: 'poor', name: 'poor patch', spots: 3 },
    { zone: 'b', kind: 'good', name: 'good patch', spots: 3 },
  ],
  rows,
  first: ['ph'],
  depths: [],
  unlike: [],
  noted: { total: 0 },
  ...more,
});

const name = (id: string) => (id === 'ph' ? 'pH by depth' : 'Cone');

describe('zones beside each other', () => {
  test('the widest difference is said in words, the lower zone named', () => {
    expect(firstWords(view([row({})]), name)).toEqual([
      'pH by depth: 49 points lower in poor patch than in good patch',
    ]);
  });

  test('a class of depth is named where it is not the topsoil', () => {
    expect(depthOf(row({ depthClass: '30-60' }))).toBe(', 30–60 cm');
    expect(depthOf(row({}))).toBe('');
  });

  test('what was read unlike is said once for each way', () => {
    const unlike = [
      { code: 'people', method: 'ph' },
      { code: 'people', method: 'cone' },
      { code: 'basis', method: 'ph' },
    ] as BesideView['unlike'];
    expect(unlikeWords(view([], { unlike }), name)).toBe(
      'pH by depth, cone read by other people; pH by depth read on another basis',
    );
  });

  test('a zone without the figure has a dash', () => {
    expect(figureOf(row({}), 0)).toBe('4.7 pH');
    expect(figureOf(row({}), 1)).toBe('–');
  });
});
