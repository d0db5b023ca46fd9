// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { expect, it } from 'vitest';
import { keys } from '../api/keys';
import type { LandField, Method, Planning, PriceList } from '../api/types';
import { render, texts } from '../testing/render';
import { NO_PLAN } from './dayPlan';
import { askedSheet } from './plan';
import { Together } from './Together';
import { kitBody } from './useKit';

const FIELD = {
  texture: null,
  gate: null,
  outline: [{ lat: 47.6, lon: -29.1 }],
  zones: [{ id: 'main', kind: 'main' }],
  spots: ['a', 'b'].map((id) => ({ id, zoneId: 'main', lat: 47.6, lon: -29.1, retiredOn: null })),
} as unknown as LandField;
const PLANNING = { textureGroups: {} } as unknown as Planning;
const PH = {
  id: 'ph',
  variants: [
    {
      id: 'card',
      steps: [
        { id: 'drill', handsOnS: 1800, when: 'field', sharedAs: null, minPeople: 1 },
        { id: 'rinse', handsOnS: 300, when: 'later', sharedAs: null, minPeople: 1 },
      ],
    },
  ],
} as unknown as Method;
const PRICES = { currency: 'crowns', prices: [{ remedy: 'ph', amount: 0.6, per: 'test' }] } as PriceList;

function shown(chosen: Method[]) {
  const queries = new QueryClient();
  const body = kitBody(askedSheet(FIELD, PLANNING, chosen, NO_PLAN, null));
  queries.setQueryData(keys.kit(JSON.stringify(body)), {
    consumables: [
      { item: 'distilled water', quantity: 0.5, unit: 'l' },
      { item: 'vial', quantity: 3, unit: null },
    ],
    carryKg: 3.6,
  });
  return render(
    <QueryClientProvider client={queries}>
      <Together field={FIELD} planning={PLANNING} chosen={chosen} plan={NO_PLAN} prices={PRICES} />
    </QueryClientProvider>,
  );
}

it('the tests of a day come to minutes in the field and at home, water, weight and money', () => {
  const page = shown([PH]);
  expect(texts(page, 'dt')).toEqual([
    'hands-on in the field',
    'before and at home',
    'water',
    'to carry',
    'used up',
  ]);
  expect(texts(page, 'dd')).toEqual(['1 h 00', '10 min', '0.5 l', '4 kg', '1 crowns']);
});

it('no test comes to nothing, and nothing is shown', () => {
  expect(shown([]).textContent).toBe('');
});
