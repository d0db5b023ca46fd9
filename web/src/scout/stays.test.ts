import { describe, expect, it } from 'vitest';
import type { JudgedDay, Method } from '../api/types';
import { staysOf, ticks, waitsOf, windowsOf } from './stays';
import { rowsOf } from './WeatherStrip';
import { wayTo, wind } from './wayBack';

const timed = (person: number, spot: string, method: string, startS: number, endS: number) => ({
  person,
  spot,
  methods: [method],
  step: `${method} ${startS}`,
  startS,
  endS,
});

describe('a sheet by stays', () => {
  it('goes on at a spot until its person leaves it', () => {
    const stays = staysOf([
      timed(0, 'a', 'ph', 0, 60),
      timed(1, 'b', 'ph', 10, 70),
      timed(0, 'a', 'smell', 60, 90),
      timed(0, 'b', 'smell', 200, 230),
      timed(0, 'a', 'ph', 400, 460),
    ]);
    expect(stays.map((stay) => `${stay.person}${stay.spot} ${stay.startS}-${stay.endS}`)).toEqual([
      '0a 0-90',
      '1b 10-70',
      '0b 200-230',
      '0a 400-460',
    ]);
  });

  it('shows what waits between two steps of a test', () => {
    expect(
      waitsOf([timed(0, 'a', 'ph', 0, 60), timed(0, 'b', 'smell', 100, 130), timed(0, 'a', 'ph', 400, 460)]),
    ).toEqual([{ spot: 'a', fromS: 60, toS: 400 }]);
  });

  it('shows when the next step may begin, where that closes the same day and is not watched', () => {
    const method = (id: string, wait: object) =>
      ({ id, variants: [{ steps: [{ id: `${id} 0`, wait }, { id: `${id} 400` }] }] }) as unknown as Method;
    const steps = [
      timed(0, 'a', 'dispersion', 0, 60),
      timed(0, 'a', 'dispersion', 400, 460),
      timed(1, 'b', 'percolation', 0, 90),
      timed(1, 'b', 'ph', 0, 30),
      timed(1, 'b', 'ph', 400, 460),
    ];
    const methods = [
      method('dispersion', { minS: 540, maxS: 660, watched: false }),
      method('percolation', { minS: 1500, maxS: 2100, watched: false }),
      method('ph', { minS: 60, maxS: 120, watched: true }),
    ];
    expect(windowsOf(steps, methods), 'a test with nothing after it has no window').toEqual([
      { spot: 'a', fromS: 600, toS: 720 },
    ]);
    const overnight = [method('dispersion', { minS: 72_000, maxS: 100_000, watched: false })];
    expect(windowsOf(steps, overnight)).toEqual([]);
  });

  it('has round times on its axis', () => {
    expect(ticks(7000, 8)).toEqual([0, 900, 1800, 2700, 3600, 4500, 5400, 6300]);
  });
});

describe('the weather strip', () => {
  it('has one row for tests that are judged alike, those with most against them first', () => {
    const day = (day: string, ring: string, cover: string) =>
      ({
        day,
        methods: [
          { method: 'ring', verdict: ring, why: [] },
          { method: 'cone', verdict: ring, why: [] },
          { method: 'cover', verdict: cover, why: [] },
        ],
      }) as unknown as JudgedDay;
    const methods = ['cover', 'ring', 'cone'].map((id) => ({ id, name: id }) as unknown as Method);
    expect(rowsOf([day('1', 'bad', 'good'), day('2', 'good', 'good')], methods)).toEqual([
      { names: ['ring', 'cone'], verdicts: ['bad', 'good'] },
      { names: ['cover'], verdicts: ['good', 'good'] },
    ]);
  });
});

describe('the way back to a spot', () => {
  const here = { lat: 47.6, lon: -29.1 };

  it('says how far it is and which way', () => {
    const way = wayTo(here, { lat: 47.601, lon: -29.1 });
    expect(way.metres).toBeCloseTo(111.2, 0);
    expect(wind(way.degrees)).toBe('north');
    expect(wind(wayTo(here, { lat: 47.6, lon: -29.101 }).degrees)).toBe('west');
  });
});
