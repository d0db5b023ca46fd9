import { expect, it } from 'vitest';
import { secondsSince } from './Timed';

const START = '2031-05-14T10:00:00.000Z';
const at = (ms: number) => Date.parse(START) + ms;

it('a pour is timed to a tenth of a second', () => {
  expect(secondsSince(START, at(402_340))).toBe(402.3);
});

it('a pour that is stopped at once, or by a clock put back, still took a moment', () => {
  expect(secondsSince(START, at(0))).toBe(0.1);
  expect(secondsSince(START, at(-5000))).toBe(0.1);
});
