import { describe, expect, it } from 'vitest';
import type { ValueRow, Values } from '../api/types';
import { cellText, copyText, detailOf, sorted } from './values';

function row(of: Partial<ValueRow>): ValueRow {
  return {
    method: 'ph',
    methodName: 'pH by depth',
    group: 'chemistry',
    key: 'topsoil',
    label: 'Topsoil, in water',
    unit: 'pH',
    depthCm: null,
    part: null,
    how: 'card',
    values: [{ spot: 's1', reading: 'r1', number: 5.25, words: null, plusMinus: 0.5, hollow: false }],
    n: 1,
    mean: 5.25,
    sd: null,
    ...of,
  };
}

const SPOTS: Values['spots'] = [{ id: 's1', label: '1', note: null }];

describe('what was found', () => {
  it('says how far a coarse figure may be out, and brackets what is no evidence', () => {
    const value = row({}).values[0] as ValueRow['values'][number];
    expect(cellText(value)).toBe('5.25 ± 0.5');
    expect(cellText({ ...value, plusMinus: null, hollow: true })).toBe('(5.25)');
    expect(cellText({ ...value, number: null, words: 'plates', plusMinus: null })).toBe('plates');
  });

  it('names depth, basis and unit', () => {
    expect(detailOf(row({ depthCm: 25 }))).toBe('at 25 cm, card, pH');
    expect(detailOf(row({ how: null, part: 1, unit: 'mm/h' }))).toBe('no. 2, mm/h');
  });

  it('puts first what differs most from spot to spot', () => {
    const even = row({ key: 'even', mean: 10, sd: 1 });
    const wide = row({ key: 'wide', mean: 10, sd: 5 });
    expect(sorted([even, wide], 'spread').map((one) => one.key)).toEqual(['wide', 'even']);
    expect(sorted([even, wide], 'method')).toEqual([even, wide]);
  });

  it('is copied with tabs between and nothing a spreadsheet would run', () => {
    const words = row({
      label: '=cmd',
      values: [
        { spot: 's1', reading: 'r1', number: null, words: '-plates\tx', plusMinus: null, hollow: false },
      ],
      mean: null,
    });
    const minus = row({ label: 'Fall', values: [], mean: -0.5 });
    expect(copyText({ spots: SPOTS, rows: [words, minus] })).toBe(
      [
        'test\tquantity\tdetail\t1\tmean\tsd',
        "pH by depth\t'=cmd\tcard, pH\t'-plates x\t\t",
        'pH by depth\tFall\tcard, pH\t\t-0.5\t',
      ].join('\n'),
    );
  });
});
