import { describe, expect, it } from 'vitest';
import type { KitChart, MethodField } from '../../api/types';
import { quantityOf, taken } from './charts';

const field = (key: string, kind: string, words: string[] = []) =>
  ({
    key,
    kind,
    options: words.map((word) => ({ word, label: word, sentence: '' })),
  }) as unknown as MethodField;

const chart = (labels: (string | null)[]): KitChart =>
  ({
    id: 'c',
    name: 'Card',
    kit: 'Box',
    quantity: 'n',
    unit: null,
    steps: labels.map((label, i) => ({ value: i * 10, label, swatch: '#C9702F' })),
    version: 1,
  }) as unknown as KitChart;

const read = (between: number, share: number, value = 0) => ({ between, share, value, offBy: null });
const SCALE = ['depleted', 'low', 'adequate', 'ample', 'surplus'];

describe('a kit’s chart read on the bench', () => {
  it('is offered where a kit may be read, and nowhere else', () => {
    expect(quantityOf('ph', field('value', 'number'))).toBe('ph');
    expect(quantityOf('salinity', field('ec', 'number'))).toBeNull();
  });

  it('gives a figure its value', () => {
    expect(taken('ph', field('value', 'number'), chart(['a', 'b']), read(0, 0.5, 5.4321))).toEqual({
      value: '5.432',
    });
  });

  it('gives a scale the word printed at the nearest step', () => {
    const card = chart(['low', 'adequate', 'surplus']);
    expect(taken('nutrient-kit', field('n', 'choice', SCALE), card, read(1, 0.7))).toEqual({ n: 'surplus' });
  });

  it('lays a card without such words evenly over the scale', () => {
    const card = chart([null, null, null]);
    expect(taken('nutrient-kit', field('k', 'choice', SCALE), card, read(0, 1))).toEqual({ k: 'adequate' });
    expect(taken('nutrient-kit', field('k', 'choice', SCALE), card, read(1, 1))).toEqual({ k: 'surplus' });
  });

  it('respiration keeps the chart it was read by, its steps counted from one', () => {
    const values = taken('respiration', field('value', 'number'), chart([null, null]), read(0, 0.5));
    expect(values).toMatchObject({ value: '1.5', unit: 'kit' });
    expect((values.kitChart as { steps: unknown[] }).steps).toHaveLength(2);
  });
});
