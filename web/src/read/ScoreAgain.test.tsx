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
const land = field as unknown as WholeVisit['field'];

it('where nothing is offered, nothing is said', () => {
  const found = { texture: 'clay-loam', clayPercent: null, at: ['a'], of: 1, offer: null };
  expect(offerOf(found, land, 'm')).toBeNull();
});

it('what most spots have is offered to the field, with its spots named', () => {
  const offered = { texture: 'loam', clayPercent: 20.3 };
  const found = { texture: 'loam', clayPercent: 20.34, at: ['a', 'b'], of: 2, offer: offered };
  const offer = offerOf(found, land, 'm');
  expect(offer).toMatchObject({ ofField: true, ...offered });
  expect(offer?.sentence).toContain('loam, 20 % clay, at 2 of 2 spots (1, 2); it is down as clay loam');
});

it('a strip is offered a texture of its own', () => {
  const offered = { texture: 'sand', clayPercent: null };
  const found = { texture: 'sand', clayPercent: null, at: ['a'], of: 1, offer: offered };
  expect(offerOf(found, land, 's')).toMatchObject({ ofField: false, texture: 'sand' });
});
