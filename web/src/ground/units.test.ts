import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parse } from './units';

function value(typed: string, unit: string | null): number | null {
  const parsed = parse(typed, unit);
  return parsed.ok ? Number(parsed.value.toFixed(6)) : null;
}

describe('a number as people write it', () => {
  it('is taken in the unit of the field where none is written', () => {
    expect(value('240', 'mm')).toBe(240);
    expect(value('6,3', 'pH')).toBe(6.3);
    expect(value('-4.5', '°C')).toBe(-4.5);
    expect(value('−4.5', '°C')).toBe(-4.5);
  });

  it('is turned from inches, with fractions', () => {
    expect(value('3 1/2 in', 'mm')).toBe(88.9);
    expect(value('1/2 in', 'cm')).toBe(1.27);
    expect(value('90mm', 'cm')).toBe(9);
    expect(value('300 psi', 'kPa')).toBe(2068.427188);
    expect(value('50 °F', '°C')).toBe(10);
  });

  it('is a time of minutes and seconds where time is asked for', () => {
    expect(value('7:30', 'min')).toBe(7.5);
    expect(value('1:10', 's')).toBe(70);
    expect(value('1 h', 'min')).toBe(60);
  });

  it('is refused with words where it is none, or its unit is foreign', () => {
    expect(parse('', 'mm')).toEqual({ ok: false, text: 'This is not a number; write it in mm.' });
    expect(parse('deep', 'mm').ok).toBe(false);
    expect(parse('3 kg', 'mm')).toEqual({ ok: false, text: "'kg' is not a unit here; write it in mm." });
    expect(parse('1/0 in', 'mm').ok).toBe(false);
  });
});

it('a comma before three digits is asked about', () => {
  expect(parse('1,200', 'kPa')).toMatchObject({ ok: false, text: expect.stringContaining('1.200 or 1200') });
  expect(parse('-12,500 mm', 'mm')).toMatchObject({ ok: false });
  expect(parse('1,5', 'mm')).toEqual({ ok: true, value: 1.5 });
  expect(parse('1.200', 'mm')).toEqual({ ok: true, value: 1.2 });
});

type Contract = {
  post?: string;
  body: { text: string; unit: string };
  status: number;
  expect?: { value: number };
};

it('what the core is held to is read alike here', () => {
  const table = JSON.parse(
    readFileSync('../core/src/test/resources/morphotera/worked-contracts.json', 'utf8'),
  ) as Contract[];
  const units = table.filter((one) => one.post === '/api/units/read');
  expect(units.length).toBeGreaterThan(15);
  for (const { body, status, expect: wanted } of units) {
    const read = parse(body.text, body.unit);
    expect(read.ok, body.text).toBe(status === 200);
    if (read.ok && wanted) expect(read.value, body.text).toBeCloseTo(wanted.value, 9);
  }
});
