import { expect, it } from 'vitest';
import type { Method } from '../api/types';
import { linesOf } from './CameBack';

const method = {
  fields: [
    { key: 'ph', label: 'pH', options: [] },
    { key: 'p', label: 'Phosphorus', unit: 'mg/kg', options: [] },
    { key: 'pExtract', label: 'Phosphorus by', options: [{ word: 'bicarbonate', label: 'Bicarbonate' }] },
    { key: 'k', label: 'Potassium', unit: 'mg/kg', options: [] },
    { key: 'methodText', label: 'Methods', options: [] },
  ],
} as unknown as Method;

it('a sheet stands under the names and units of the entry, in its order, and says nothing of what was not measured', () => {
  const answer = {
    k: null,
    pExtract: 'bicarbonate',
    p: 24,
    ph: { value: 6.3, basis: 'cacl2' },
    methodText: 'x',
  };
  expect(linesOf(method, answer)).toEqual([
    ['pH in CaCl₂', '6.3'],
    ['Phosphorus', '24 mg/kg'],
    ['Phosphorus by', 'Bicarbonate'],
  ]);
});
