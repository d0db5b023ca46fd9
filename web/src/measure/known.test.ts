import { expect, test } from 'vitest';
import type { WholeVisit } from '../api/types';
import { knownAt } from './known';

function reading(method: string, key: string, value: number | null, more: object = {}) {
  return { spotId: 'a', method, correctedBy: null, evaluation: { measures: [{ key, value }] }, ...more };
}

function visit(...readings: object[]): WholeVisit {
  return { readings } as unknown as WholeVisit;
}

test('a laboratory speaks before a meter, and the newest before the older', () => {
  const whole = visit(
    reading('laboratory', 'ph', 6.1),
    reading('ph', 'topsoil', 5.4),
    reading('salinity', 'ece', 3),
    reading('salinity', 'ece', 5),
  );
  expect(knownAt(whole, 'a')).toEqual({ ph: 6.1, ece: 5 });
});

test('another spot, a corrected reading and a value not found tell nothing', () => {
  const whole = visit(
    reading('ph', 'topsoil', 5.4, { spotId: 'b' }),
    reading('ph', 'topsoil', 5.2, { correctedBy: 'x' }),
    reading('salinity', 'ece', null),
  );
  expect(knownAt(whole, 'a')).toEqual({ ph: null, ece: null });
});
