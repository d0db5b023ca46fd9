import { expect, test } from 'vitest';
import type { LandField, TrialDesign } from '../../api/types';
import { asGeoJson, askedOf, USUAL, verdict } from './trial';

const FIELD = {
  outline: [
    { lat: 47, lon: -29 },
    { lat: 47.01, lon: -29 },
    { lat: 47.01, lon: -29.01 },
  ],
  avoid: [],
} as unknown as LandField;

const DESIGN = {
  strips: [
    {
      treatment: 1,
      block: 0,
      polygon: { type: 'Polygon', coordinates: [] },
      spots: [
        [-29, 47],
        [-29, 47.001],
      ],
    },
    { treatment: 0, block: 0, polygon: { type: 'Polygon', coordinates: [] }, spots: [[-29.001, 47]] },
  ],
  spotsPerStrip: 2,
  power: 0.836,
  differenceAt80: 18.9,
  replicatesNeeded: 3,
  fits: true,
  why: [],
} as unknown as TrialDesign;

test('an outline is asked with its ring closed, and half a number asks nothing', () => {
  const asked = askedOf(USUAL, FIELD);
  expect(asked?.polygon.coordinates[0]).toHaveLength(4);
  expect(asked?.difference).toBe(20);
  expect(askedOf({ ...USUAL, stripM: '' }, FIELD)).toBeNull();
  expect(askedOf({ ...USUAL, replicates: '3.5' }, FIELD)).toBeNull();
});

test('each spot of a strip says its strip, so that spots come in by their zones', () => {
  const { spots, strips } = asGeoJson(DESIGN) as {
    spots: { features: { properties: { label: string; zone: string } }[] };
    strips: { features: object[] };
  };
  expect(strips.features).toHaveLength(2);
  expect(spots.features.map((one) => one.properties.label)).toEqual(['1T1', '1T2', '1U1']);
  expect(spots.features[2]?.properties.zone).toBe('block 1, untreated');
});

test('what it shows is said as a chance, and what would do where it does not', () => {
  expect(verdict(DESIGN, 4)).toBe('4 blocks with 2 spots in each strip show it 84 times of 100.');
  expect(verdict({ ...DESIGN, power: 0.5, replicatesNeeded: 7 }, 4)).toContain('7 blocks would');
  expect(verdict({ ...DESIGN, power: 0.5, replicatesNeeded: null }, 4)).toContain('no number of blocks');
  expect(verdict({ ...DESIGN, fits: false }, 4)).toContain('no room');
});
