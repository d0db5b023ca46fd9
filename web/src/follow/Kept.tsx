import { useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import type { ForecastScore, Promised } from '../api/types';
import { month, show } from '../ground/format';

/** What came otherwise than promised here, and how often it came as promised in the whole practice. */
export function Kept({ bands }: { bands: Promised[] }) {
  const score = useQuery({
    queryKey: ['forecast-score'],
    queryFn: ({ signal }) => take(api.GET('/api/forecasts/score', { signal })) as Promise<ForecastScore>,
  });
  const missed = bands.flatMap((band) =>
    band.outcomes.filter((one) => one.place !== 'inside').map((one) => ({ band, one })),
  );
  const all = score.data;
  if (bands.length === 0 && (all?.of ?? 0) === 0) return null;
  return (
    <section aria-labelledby="kept">
      <h2 id="kept">Promised and come</h2>
      {missed.map(({ band, one }) => (
        <p key={`${band.intervention} ${one.visit}`} className="mt-2 border-t border-rule pt-2 text-warn">
          {month(one.day)}: {show(one.value)}
          {band.unit === 'score' ? '' : ` ${band.unit}`}. {one.ask}
        </p>
      ))}
      {all && all.held !== null && (
        <p className="mt-2 border-t border-rule pt-2">
          In the whole practice <span className="num">{show(all.held * 100, 0)}</span> of 100 later readings
          lay inside their band ({all.of} read); nine of ten should.
        </p>
      )}
      {all && all.brier.score !== null && (
        <p className="mt-1 text-sm text-faded">
          Causes that were settled since: {all.brier.n}; Brier score{' '}
          <span className="num">{show(all.brier.score, 2)}</span>, 0 being always right and 0.25 a coin.
        </p>
      )}
      {all && (all.byForecast.length > 0 || all.brier.n > 0) && (
        <details className="mt-1">
          <summary className="link flex min-h-11 cursor-pointer items-center text-sm">
            By forecast, cause and adviser
          </summary>
          <table className="w-full text-sm">
            <tbody>
              {linesOf(all).map((line) => (
                <tr key={line.what} className="border-t border-rule">
                  <th scope="row" className="py-1.5 text-left font-normal">
                    {line.what}
                  </th>
                  <td className="num text-right">{line.figure}</td>
                  <td className="num pl-4 text-right text-faded">{line.of}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      )}
    </section>
  );
}

/** Who and what was right how often: of forecasts the share inside their band, of causes and advisers the Brier score. */
export function linesOf(score: ForecastScore): { what: string; figure: string; of: string }[] {
  const words = (id: string) => id.replaceAll('-', ' ');
  const brier = (what: string, one: { n: number; score: number }) => ({
    what,
    figure: show(one.score, 2),
    of: `${one.n} settled`,
  });
  return [
    ...score.byForecast.map((one) => ({
      what: `forecast of ${words(one.forecast)}`,
      figure: `${show(one.held * 100, 0)} %`,
      of: `${one.of} read`,
    })),
    ...score.brier.byCause.map((one) => brier(words(one.cause), one)),
    ...score.brier.byAdviser.map((one) => brier(`said by ${one.adviser}`, one)),
  ];
}
