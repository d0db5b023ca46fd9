import { expect, it } from 'vitest';
import type { WholeVisit } from '../api/types';
import { offerOf } from './ScoreAgain';

const field = {
  texture: 'clay-loam',
  clayPercent: 31,
  zones: [
    { id: 'm', kind: 'main', name: 'main', texture: null, clayPercent: null },
    { id: 's', kind: 'strip', name: 'limed strip', texture: null, clayPercent: null },
  ],
  spots: [
    { id: 'a', label: '1' },
    { id: 'b', label: '2' },
  ],
};
const whole = { field } as unknown as WholeVisit;

it('a texture that is known already, or nowhere found, is not offered', () => {
  expect(offerOf({ texture: 'clay-loam', clayPercent: null, at: ['a'], of: 1 }, whole, 'm')).toBeNull();
  expect(offerOf({ texture: null, clayPercent: null, at: [], of: 0 }, whole, 'm')).toBeNull();
});

it('what most spots have is offered to the field, with its spots named', () => {
  const offer = offerOf({ texture: 'loam', clayPercent: 20.34, at: ['a', 'b'], of: 2 }, whole, 'm');
  expect(offer).toMatchObject({ ofField: true, texture: 'loam', clayPercent: 20.3 });
  expect(offer?.sentence).toContain('loam, 20 % clay, at 2 of 2 spots (1, 2)');
});

it('the clay of one texture is not carried to another', () => {
  expect(
    offerOf({ texture: 'sand', clayPercent: null, at: ['a'], of: 2 }, whole, 'm')?.clayPercent,
  ).toBeNull();
});

it('a strip is offered a texture of its own', () => {
  expect(offerOf({ texture: 'sand', clayPercent: null, at: ['a'], of: 1 }, whole, 's')).toMatchObject({
    ofField: false,
    texture: 'sand',
  });
});
