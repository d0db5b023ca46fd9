// @vitest-environment happy-dom
import { expect, test } from 'vitest';
import type { Promised } from '../api/types';
import { render, texts } from '../testing/render';
import { BandRow, reach } from './BandRow';

const BAND: Promised = {
  intervention: 'i',
  zone: 'z',
  forecast: 'salt',
  measure: 'salinity.rootZoneEce',
  unit: 'dS/m',
  adviser: 'Second adviser',
  points: [
    { day: '2027-08-01', low: 8, middle: 8, high: 8 },
    { day: '2029-08-01', low: 7.4, middle: 7.6, high: 7.8 },
    { day: '2032-08-01', low: 6.5, middle: 7, high: 7.5 },
  ],
  outcomes: [
    { visit: 'a', day: '2029-05-10', value: 7.65, place: 'inside', ask: 'As forecast.' },
    { visit: 'b', day: '2031-05-10', value: 9, place: 'above', ask: 'Above the band.' },
  ],
};

test('a promise is drawn a year past the newest visit and no further', () => {
  const visits = [{ day: '2031-05-10' }];
  expect(reach(BAND, visits)).toEqual(['2027-08-01', '2029-08-01']);
});

test('what came otherwise is said beside its mark', () => {
  const years = (iso: string) => 100 + (Number(iso.slice(0, 4)) - 2027) * 100;
  const drawn = render(
    <svg>
      <title>band</title>
      <BandRow band={BAND} at={years} top={0} left={100} to={800} height={112} />
    </svg>,
  );
  expect(drawn.textContent).toContain('May 2031: 9, above the band');
  expect(texts(drawn, 'text').map((text) => text.trim())).toContain('7.7');
});
