import { describe, expect, it } from 'vitest';
import { bounds, moved, oneMore, without } from './bounds';

describe('layers of a block', () => {
  it('that nobody has set share the block alike', () => {
    expect(bounds([{}, {}], 30)).toEqual([
      { topCm: 0, bottomCm: 15, set: false },
      { topCm: 15, bottomCm: 30, set: false },
    ]);
  });

  it('begin where the one above ends, whatever was typed below', () => {
    const layers = [{ topCm: '0', bottomCm: '8' }, {}, { topCm: '20', bottomCm: '30' }];
    expect(bounds(layers, 30).map((one) => [one.topCm, one.bottomCm])).toEqual([
      [0, 8],
      [8, 19],
      [19, 30],
    ]);
  });

  it('a boundary moved ends one layer and begins the next', () => {
    expect(moved([{ shape: 'crumb' }, {}], 0, 12, 30)).toEqual([
      { shape: 'crumb', topCm: '0', bottomCm: '12' },
      { topCm: '12' },
    ]);
  });

  it('a boundary stays between its neighbours', () => {
    const layers = [{ bottomCm: '10' }, { topCm: '10', bottomCm: '20' }, { topCm: '20', bottomCm: '30' }];
    expect(moved(layers, 0, 26, 30)[0]?.bottomCm).toBe('19.5');
    expect(moved(layers, 1, 2, 30)[1]?.bottomCm).toBe('10.5');
  });

  it('one more begins where the last ended, and one taken out leaves no gap', () => {
    expect(oneMore([{ topCm: '0', bottomCm: '12' }])[1]).toEqual({ topCm: '12' });
    expect(oneMore([{}])[1]).toEqual({});
    const left = without(
      [
        { topCm: '0', bottomCm: '12' },
        { topCm: '12', bottomCm: '20' },
      ],
      0,
    );
    expect(left).toEqual([{ topCm: '0', bottomCm: '20' }]);
  });

  it('half a number is no depth', () => {
    expect(bounds([{ bottomCm: '-' }], 30)[0]).toEqual({ topCm: 0, bottomCm: 30, set: false });
  });
});
