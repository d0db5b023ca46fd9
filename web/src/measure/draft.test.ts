import { describe, expect, it } from 'vitest';
import type { MethodField } from '../api/types';
import { fromReading, isEmpty, minutesSince, missingIn, startValues, toReading } from './draft';

function field(key: string, kind: MethodField['kind'], more: object = {}): MethodField {
  return {
    key,
    kind,
    unit: null,
    fields: [],
    startItems: 0,
    minItems: 0,
    required: true,
    preset: null,
    ...more,
  } as unknown as MethodField;
}

const HOLE = [
  field('holeDiameterMm', 'number', { unit: 'mm' }),
  field('presoaked', 'yes-no'),
  field('levels', 'list', {
    startItems: 2,
    fields: [field('minutes', 'number', { unit: 'min' }), field('depthMm', 'number', { unit: 'mm' })],
  }),
];

describe('what is typed at the bench', () => {
  it('becomes a reading in the units of the method', () => {
    const { reading, faults } = toReading(HOLE, {
      holeDiameterMm: '12 in',
      presoaked: false,
      levels: [
        { minutes: '0', depthMm: '24 cm' },
        { minutes: '30', depthMm: '180' },
      ],
    });
    expect(faults).toEqual([]);
    expect(reading).toEqual({
      holeDiameterMm: 304.79999999999995,
      presoaked: false,
      levels: [
        { minutes: 0, depthMm: 240 },
        { minutes: 30, depthMm: 180 },
      ],
    });
  });

  it('names the place of what is no number', () => {
    const { faults } = toReading(HOLE, { levels: [{ minutes: '0' }, { minutes: 'noon' }] });
    expect(faults.map((fault) => fault.path)).toEqual(['/reading/levels/1/minutes']);
  });

  it('drops empty rows at the end and keeps one in the middle in its place', () => {
    const { reading } = toReading(HOLE, {
      levels: [{ minutes: '0' }, {}, { minutes: '60' }, { depthMm: '' }],
    });
    expect(reading.levels).toEqual([{ minutes: 0 }, {}, { minutes: 60 }]);
  });

  it('takes zero and no for answers and blanks for none', () => {
    expect(isEmpty({ minutes: '0' })).toBe(false);
    expect(isEmpty({ stone: false })).toBe(false);
    expect(isEmpty([{ a: '' }, {}])).toBe(true);
    expect(toReading(HOLE, { holeDiameterMm: '0' }).reading.holeDiameterMm).toBe(0);
  });

  it('begins with the rows the method asks for, and comes back from a reading for correcting', () => {
    expect(startValues(HOLE)).toEqual({ levels: [{}, {}] });
    expect(fromReading({ a: 5, rows: [{ b: 2.5, c: true }], word: 'rain' })).toEqual({
      a: '5',
      rows: [{ b: '2.5', c: true }],
      word: 'rain',
    });
  });

  it('counts minutes from the first level, which is zero itself', () => {
    expect(minutesSince(null, 1)).toBe(0);
    expect(minutesSince('2031-05-14T09:00:00Z', Date.parse('2031-05-14T09:31:06Z'))).toBe(31.1);
  });

  it('names what is still missing, row by row, and asks for nothing that has a preset', () => {
    const fields = [
      field('water', 'choice', { label: 'Water', preset: 'rain' }),
      field('rows', 'list', { label: 'Rows', minItems: 2, fields: [field('a', 'number', { label: 'A' })] }),
    ];
    expect(missingIn(fields, { rows: [{}] }).map((one) => `${one.path} ${one.code}`)).toEqual([
      '/reading/rows too-few',
      '/reading/rows/0/a missing',
    ]);
    expect(missingIn(fields, { rows: [{ a: 1 }, { a: 0 }] })).toEqual([]);
  });
});
