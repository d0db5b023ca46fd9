import { describe, expect, it } from 'vitest';
import type { LandField, Method } from '../api/types';
import { NO_PLAN } from './dayPlan';
import { labelsOf } from './Labels';
import { askedSheet, clockAt, hours, testsOf } from './plan';

const step = (id: string, more: object = {}) => ({
  id,
  title: id,
  how: '',
  handsOnS: 60,
  wait: null,
  when: 'field',
  sharedAs: null,
  minPeople: 1,
  entry: [],
  ...more,
});
const method = (id: string, ...steps: object[]) =>
  ({ id, name: id, variants: [{ id: 'usual', name: 'Usual', steps }] }) as unknown as Method;

const WORMS = method('earthworms', step('block', { sharedAs: 'block' }), step('sort'), step('count'));
const SMELL = method('smell', step('block', { sharedAs: 'block' }), step('take'));
const PIT = method('root-pit', step('dig', { minPeople: 2 }));
const SLAKING = method('slaking', step('gather'), step('dry', { when: 'later' }));

const FIELD = {
  id: 'f',
  name: 'Lower Flats',
  texture: 'clay',
  gate: null,
  outline: [{ lat: 47.6, lon: -29.1 }],
  zones: [
    { id: 'main', kind: 'main' },
    { id: 'fence', kind: 'reference' },
  ],
  spots: [
    { id: 'a', zoneId: 'main', label: '1', lat: 47.601, lon: -29.1, retiredOn: null },
    { id: 'old', zoneId: 'main', label: '2', lat: 47.602, lon: -29.1, retiredOn: '2030-01-01' },
    { id: 'b', zoneId: 'main', label: '3', lat: 47.603, lon: -29.1, retiredOn: null },
    { id: 'r', zoneId: 'fence', label: 'F', lat: 47.604, lon: -29.1, retiredOn: null },
  ],
} as unknown as LandField;
const at = (plan: object, ...methods: Method[]) =>
  testsOf(FIELD, methods, { ...NO_PLAN, ...plan }).map((test) => `${test.spot} ${test.method}`);

describe('what is done where', () => {
  it('takes every test to every spot that is not given up', () => {
    expect(at({}, SMELL)).toEqual(['a smell', 'b smell', 'r smell']);
  });

  it('does once what is the same all over the field, and at the reference what belongs there', () => {
    expect(at({ where: { smell: 'once', earthworms: 'reference' } }, SMELL, WORMS)).toEqual([
      'a smell',
      'r earthworms',
    ]);
  });

  it('leaves out what there is no time for', () => {
    expect(at({ leftOut: [{ spot: 'b', method: 'smell' }] }, SMELL)).toEqual(['a smell', 'r smell']);
  });

  it('never plans a pit for one person alone', () => {
    expect(at({}, PIT)).toEqual([]);
    expect(at({ people: 2 }, PIT)).toHaveLength(3);
  });
});

describe('the sheet that is asked for', () => {
  const asked = (plan: object, ...methods: Method[]) =>
    askedSheet(FIELD, { textureGroups: { clay: 'fine' } }, methods, { ...NO_PLAN, ...plan }, null);

  it('starts at the gate, or where the outline begins, on the ground as it is', () => {
    expect(asked({}, SMELL)).toMatchObject({ textureGroup: 'fine', gate: { lat: 47.6, lon: -29.1 } });
  });

  it('names only spots where something is done', () => {
    expect(asked({ where: { smell: 'once' } }, SMELL)?.spots.map((spot) => spot.id)).toEqual(['a']);
  });

  it('is none where nothing is chosen', () => {
    expect(asked({})).toBeNull();
  });
});

describe('labels', () => {
  it('are for what leaves the field, and say whether it is mixed', () => {
    const labels = (where: object) =>
      labelsOf(FIELD, [SLAKING, SMELL], { ...NO_PLAN, where: where as Record<string, string> }, '2031-05-14');
    expect(labels({}).map((one) => one.place)).toEqual(['spot 1', 'spot 3', 'spot F']);
    expect(labels({ slaking: 'mixed' }).map((one) => one.place)).toEqual(['mixed from all spots']);
  });
});

describe('times of a sheet', () => {
  it('go on from the hour it starts at', () => {
    expect(clockAt('09:30', 0)).toBe('9:30');
    expect(clockAt('09:30', 5400)).toBe('11:00');
    expect(clockAt('23:30', 3600)).toBe('0:30');
  });

  it('are said in hours and minutes, and in seconds where they are short', () => {
    expect([20, 90, 3600, 9480].map(hours)).toEqual(['20 s', '2 min', '1 h 00', '2 h 38']);
  });
});
