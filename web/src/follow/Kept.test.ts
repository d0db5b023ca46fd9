import { expect, it } from 'vitest';
import type { ForecastScore } from '../api/types';
import { linesOf } from './Kept';

it('keeps score of each forecast by its band, of each cause and adviser by how sure they were', () => {
  const score = {
    held: 0.75,
    of: 4,
    byForecast: [{ forecast: 'salt', held: 0.75, of: 4 }],
    brier: {
      n: 3,
      score: 0.1,
      byCause: [{ cause: 'acid-topsoil', n: 2, score: 0.04 }],
      byAdviser: [{ adviser: 'Second adviser', n: 3, score: 0.1 }],
    },
  } as ForecastScore;
  expect(linesOf(score)).toEqual([
    { what: 'forecast of salt', figure: '75 %', of: '4 read' },
    { what: 'acid topsoil', figure: '0.04', of: '2 settled' },
    { what: 'said by Second adviser', figure: '0.1', of: '3 settled' },
  ]);
});
