import { describe, expect, test } from 'vitest';
import type { LandField, Method } from '../../api/types';
import { ofWhat } from './Gallery';

const FIELD = { spots: [{ id: 's1', label: '3' }], samples: [] } as unknown as LandField;
const METHODS = [{ id: 'ground-cover', name: 'Ground cover', besides: [] }] as unknown as Method[];

describe('the photographs of a visit', () => {
  test('each says where it was taken and of what', () => {
    expect(ofWhat(FIELD, METHODS, { spotId: 's1', method: 'ground-cover' })).toBe('spot 3, ground cover');
  });

  test('one of no spot is of the field, and one of a spot that is gone still says so', () => {
    expect(ofWhat(FIELD, METHODS, { spotId: null, method: null })).toBe('the field');
    expect(ofWhat(FIELD, METHODS, { spotId: 'gone', method: null })).toBe('spot ?');
  });
});
