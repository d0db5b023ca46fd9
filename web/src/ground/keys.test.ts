import { describe, expect, it } from 'vitest';
import { otherUnit, pressed } from './keys';
import { parse } from './units';

const typed = (...keys: string[]) => keys.reduce(pressed, '');

const mmOf = (read: ReturnType<typeof parse>) => (read.ok ? read.value : Number.NaN);

describe('the keypad', () => {
  it('types figures, fractions and a unit that the bench reads', () => {
    expect(typed('3', '½', 'in')).toBe('3 ½ in');
    expect(typed('1', '2', '.', '5')).toBe('12.5');
    expect(typed('7', '/', '8', 'in')).toBe('7/8 in');
    expect(mmOf(parse(typed('3', '½', 'in'), 'mm'))).toBeCloseTo(88.9, 9);
  });

  it('takes the last sign back, and a unit as a whole', () => {
    expect(pressed('12.5', 'back')).toBe('12.');
    expect(pressed('3 ½ in', 'back')).toBe('3 ½');
    expect(pressed('3 ½', 'back')).toBe('3 ');
    expect(pressed('', 'back')).toBe('');
  });

  it('puts a unit in place of another, and takes it away when it is pressed again', () => {
    expect(typed('9', '0', 'in')).toBe('90 in');
    expect(pressed('90 in', 'in')).toBe('90');
    expect(pressed('90 mm', 'in')).toBe('90 in');
  });

  it('writes minutes and seconds', () => {
    expect(parse(typed('6', ':', '4', '2'), 's')).toEqual({ ok: true, value: 402 });
  });

  it('turns the sign', () => {
    expect(pressed('4', '−')).toBe('-4');
    expect(pressed('-4', '−')).toBe('4');
  });

  it('knows the other unit of a length, and none of a pH', () => {
    expect(otherUnit('mm')).toBe('in');
    expect(otherUnit('pH')).toBeNull();
    expect(otherUnit(null)).toBeNull();
  });
});
