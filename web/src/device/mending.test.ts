import { describe, expect, it } from 'vitest';
import { mended, nameOf, questionsOf } from './mending';
import { fresh, type Parcel, type State } from './parcel';

const problem = (part: object) => ({ status: 422, title: '', detail: '', errors: [], ...part });

function parcel(verb: Parcel['verb'], body: unknown, state: State): Parcel {
  return {
    id: 'p',
    seq: 1,
    person: 'me',
    verb,
    path: '/api/visits/one',
    body,
    label: 'The visit',
    after: [],
    state,
    result: null,
  };
}

const patch = { version: 1, changes: [{ path: '/moisture', was: 'moist', is: 'wet' }] };
const changedMeanwhile = (current: object): State => ({
  is: 'stale',
  problem: problem({ status: 409, current }),
});

describe('what the server refused', () => {
  const zone = { name: '', clayPercent: 140, version: 0 };
  const refused: State = {
    is: 'refused',
    problem: problem({
      errors: [
        { path: '/name', code: 'missing', text: 'A name is needed here.' },
        { path: '/clayPercent', code: 'out-of-range', text: 'Clay, %, goes from 0 to 100.' },
      ],
    }),
  };

  it('is asked at the value as it was typed, with what was said of it', () => {
    expect(questionsOf(parcel('PUT', zone, refused))).toEqual([
      { path: '/name', mine: '', said: 'A name is needed here.', code: 'missing' },
      { path: '/clayPercent', mine: 140, said: 'Clay, %, goes from 0 to 100.', code: 'out-of-range' },
    ]);
  });

  it('is sent with the answers in it, all else as it was', () => {
    const answers = new Map<string, unknown>([
      ['/name', 'wet corner'],
      ['/clayPercent', 41],
    ]);
    expect(mended(parcel('PUT', zone, refused), answers)).toEqual({
      name: 'wet corner',
      clayPercent: 41,
      version: 0,
    });
  });

  it('is asked at the change it came from', () => {
    const asked = questionsOf(
      parcel('PATCH', patch, {
        is: 'refused',
        problem: problem({
          errors: [{ path: '/moisture', code: 'unknown-word', text: 'Dry, moist or wet.' }],
        }),
      }),
    );
    expect(asked).toEqual([
      { path: '/moisture', mine: 'wet', said: 'Dry, moist or wet.', code: 'unknown-word' },
    ]);
  });
});

describe('what somebody changed meanwhile', () => {
  it('is asked only where both changed the same differently', () => {
    const body = {
      version: 1,
      changes: [
        { path: '/moisture', was: 'moist', is: 'wet' },
        { path: '/weather', was: null, is: 'rain' },
        { path: '/ticks/zone/white-crust', was: null, is: true },
      ],
    };
    const stands = { version: 4, moisture: 'dry', weather: 'rain', ticks: {} };
    expect(questionsOf(parcel('PATCH', body, changedMeanwhile(stands)))).toEqual([
      { path: '/moisture', mine: 'wet', theirs: 'dry' },
    ]);
  });

  it('goes over what stands where mine is kept', () => {
    const one = parcel('PATCH', patch, changedMeanwhile({ version: 4, moisture: 'dry' }));
    expect(mended(one, new Map([['/moisture', 'wet']]))).toEqual({
      version: 4,
      changes: [{ path: '/moisture', was: 'dry', is: 'wet' }],
    });
  });

  it('leaves nothing to send where theirs is kept', () => {
    const one = parcel('PATCH', patch, changedMeanwhile({ version: 4, moisture: 'dry' }));
    expect(mended(one, new Map([['/moisture', 'dry']]))).toBeNull();
  });

  it('of a thing sent whole, each part that differs is asked', () => {
    const one = parcel(
      'PUT',
      { name: 'Tide Edge', use: 'arable', version: 1 },
      changedMeanwhile({ id: 'x', name: 'Tide Corner', use: 'arable', version: 3 }),
    );
    expect(questionsOf(one)).toEqual([{ path: '/name', mine: 'Tide Edge', theirs: 'Tide Corner' }]);
    expect(mended(one, new Map([['/name', 'Tide Edge']]))).toEqual({
      name: 'Tide Edge',
      use: 'arable',
      version: 3,
    });
  });
});

it('a path is named in words, without ids, lists counted from one', () => {
  expect(nameOf('/soilTemperatureC')).toBe('soil temperature C');
  expect(nameOf('/ticks/01a21925-52da-7f8e-89fe-6a5486b7fd44/white-crust')).toBe('ticks, white crust');
  expect(nameOf('/outline/0/lat')).toBe('outline, 1, lat');
});

it('nothing is asked of what only waits', () => {
  expect(questionsOf(parcel('PATCH', patch, fresh))).toEqual([]);
});
