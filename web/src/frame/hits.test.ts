import { describe, expect, it } from 'vitest';
import type { Found, SeasonPage } from '../api/types';
import { hitsIn, hitsOf } from './hits';

const found = (one: Partial<Found>): Found => ({
  kind: 'field',
  fieldId: 'f',
  field: 'Church Piece',
  holding: 'Hallow Farm',
  visitId: null,
  spotId: null,
  method: null,
  day: null,
  words: null,
  ...one,
});

describe('what is found leads to it', () => {
  it('a field to its scouting, with its holding beside it', () => {
    expect(hitsOf([found({})])).toEqual([
      { kind: 'field', title: 'Church Piece', detail: 'Hallow Farm', to: '/fields/f/scout' },
    ]);
  });

  it('a note to the bench it was written at, a visit to what was read', () => {
    const note = found({
      kind: 'note',
      visitId: 'v',
      spotId: 's',
      method: 'smell',
      day: '2031-05-14',
      words: 'drain',
    });
    expect(hitsOf([note])[0]).toMatchObject({
      title: 'Church Piece, 14 May 2031',
      detail: 'drain',
      to: '/fields/f/visits/v/measure?spot=s&method=smell',
    });
    expect(hitsOf([found({ kind: 'visit', visitId: 'v', day: '2031-05-14' })])[0]?.to).toBe(
      '/fields/f/visits/v/read',
    );
  });

  it('what was done is of the log, and leads to the field', () => {
    expect(hitsOf([found({ kind: 'done', day: '2031-03-02', words: 'lime' })])[0]).toMatchObject({
      kind: 'log',
      detail: 'lime',
      to: '/fields/f/scout',
    });
  });
});

describe('without a signal the season on the device is looked through', () => {
  const season = {
    fields: [
      {
        field: {
          id: 'f',
          name: 'Lower Flats',
          holdingName: 'Hallow Farm',
          spots: [{ label: '2', note: 'old gateway' }],
        },
        visits: [{ id: 'v', day: '2031-05-14' }],
      },
    ],
  } as unknown as SeasonPage;

  it('for fields, for notes of spots, for days', () => {
    expect(hitsIn(season, 'flats').map((hit) => hit.kind)).toEqual(['field']);
    expect(hitsIn(season, 'gateway').map((hit) => hit.kind)).toEqual(['spot']);
    expect(hitsIn(season, '2031-05').map((hit) => hit.to)).toEqual(['/fields/f/visits/v/read']);
    expect(hitsIn(season, 'moor')).toEqual([]);
    expect(hitsIn(null, 'flats')).toEqual([]);
  });
});
