import { expect, test } from 'vitest';
import type { FieldTrial, LandField, TrialDesign } from '../../api/types';
import { asGeoJson, askedOf, changed, layOut, nextOf, saidOf, treatmentsOf, USUAL, verdict } from './trial';

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

test('of several treatments each has a letter, and what it gets is asked for each', () => {
  const strips = [0, 1, 2].map((treatment) => ({ ...DESIGN.strips[0], treatment }));
  const three = { ...DESIGN, strips } as TrialDesign;
  expect(treatmentsOf(three)).toBe(3);
  const { spots } = asGeoJson(three) as { spots: { features: { properties: { label: string } }[] } };
  expect(spots.features.map((one) => one.properties.label.slice(0, 2))).toEqual([
    '1U',
    '1U',
    '1A',
    '1A',
    '1B',
    '1B',
  ]);
  const laid = layOut(three, { fieldId: 'f', name: 'n', treated: ['lime', ' gypsum '] }, () => 'id');
  expect(laid.treatments).toEqual(['left as it is', 'lime', 'gypsum']);
  expect(askedOf({ ...USUAL, treatments: '2' }, FIELD)?.treatments).toBe(3);
  expect(askedOf({ ...USUAL, treatments: '1.5' }, FIELD)).toBeNull();
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

test('a design is laid out with an id for every zone and spot, treatments kept apart from the names', () => {
  let n = 0;
  const body = layOut(
    {
      ...DESIGN,
      strips: DESIGN.strips.map((strip) => ({
        ...strip,
        polygon: {
          type: 'Polygon',
          coordinates: [
            [
              [-29, 47],
              [-29.1, 47],
              [-29.1, 47.1],
              [-29, 47],
            ],
          ],
        },
      })),
    } as TrialDesign,
    { fieldId: 'f', name: ' Lime ', treated: ['limed'] },
    () => String(n++),
  );
  expect(body.treatments).toEqual(['left as it is', 'limed']);
  expect(body.name).toBe('Lime');
  expect(body.strips[0]?.polygon).toHaveLength(3);
  expect(
    body.strips.flatMap((strip) => [strip.zoneId, ...(strip.spots ?? []).map((spot) => spot.id)]),
  ).toEqual(['0', '1', '2', '3', '4']);
});

const TRIAL = {
  id: 't',
  fieldId: 'f',
  name: 'Lime',
  treatments: ['left as it is', 'limed'],
  begunOn: null,
  endedOn: null,
  strips: [],
  version: 2,
  verdicts: [],
} as unknown as FieldTrial;

test('a trial says what comes next: read before, treat, wait, read again', () => {
  expect(nextOf(TRIAL)).toContain('Read every strip once before');
  expect(nextOf({ ...TRIAL, verdicts: [{ before: true }] as never })).toContain('can be given');
  const begun = { ...TRIAL, begunOn: '2030-09-01' };
  expect(nextOf(begun)).toContain('come due');
  expect(nextOf({ ...begun, verdicts: [{ before: false }] as never })).toContain('surer');
  expect(nextOf({ ...begun, endedOn: '2031-09-01' })).toBe('Ended.');
  expect(changed(TRIAL, { begunOn: '2030-09-01' })).toMatchObject({ begunOn: '2030-09-01', version: 2 });
});

test('a verdict is a sentence with its interval, or says that one block cannot tell', () => {
  const of = { blocks: [1, 2, 3], difference: 43.2, low: 33, high: 53.4, verdict: 'better' } as never;
  expect(saidOf(of, 'limed')).toBe(
    'limed: better. +43 points, between +33 and +53 nine times of ten, in 3 blocks.',
  );
  const one = { blocks: [1], difference: -3, low: null, high: null, verdict: 'one-block' } as never;
  expect(saidOf(one, 'limed')).toBe('limed: one block cannot tell. −3 points, in 1 block.');
});
