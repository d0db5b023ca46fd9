import { describe, expect, it } from 'vitest';
import type { Spot, Zone } from '../api/types';
import { holdingsFor } from './NewField';
import { spotLabel } from './spotLabel';

const zone = (kind: string) => ({ kind }) as Zone;
const spots = (...labels: string[]) => labels.map((label) => ({ label }) as Spot);

it('spots of the whole field are counted, those of a patch with its letter', () => {
  expect(spotLabel(zone('main'), spots('1', '2', 'P1'))).toBe('3');
  expect(spotLabel(zone('poor'), spots('1', 'P1'))).toBe('P2');
});

it('two strips share the letter and never a label', () => {
  expect(spotLabel(zone('strip'), spots('S1', 'S2'))).toBe('S3');
});

it('a second undisturbed spot is told from the first', () => {
  expect(spotLabel(zone('reference'), spots('1'))).toBe('Ref');
  expect(spotLabel(zone('reference'), spots('Ref'))).toBe('Ref 1');
});

describe('a holding among a hundred', () => {
  const all = Array.from({ length: 100 }, (_, i) => ({ id: `h${i}`, name: `Farm ${i}` }));

  it('is found by a part of its name', () => {
    expect(holdingsFor(all, 'farm 9', null).map((one) => one.name)).toEqual([
      'Farm 9',
      ...[0, 1, 2, 3, 4, 5, 6].map((i) => `Farm 9${i}`),
    ]);
  });

  it('stays in sight once it is chosen', () => {
    expect(holdingsFor(all, 'farm 1', 'h77')[0]?.name).toBe('Farm 77');
  });
});
