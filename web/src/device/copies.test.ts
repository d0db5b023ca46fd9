import 'fake-indexeddb/auto';
import { QueryClient } from '@tanstack/react-query';
import { describe, expect, test } from 'vitest';
import { FRESH_MS } from '../api/fresh';
import { keys } from '../api/keys';
import type { FieldCopy } from '../api/types';
import { handOut, loadCopies, withWhatIsNew } from './copies';
import { openDatabase } from './database';

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

  test('a trend of before promises and values were drawn has none', () => {
    expect(withWhatIsNew(['field', 'f', 'trend', 'z'], { visits: [] })).toEqual({
      visits: [],
      bands: [],
      values: [],
    });
  });

  test('a score of before it was kept by table, by what was read and by who promised has none of these', () => {
    expect(withWhatIsNew(['forecast-score'], { held: 0.9, of: 10, brier: { n: 0 } })).toEqual({
      held: 0.9,
      of: 10,
      byMeasure: [],
      byAdviser: [],
      learned: [],
      brier: { n: 0, byTable: [] },
    });
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

test('what was kept is shown at once and asked for anew, however young it is', async () => {
  const db = await openDatabase('somebody');
  const kept = { queryKey: keys.season, data: { fields: [] } };
  await db?.copies.put({ key: 'q:season', value: kept, at: Date.now() });
  const queries = new QueryClient();
  const stop = await loadCopies(queries);
  expect(queries.getQueryData(keys.season)).toEqual({ fields: [] });
  const state = queries.getQueryState(keys.season);
  expect(Date.now() - (state?.dataUpdatedAt ?? 0)).toBeGreaterThanOrEqual(FRESH_MS);
  stop();
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
