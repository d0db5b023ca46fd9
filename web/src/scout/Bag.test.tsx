// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { keys } from '../api/keys';
import type { Corner, LandField, Method, Planning } from '../api/types';
import { render } from '../testing/render';
import { Bag } from './Bag';
import { NO_PLAN } from './dayPlan';
import { askedSheet } from './plan';
import { kitBody } from './useKit';

const FIELD = {
  id: 'tide',
  texture: null,
  gate: { lat: 47.6, lon: -29.1 },
  water: null,
  outline: [{ lat: 47.6, lon: -29.1 }],
  zones: [{ id: 'main', kind: 'main' }],
  spots: [{ id: 'a', zoneId: 'main', lat: 47.6, lon: -29.1, retiredOn: null }],
} as unknown as LandField;
const PLANNING = { textureGroups: {} } as unknown as Planning;
const RING = {
  id: 'infiltration-ring',
  name: 'Infiltration ring',
  variants: [
    { id: 'ring', steps: [{ id: 'pour', handsOnS: 600, when: 'field', sharedAs: null, minPeople: 1 }] },
  ],
} as unknown as Method;

function packed(water: Corner | null): string {
  const field = { ...FIELD, water };
  const queries = new QueryClient();
  const body = kitBody(askedSheet(field, PLANNING, [RING], NO_PLAN, null));
  queries.setQueryData(keys.kit(JSON.stringify(body)), {
    tools: [],
    consumables: [{ item: 'water', quantity: 24, unit: 'l', spare: 4, for: ['infiltration-ring'] }],
    protection: [],
    labels: 0,
    carryKg: 26,
  });
  return (
    render(
      <QueryClientProvider client={queries}>
        <Bag
          field={field}
          planning={PLANNING}
          methods={[RING]}
          chosen={[RING]}
          plan={NO_PLAN}
          day="2031-05-14"
          visitId={null}
        />
      </QueryClientProvider>,
    ).textContent ?? ''
  );
}

it('says how far from the gate the water is drawn, where the field has any', () => {
  expect(packed(null)).toContain('26 kgof it 24 l of water0 of 1 packed');
  expect(packed({ lat: 47.6018, lon: -29.1 })).toContain(
    '24 l of water, to be drawn 200 m north of the gate',
  );
});
