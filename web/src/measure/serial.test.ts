import { describe, expect, it } from 'vitest';
import { lines, readLine } from './serial';

describe('a serial line of figures', () => {
  it('says a figure, its unit, and how warm it is', () => {
    expect(readLine('0.82 dS/m 17.2 C')).toEqual({ value: 0.82, unit: 'dS/m', temperatureC: 17.2 });
    expect(readLine(' 6,41 pH')).toEqual({ value: 6.41, unit: 'pH', temperatureC: null });
    expect(readLine('17.2 C')).toEqual({ value: 17.2, unit: '°C', temperatureC: null });
    expect(readLine('-3.5')).toEqual({ value: -3.5, unit: null, temperatureC: null });
  });

  it('noise, a banner and half a line are no figures', () => {
    for (const line of ['', 'ready', '0.8.2 dS/m', 'ERR 12', '1 2 3'])
      expect(readLine(line), line).toBeNull();
  });

  it('comes in pieces: a line counts when it is whole', () => {
    const first = lines('', '0.81 dS/m\r\n0.8');
    expect(first).toEqual({ whole: ['0.81 dS/m'], rest: '0.8' });
    expect(lines(first.rest, '2 dS/m\n')).toEqual({ whole: ['0.82 dS/m'], rest: '' });
  });
});
