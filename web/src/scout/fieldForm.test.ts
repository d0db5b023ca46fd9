import { expect, it } from 'vitest';
import type { LandField } from '../api/types';
import { formOf, knownOf, NOTHING_KNOWN } from './fieldForm';

const KNOWN = {
  name: 'Church Piece',
  use: 'arable',
  texture: 'clay-loam',
  clayPercent: 31,
  crop: 'barley',
  purpose: null,
  climate: 'humid',
  coastal: false,
  buildingM: 12.5,
  wellM: null,
  septicM: null,
  sulphideClearOn: '2024-03-01',
  yardstickId: null,
  school: 'balanced',
};

it('a field looked at and kept as it is stays what it was', () => {
  expect(knownOf(formOf(KNOWN as unknown as LandField))).toEqual({ known: KNOWN, unread: [] });
});

it('what is left open is not known, which is not the same as no', () => {
  const { known } = knownOf({ ...NOTHING_KNOWN, name: 'A', use: 'garden' });
  expect(known.coastal).toBeNull();
  expect(known.wellM).toBeNull();
  expect(knownOf({ ...NOTHING_KNOWN, coastal: 'no' }).known.coastal).toBe(false);
});

it('a distance written in feet is kept in metres, and one that is no number is named', () => {
  expect(knownOf({ ...NOTHING_KNOWN, well: '100 ft' }).known.wellM).toBeCloseTo(30.48, 2);
  const { unread } = knownOf({ ...NOTHING_KNOWN, septic: 'by the hedge', clay: 'heavy' });
  expect(unread.map((one) => one.path)).toEqual(['/clayPercent', '/septicM']);
});
