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
    </section>
  );
}
