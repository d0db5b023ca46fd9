import { QueryClient } from '@tanstack/react-query';
import { describe, expect, test } from 'vitest';
import { keys } from '../api/keys';
import type { FieldCopy } from '../api/types';
import { handOut, withWhatIsNew } from './copies';

describe('what an older page kept', () => {
  test('opens under a newer one that knows of samples and photographs', () => {
    expect(withWhatIsNew(['field', 'f'], { id: 'f', spots: [] })).toEqual({
      id: 'f',
      spots: [],
      samples: [],
    });
    expect(withWhatIsNew(['visit', 'v'], { visit: { id: 'v' }, field: { id: 'f' } })).toEqual({
      visit: { id: 'v' },
      field: { id: 'f', samples: [] },
      photographs: [],
    });
  });

  test('a trend of before promises were drawn has none', () => {
    expect(withWhatIsNew(['field', 'f', 'trend', 'z'], { visits: [] })).toEqual({ visits: [], bands: [] });
  });

  test('a method of before it named its curves has none', () => {
    expect(withWhatIsNew(['methods'], [{ id: 'smell' }])).toEqual([{ id: 'smell', curves: [] }]);
  });

  test('keeps what is there, and lists as they are', () => {
    const kept = { id: 'f', samples: [{ id: 's' }] };
    expect(withWhatIsNew(['field', 'f'], kept)).toEqual(kept);
    expect(withWhatIsNew(['visits', 'f'], [1])).toEqual([1]);
  });
});

describe('a copy that was long on its way', () => {
  const copy = {
    field: { id: 'f', spots: [] },
    visits: [],
    readings: [],
    drafts: [],
    log: [],
    plan: null,
  } as unknown as FieldCopy;

  test('does not take back a spot that was set meanwhile', () => {
    const queries = new QueryClient();
    const askedAt = Date.now() - 1000;
    queries.setQueryData(keys.field('f'), { id: 'f', spots: [{ id: 's' }] });
    handOut(queries, copy, askedAt);
    expect(queries.getQueryData(keys.field('f'))).toEqual({ id: 'f', spots: [{ id: 's' }] });
  });

  test('answers where nothing newer is known', () => {
    const queries = new QueryClient();
    handOut(queries, copy, Date.now());
    expect(queries.getQueryData(keys.field('f'))).toEqual({ id: 'f', spots: [] });
  });
});
