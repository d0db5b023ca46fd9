import { describe, expect, test } from 'vitest';
import type { Method, Reading, WholeVisit } from '../api/types';
import { beforeLeaving, leavingWords } from './leaving';
import type { Place } from './place';

const METHODS = [
  { id: 'ph', name: 'pH by depth' },
  { id: 'slaking', name: 'Slaking' },
] as Method[];
const PLACES: Place[] = [
  { id: 's1', label: '1', note: null, sample: null },
  { id: 's2', label: '2', note: null, sample: null },
];

function reading(spotId: string, method: string, more: Partial<Reading> = {}): Reading {
  return {
    id: `${spotId} ${method}`,
    spotId,
    sampleId: null,
    method,
    cell: '1',
    correctedBy: null,
    setAside: null,
    evaluation: { flags: [], hollow: [] },
    ...more,
  } as unknown as Reading;
}

function whole(readings: Reading[], more: object = {}): WholeVisit {
  return {
    visit: { id: 'v', methods: ['ph', 'slaking'], plan: { where: {} }, ...more },
    field: { samples: [] },
    readings,
  } as unknown as WholeVisit;
}

const all = [reading('s1', 'ph'), reading('s2', 'ph'), reading('s1', 'slaking'), reading('s2', 'slaking')];
const ask = (more: object) =>
  beforeLeaving({
    whole: whole(all),
    methods: METHODS,
    places: PLACES,
    pending: [],
    clocks: [],
    begun: () => false,
    scores: undefined,
    judgement: undefined,
    ...more,
  }).map((one) => one.text);

describe('before the farm is left', () => {
  test('nothing is asked where all was read and nothing is odd', () => {
    expect(ask({})).toEqual([]);
    expect(leavingWords(0)).toBe('Before leaving: nothing is open');
    expect(leavingWords(1)).toBe('Before leaving: 1 thing to look at');
  });

  test('what was not read is a line for each method, with its spots', () => {
    expect(ask({ whole: whole(all.slice(0, 1)) })).toEqual([
      'pH by depth: not read at spot 2.',
      'Slaking: not read at spots 1, 2.',
    ]);
  });

  test('a reading that waits on this device is not missing, and one begun is said to be', () => {
    expect(
      ask({
        whole: whole(all.slice(0, 3)),
        pending: [{ spotId: 's2', method: 'slaking' }],
      }),
    ).toEqual([]);
    expect(ask({ whole: whole(all.slice(0, 3)), begun: () => true })).toEqual([
      'Slaking: not read at spot 2; begun at 2.',
    ]);
  });

  test('a test done once is not missing at the other spots', () => {
    expect(ask({ whole: whole(all.slice(0, 3), { plan: { where: { slaking: 'once' } } }) })).toEqual([]);
    expect(ask({ whole: whole(all.slice(0, 2), { plan: { where: { slaking: 'once' } } }) })).toEqual([
      'Slaking: not read at any spot.',
    ]);
  });

  test('what contradicts itself comes first, then what is odd, then what is flagged', () => {
    const flag = { code: 'water', level: 'warning', text: 'Tap water.' };
    const twice = [...all, reading('s1', 'ph', { id: 'again' })];
    twice[3] = reading('s2', 'slaking', { evaluation: { flags: [flag], hollow: ['score'] } as never });
    const found = ask({
      whole: whole(twice),
      scores: {
        methods: [{ method: 'slaking', odd: ['s2'], mean: 60, spots: [{ spot: 's2', score: 12 }] }],
      },
      judgement: { questions: [{ code: 'x', text: 'Jar and feel are apart.', readings: [] }] },
    });
    expect(found).toEqual([
      'pH by depth, spot 1: two readings of one cell. Say which holds.',
      'Jar and feel are apart.',
      'Slaking, spot 2: 12 is unlike the others, whose mean is 60. Read it again?',
      'Slaking, spot 2: Tap water.',
    ]);
  });

  test('a bag that is not cooled is named', () => {
    const with1 = whole(all);
    with1.field.samples = [
      { id: 'a', visitId: 'v', label: 'A', cooledAt: null, handedOverAt: null },
    ] as never;
    expect(ask({ whole: with1 })).toEqual(['Sample A is not in the cool box yet.']);
  });
});
