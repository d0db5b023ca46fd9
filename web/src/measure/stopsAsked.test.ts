import { expect, test } from 'vitest';
import type { Method, Reading } from '../api/types';
import { stopsAsked } from './stopsAsked';

const METHOD = {
  id: 'slaking',
  variants: [{ id: 'usual', steps: [{ id: 'a', handsOnS: 300, sharedAs: null }] }],
} as unknown as Method;

const reading = (spotId: string, score: number | null, hollow: string[] = []) =>
  ({ method: 'slaking', spotId, sampleId: null, evaluation: { score, hollow } }) as unknown as Reading;

test('two clean spots are asked about, with the minutes that one more takes', () => {
  const asked = stopsAsked([METHOD], [reading('1', 40), reading('2', 52)], ['1', '2', '3']);
  expect(asked.map((one) => one.asked)).toEqual([
    { method: 'slaking', scores: [40, 52], more: 2, minutesPerSpot: 5 },
  ]);
});

test('a hollow score, one without a score and a spot of another zone do not count', () => {
  const readings = [reading('1', 40), reading('2', 52, ['score']), reading('3', null), reading('9', 60)];
  expect(stopsAsked([METHOD], readings, ['1', '2', '3'])).toEqual([]);
});
