import { describe, expect, it } from 'vitest';
import type { MethodField } from '../../api/types';
import { groups, isTogether } from './grouped';

const field = (key: string, part: string, kind = 'number') => ({ key, part, kind }) as unknown as MethodField;
const keys = (rows: MethodField[][]) => rows.map((row) => row.map((one) => one.key));

describe('what is entered in one drawing', () => {
  it('are the shares of a cover, the marks of a jar, two colours; the rest stands by itself', () => {
    const rows = groups([
      field('live', 'shares'),
      field('litter', 'shares'),
      field('hits', 'shares', 'words'),
      field('field', 'colours', 'group'),
      field('reference', 'colours', 'group'),
      field('depthCm', 'number'),
    ]);
    expect(keys(rows)).toEqual([['live', 'litter'], ['hits'], ['field', 'reference'], ['depthCm']]);
    expect(rows.map(isTogether)).toEqual([true, false, true, false]);
  });

  it('marks of a jar that something else parts stay in their order', () => {
    const rows = groups([field('baseMm', 'marks'), field('hours', 'number'), field('clayTopMm', 'marks')]);
    expect(keys(rows)).toEqual([['baseMm'], ['hours'], ['clayTopMm']]);
    expect(isTogether(rows[0] ?? [])).toBe(true);
  });
});
