import { describe, expect, it } from 'vitest';
import { afterRain, clockText, day, inSentence, keepUnits, show, signed, waitText } from './format';

describe('what is shown', () => {
  it('is a number without trailing zeros, and a dash where nothing was measured', () => {
    expect(show(25.84)).toBe('25.8');
    expect(show(26)).toBe('26');
    expect(show(-0.04)).toBe('0');
    expect(show(-1.26)).toBe('−1.3');
    expect(show(1.005, 2)).toBe('1.01');
    expect(show(null)).toBe('–');
    expect(show(0)).toBe('0');
  });

  it('is a difference with its sign', () => {
    expect(signed(4.1)).toBe('+4.1');
    expect(signed(-4.1)).toBe('−4.1');
    expect(signed(0.01)).toBe('0');
  });

  it('is a day as the data has it, whatever the zone', () => {
    expect(day('2031-05-14')).toBe('14 May 2031');
  });

  it('is a clock and a wait', () => {
    expect(clockText(372)).toBe('6:12');
    expect(clockText(3849)).toBe('1:04:09');
    expect(clockText(-5)).toBe('0:05');
    expect(waitText(60)).toBe('60 s');
    expect(waitText(1500)).toBe('25 min');
    expect(waitText(14_400)).toBe('4 h');
    expect(waitText(172_800)).toBe('2 days');
  });

  it('is a name inside a sentence, and pH stays pH', () => {
    expect(inSentence('Root depth')).toBe('root depth');
    expect(inSentence('pH by depth')).toBe('pH by depth');
    expect(inSentence('A nutrient runs short')).toBe('a nutrient runs short');
  });

  it('keeps a number with its unit', () => {
    expect(keepUnits('Roots stop at 22 cm, at 4 of 5 spots')).toBe(
      'Roots stop at 22\u00a0cm, at 4 of 5 spots',
    );
  });
});

it('a day after rain is one day', () => {
  expect([afterRain(0), afterRain(1), afterRain(2.4)]).toEqual([
    '0 days after rain',
    '1 day after rain',
    '2 days after rain',
  ]);
});
