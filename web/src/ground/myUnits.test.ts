import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import type { Units } from '../api/types';
import { figure, keptAs, myUnit, sayMine, sentencesInMine, setMyUnits, shownAs } from './myUnits';
import { parse } from './units';

const METRIC = {} as Units;
const INCH_POUND = {
  length: 'in',
  depth: 'in',
  area: 'ac',
  temperature: '°F',
  pressure: 'psi',
  conductivity: 'mS/cm',
  rate: 'ton/ac',
  dose: 'lb/ac',
  volume: 'gal',
} as Units;

afterEach(() => setMyUnits(METRIC));

const mmOf = (read: ReturnType<typeof parse>) => (read.ok ? read.value : Number.NaN);

describe('for someone of inches and pounds', () => {
  beforeEach(() => setMyUnits(INCH_POUND));

  it('figures are turned and say their unit', () => {
    expect(figure(300, 'mm')).toBe('11.8 in');
    expect(figure(2068.427, 'kPa')).toBe('300 psi');
    expect(figure(10, '°C')).toBe('50 °F');
    expect(figure(2.2417, 't/ha')).toBe('1 ton/ac');
    expect(figure(25.4, 'mm/h')).toBe('1 in/h');
    expect(figure(6.2, 'pH')).toBe('6.2 pH');
    expect(figure(null, 'mm')).toBe('–');
  });

  it('sentences are, range and all, and what is no such figure stays', () => {
    expect(sayMine('Roots stop at 25 to 50 cm, over 2068 kPa.')).toBe(
      'Roots stop at 9.8 to 19.7 in, over 300 psi.',
    );
    expect(sayMine('13.6 mm/h of soil, 20 cm square')).toBe('0.54 in/h of soil, 7.9 in square');
    expect(sayMine('20 per m², 3 m away, 4 lines')).toBe('20 per m², 3 m away, 4 lines');
    expect(sayMine('at −4 °C')).toBe('at 25 °F');
  });

  it('a bare figure that is typed is in inches and is kept as such', () => {
    expect(keptAs('3 1/2', 'mm')).toBe('3 1/2 in');
    expect(mmOf(parse(keptAs('3 1/2', 'mm'), 'mm'))).toBeCloseTo(88.9, 9);
    expect(shownAs('3 1/2 in', 'mm')).toBe('3 1/2');
    expect(keptAs('90 mm', 'mm')).toBe('90 mm');
    expect(keptAs('', 'mm')).toBe('');
  });

  it('a figure that the product put there is shown in inches', () => {
    expect(shownAs('254', 'mm')).toBe('10');
    expect(shownAs('-5', '°C')).toBe('23');
    expect(shownAs('6.4', 'pH')).toBe('6.4');
    expect(shownAs('90 mm', 'mm')).toBe('90 mm');
  });

  it('the sentences of an answer are turned, its figures and what a person wrote are not', () => {
    const answer = {
      because: [{ code: 'hard', text: 'Hard from 20 cm.' }],
      cautions: ['Stay 1 m away, 50 mm deep.'],
      note: 'pipe at 20 cm',
      depthCm: 20,
      placed: null,
    };
    expect(sentencesInMine(answer)).toEqual({
      ...answer,
      because: [{ code: 'hard', text: 'Hard from 7.9 in.' }],
      cautions: ['Stay 1 m away, 2 in deep.'],
    });
  });

  it('half a number stays half a number', () => {
    for (const typed of ['-', '3.', '3 1/', '½']) expect(shownAs(keptAs(typed, 'mm'), 'mm')).toBe(typed);
  });
});

it('for someone of metric ones nothing changes', () => {
  setMyUnits(METRIC);
  expect(myUnit('cm')).toBe('cm');
  expect(figure(12.34, 'cm')).toBe('12.3 cm');
  expect(sayMine('25 cm')).toBe('25 cm');
  const answer = { text: '25 cm' };
  expect(sentencesInMine(answer)).toBe(answer);
  expect(keptAs('12', 'cm')).toBe('12');
  expect(shownAs('12', 'cm')).toBe('12');
});
