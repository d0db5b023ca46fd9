import { useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import type { ForecastScore, Promised } from '../api/types';
import { inSentence, month, show } from '../ground/format';
import { promised } from '../ground/promised';

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
          In the whole practice <span className="num">{Math.round(all.held * all.of)}</span> of {all.of} later
          readings lay inside their band; nine of ten should.
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
            By forecast, cause, adviser and table
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
      {all && all.learned.length > 0 && <Learned learned={all.learned} />}
    </section>
  );
}

/** What the settled causes taught the practice's own table. */
function Learned({ learned }: { learned: ForecastScore['learned'] }) {
  const share = (before: number, after: number) =>
    before === after ? show(100 * after, 0) : `${show(100 * before, 0)} → ${show(100 * after, 1)}`;
  return (
    <details className="mt-1">
      <summary className="link flex min-h-11 cursor-pointer items-center text-sm">
        What it taught: {learned.length} figures of your table moved
      </summary>
      <table className="w-full text-sm">
        <caption className="py-1 text-left text-faded">
          How often a finding is seen, of 100 cases: as the table came, and as yours has it
        </caption>
        <thead>
          <tr>
            <th scope="col" className="py-1.5 text-left">
              Finding
            </th>
            <th scope="col" className="text-right">
              with the cause
            </th>
            <th scope="col" className="pl-4 text-right">
              without
            </th>
          </tr>
        </thead>
        <tbody>
          {learned.map(({ causeText, findingText, taught }) => (
            <tr key={`${taught.cause} ${taught.finding}`} className="border-t border-rule">
              <th scope="row" className="py-1.5 text-left font-normal">
                {findingText} <span className="text-faded">({inSentence(causeText)})</span>
              </th>
              <td className="num text-right">{share(taught.tBefore, taught.tAfter)}</td>
              <td className="num pl-4 text-right">{share(taught.fBefore, taught.fAfter)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}

const TABLES = { practice: 'by your own table', shipped: 'by the table as it came' } as const;

/** Who and what was right how often: of forecasts the share inside their band, of causes and advisers the Brier score. */
export function linesOf(score: ForecastScore): { what: string; figure: string; of: string }[] {
  const words = (id: string) => id.replaceAll('-', ' ');
  const brier = (what: string, one: { n: number; score: number }) => ({
    what,
    figure: show(one.score, 2),
    of: `${one.n} settled`,
  });
  const held = (what: string, one: { held: number; of: number }) => ({
    what,
    figure: `${show(one.held * 100, 0)} %`,
    of: `${one.of} read`,
  });
  return [
    ...score.byForecast.map((one) => held(`forecast of ${words(one.forecast)}`, one)),
    ...score.byMeasure.map((one) => held(`read as ${inSentence(promised(one.measure).name)}`, one)),
    ...score.byAdviser.map((one) => held(`promised by ${one.adviser}`, one)),
    ...score.brier.byCause.map((one) => brier(words(one.cause), one)),
    ...score.brier.byAdviser.map((one) => brier(`said by ${one.adviser}`, one)),
    ...score.brier.byTable.map((one) => brier(TABLES[one.table as keyof typeof TABLES], one)),
  ];
}
