import { expect, it } from 'vitest';
import { pageOf, pathOf, placeOf } from './place';

it('the address says field, visit and verb', () => {
  expect(placeOf('/fields/f1/visits/v1/read')).toEqual({ fieldId: 'f1', visitId: 'v1', verb: 'read' });
  expect(placeOf('/fields/f1/scout')).toEqual({ fieldId: 'f1', visitId: null, verb: 'scout' });
  expect(placeOf('/')).toEqual({ fieldId: null, visitId: null, verb: null });
  expect(placeOf('/methods/ph')).toEqual({ fieldId: null, visitId: null, verb: null });
});

it('the place stays when the verb changes', () => {
  const place = placeOf('/fields/f1/visits/v1/read');
  expect(pathOf(place, 'decide')).toBe('/fields/f1/visits/v1/decide');
});

it('without a visit there is only scouting, and without a field the season', () => {
  expect(pathOf({ fieldId: 'f1', visitId: null, verb: null }, 'read')).toBe('/fields/f1/scout');
  expect(pathOf({ fieldId: null, visitId: null, verb: null }, 'read')).toBe('/');
});

it('every page has a name', () => {
  expect(['/', '/methods/ph', '/account', '/new-field', '/people'].map(pageOf)).toEqual([
    'The season',
    'Field guide',
    'Your account',
    'A new field',
    'People of the practice',
  ]);
});
