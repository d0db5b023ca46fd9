import { expect, test } from 'vitest';
import type { FieldCard } from '../api/types';
import { lineOf, spanOf, waitingOf } from './attention';
import { byHolding, foundBy, type Look, looked, lookIn, lowest, stood, yearsOf } from './holdings';

type Part = Partial<FieldCard> & { name?: string; holding?: string; samples?: never[] };

function card({ name = 'Long Strip', holding = 'Low Mallard', samples = [], ...part }: Part): FieldCard {
  return {
    field: { id: name, name, holdingId: holding, holdingName: holding, use: 'arable', samples },
    visits: [],
    standings: [],
    due: [],
    ...part,
  } as unknown as FieldCard;
}

const standing = (year: number, score: number | null, water?: number) => ({
  year,
  day: `${year}-05-14`,
  score,
  provisional: false,
  groups: water === undefined ? [] : [{ group: 'water', score: water }],
});

const due = (why: string, day: string, to = '2031-06-14') => ({
  zone: 'main',
  why,
  due: day,
  window: { from: day, to },
  methods: ['ph'],
});

const visit = (state: string, day: string) => ({ id: state, day, state, question: 'poor-patch' });

const ANY: Look = { tint: 'soil', year: null, words: '', band: null };
const NOW = '2031-05-14';

test('a field is tinted as it stood at the end of a year, whole or by a group', () => {
  const field = card({ standings: [standing(2030, 80, 20), standing(2028, 40)] });
  expect(stood(field, ANY)).toMatchObject({ score: 80, band: 'thriving' });
  expect(stood(field, { tint: 'soil', year: 2029 })).toMatchObject({ score: 40, band: 'slipping' });
  expect(stood(field, { tint: 'water', year: null }).band).toBe('spent');
  expect(stood(field, { tint: 'water', year: 2028 }).band).toBeNull();
  expect(stood(field, { tint: 'soil', year: 2027 }).score).toBeNull();
  expect(yearsOf([field, card({ standings: [standing(2029, 1)] })])).toEqual([2028, 2029, 2030]);
});

test('fields are found by every word of name, holding and use, and by their condition', () => {
  const all = [
    card({ name: 'Saltern', standings: [standing(2030, 20)] }),
    card({ name: 'Old Kiln', holding: 'Cairn End' }),
  ];
  expect(foundBy(all, { ...ANY, words: 'cairn arable' }).map((one) => one.field.name)).toEqual(['Old Kiln']);
  expect(foundBy(all, { ...ANY, words: 'cairn pasture' })).toEqual([]);
  expect(foundBy(all, { ...ANY, band: 'spent' }).map((one) => one.field.name)).toEqual(['Saltern']);
  expect(foundBy(all, { ...ANY, band: 'unread' }).map((one) => one.field.name)).toEqual(['Old Kiln']);
});

test('holdings come in the order in which one of their fields needs somebody', () => {
  const all = [
    card({ name: 'a', holding: 'Second' }),
    card({ name: 'b', holding: 'First' }),
    card({ name: 'c', holding: 'Second' }),
  ];
  expect(byHolding(all).map((one) => `${one.name} ${one.cards.length}`)).toEqual(['Second 2', 'First 1']);
});

test('the lowest fields leave out what was never read', () => {
  const all = [card({ name: 'unread' }), card({ name: 'low', standings: [standing(2030, 12)] })];
  expect(lowest(all, ANY, 8).map((one) => one.field.name)).toEqual(['low']);
});

test('a look stands in the address and comes back from it; nonsense is the usual look', () => {
  const look: Look = { tint: 'roots', year: 2029, words: 'kiln', band: 'spent' };
  expect(lookIn(looked(look, true))).toEqual(look);
  expect(looked(ANY, false).toString()).toBe('');
  expect(lookIn(new URLSearchParams('by=luck&year=soon&in=bliss'))).toEqual(ANY);
});

test('what is due is not asked for while a visit is planned', () => {
  const both = card({
    visits: [visit('planned', '2031-05-20')] as never,
    due: [due('routine', '2031-05-01')] as never,
  });
  expect(waitingOf(both, NOW).map((one) => one.is)).toEqual(['planned']);
});

test('a sheet that came back is said until somebody took it, beside what is due', () => {
  const samples = (taken: boolean) =>
    [
      {
        id: 's',
        visitId: 'v',
        label: 'A',
        order: { answeredAt: '2031-05-10T00:00:00Z', taken },
      },
    ] as never;
  const open = card({ samples: samples(false), due: [due('routine', '2031-05-01')] as never });
  expect(waitingOf(open, NOW).map((one) => one.is)).toEqual(['due', 'came-back']);
  expect(waitingOf(open, NOW)[1]?.to).toContain('/visits/v/measure?spot=s&method=laboratory');
  const taken = card({ samples: samples(true), due: [due('routine', '2031-05-01')] as never });
  expect(waitingOf(taken, NOW).map((one) => one.is)).toEqual(['due']);
});

test('a forecast that was missed is said before what is merely due', () => {
  const field = card({
    due: [due('routine', '2031-08-01', '2031-10-01'), due('forecast-missed', '2031-09-01')] as never,
  });
  expect(waitingOf(field, NOW)[0]).toMatchObject({ is: 'missed', line: 'it came otherwise than promised' });
  expect(lineOf([field], 0, NOW)).toEqual({ text: 'forecast missed', warn: true });
});

test('a holding says first what runs, then what is late, then what comes', () => {
  const running = card({ name: 'a', visits: [visit('running', NOW)] as never });
  const late = card({ name: 'b', due: [due('routine', '2031-01-01', '2031-03-01')] as never });
  const later = card({ name: 'c', due: [due('trial', '2031-08-01', '2031-10-01')] as never });
  expect(lineOf([running, late], 2, NOW).text).toBe('2 clocks run');
  expect(lineOf([running, late], 0, NOW).text).toBe('visit runs: a');
  expect(lineOf([later, late], 0, NOW)).toEqual({ text: 'late: b', warn: true });
  expect(lineOf([later], 0, NOW).text).toBe('due Aug 2031');
  expect(lineOf([card({})], 0, NOW)).toEqual({ text: 'nothing due', warn: false });
});

test('what waits stands under its week, its month or its season', () => {
  const at = (when: string, is = 'due') => spanOf({ when, is } as never, NOW);
  expect(at('2031-05-18')).toBe('This week');
  expect(at('2031-05-28')).toBe('This month');
  expect(at('2031-06-28')).toBe('Jun 2031');
  expect(at('2030-06-28', 'late')).toBe('Late');
});
