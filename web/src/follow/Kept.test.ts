import { expect, it } from 'vitest';
import type { ForecastScore } from '../api/types';
import { linesOf } from './Kept';

it('keeps score of each forecast by its band, of each cause, adviser and table by how sure they were', () => {
  const score = {
    held: 0.75,
    of: 4,
    byForecast: [{ forecast: 'salt', held: 0.75, of: 4 }],
    byMeasure: [{ measure: 'salinity.rootZoneEce', held: 0.75, of: 4 }],
    byAdviser: [{ adviser: 'Second adviser', held: 0.5, of: 2 }],
    brier: {
      n: 3,
      score: 0.1,
      byCause: [{ cause: 'acid-topsoil', n: 2, score: 0.04 }],
      byAdviser: [{ adviser: 'Second adviser', n: 3, score: 0.1 }],
      byTable: [
        { table: 'practice', n: 3, score: 0.1 },
        { table: 'shipped', n: 3, score: 0.12 },
      ],
    },
  } as ForecastScore;
  expect(linesOf(score)).toEqual([
    { what: 'forecast of salt', figure: '75 %', of: '4 read' },
    { what: 'read as salt in the root zone', figure: '75 %', of: '4 read' },
    { what: 'promised by Second adviser', figure: '50 %', of: '2 read' },
    { what: 'acid topsoil', figure: '0.04', of: '2 settled' },
    { what: 'said by Second adviser', figure: '0.1', of: '3 settled' },
    { what: 'by your own table', figure: '0.1', of: '3 settled' },
    { what: 'by the table as it came', figure: '0.12', of: '3 settled' },
  ]);
});
