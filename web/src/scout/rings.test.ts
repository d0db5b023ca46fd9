import { describe, expect, it } from 'vitest';
import type { LandField } from '../api/types';
import { liesIn, ringsOf, zoneAt } from './rings';

const square = (south: number, west: number, side: number) => [
  { lat: south, lon: west },
  { lat: south, lon: west + side },
  { lat: south + side, lon: west + side },
  { lat: south + side, lon: west },
];

const zone = (id: string, kind: string, outline: { lat: number; lon: number }[]) =>
  ({ id, kind, name: id, outline }) as LandField['zones'][number];

const ZONES = [
  zone('whole field', 'main', []),
  zone('wet corner', 'poor', square(0, 0, 4)),
  zone('limed strip', 'strip', square(1, 1, 1)),
  zone('told by its spots', 'good', []),
];

describe('outlines of a field', () => {
  it('are its edge, its zones but the whole, and the places to avoid', () => {
    const field = {
      outline: square(0, 0, 9),
      zones: ZONES,
      avoid: [square(5, 5, 1)],
    } as unknown as LandField;
    expect(ringsOf(field).map((ring) => ring.name)).toEqual([
      'the edge',
      'wet corner',
      'limed strip',
      'told by its spots',
      'avoid 1',
    ]);
  });
});

describe('a place', () => {
  it('lies in a ring or beside it, whatever bend the ring has', () => {
    const bent = [
      { lat: 0, lon: 0 },
      { lat: 0, lon: 4 },
      { lat: 4, lon: 4 },
      { lat: 1, lon: 2 },
      { lat: 4, lon: 0 },
    ];
    expect(liesIn({ lat: 0.5, lon: 2 }, bent)).toBe(true);
    expect(liesIn({ lat: 3, lon: 2 }, bent)).toBe(false);
    expect(liesIn({ lat: 3, lon: 0.4 }, bent)).toBe(true);
  });

  it('belongs to the drawn zone it lies in, the narrower of two', () => {
    expect(zoneAt({ lat: 3, lon: 3 }, ZONES)?.name).toBe('wet corner');
    expect(zoneAt({ lat: 1.5, lon: 1.5 }, ZONES)?.name).toBe('limed strip');
    expect(zoneAt({ lat: 8, lon: 8 }, ZONES)).toBeNull();
  });
});
