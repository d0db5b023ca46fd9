import { expect, test } from 'vitest';
import type { Method } from '../api/types';
import { ofLaboratory } from './Columns';

test('a laboratory sheet offers each quantity with its unit, and what is nested by its parts', () => {
  const fields = [
    { key: 'ph', label: 'pH', fields: [{ key: 'value', label: 'pH', fields: [] }], unit: null },
    { key: 'k', label: 'Potassium', unit: 'mg/kg', fields: [] },
  ];
  const words = ofLaboratory([{ id: 'laboratory', fields } as unknown as Method]);
  expect(words).toContainEqual({ word: 'ph.value', name: 'pH: pH' });
  expect(words).toContainEqual({ word: 'k', name: 'Potassium, mg/kg' });
  expect(words[0]?.word).toBe('sample');
});
