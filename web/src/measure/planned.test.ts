import { expect, it } from 'vitest';
import type { Method, WholeVisit } from '../api/types';
import { plannedIn } from './planned';

const method = (id: string, ofSamples: boolean) =>
  ({ id, ofSamples, variants: [{ id: 'usual', name: '', steps: [] }] }) as unknown as Method;
const TEXTURE = method('texture-feel', false);
const WORMS = method('earthworms', false);
const LABORATORY = method('laboratory', true);
const CHOSEN = [TEXTURE, WORMS, LABORATORY];

const visit = (samples: object[]) =>
  ({
    visit: { id: 'v', plan: { where: { 'texture-feel': 'once', laboratory: 'mixed' } } },
    field: {
      zones: [{ id: 'main', kind: 'main' }],
      spots: ['a', 'b'].map((id) => ({ id, zoneId: 'main', retiredOn: null })),
      samples,
    },
  }) as unknown as WholeVisit;

it('a test that is done once is planned at one spot, another at each', () => {
  const plan = plannedIn(visit([]), CHOSEN);
  expect(['a', 'b'].map((spot) => plan.has(spot, 'texture-feel'))).toEqual([true, false]);
  expect(['a', 'b'].map((spot) => plan.has(spot, 'earthworms'))).toEqual([true, true]);
});

it('what is mixed from all spots is planned at none of them: its bag is still to be mixed', () => {
  const plan = plannedIn(visit([]), CHOSEN);
  expect(plan.has('a', 'laboratory')).toBe(false);
  expect(plan.toMix).toEqual(['laboratory']);
});

it('once it is mixed, the bag is where it belongs; one of an earlier visit is not', () => {
  const mixed = plannedIn(visit([{ id: 'bag', visitId: 'v' }]), CHOSEN);
  expect(mixed.has('bag', 'laboratory')).toBe(true);
  expect(mixed.has('bag', 'earthworms')).toBe(false);
  expect(mixed.toMix).toEqual([]);
  expect(plannedIn(visit([{ id: 'old', visitId: 'before' }]), CHOSEN).toMix).toEqual(['laboratory']);
});
