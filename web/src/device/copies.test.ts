import { describe, expect, test } from 'vitest';
import { withWhatIsNew } from './copies';

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
