import { useQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Intervention, WholeVisit } from '../api/types';
import { useVisit } from '../api/useMethods';
import { day } from '../ground/format';
import { Show } from '../ground/State';
import { useZone, ZonePick } from '../ground/ZonePick';
import { mayWrite, useMe } from '../people/session';
import { useSince } from '../read/useSince';
import { Kept } from './Kept';
import { Log } from './Log';
import { Slopes } from './Slopes';
import { Trends, trendOf } from './Trends';
import { Verdicts } from './Verdicts';

/** What has changed: all methods on one time axis, what was done as pegs, and the verdict in a word with its interval. */
export function Follow() {
  const { visitId = '' } = useParams();
  const whole = useVisit(visitId);
  return <Show of={whole}>{(visit) => <FollowOf whole={visit} />}</Show>;
}

function FollowOf({ whole }: { whole: WholeVisit }) {
  const me = useMe();
  const [search, setSearch] = useSearchParams();
  const [zone, pickZone] = useZone(whole.field);
  const fieldId = whole.field.id;
  const trend = useQuery(trendOf(fieldId, zone));
  const done = useQuery({
    queryKey: keys.interventions(fieldId),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/fields/{id}/interventions', { signal, params: { path: { id: fieldId } } }),
      ) as Promise<Intervention[]>,
  });
  const earlier = (trend.data?.visits ?? []).filter(
    (one) => one.day < whole.visit.day && one.scores.methods.length > 0,
  );
  const since = earlier.find((one) => one.visitId === search.get('since')) ?? earlier[0] ?? null;
  const change = useSince(whole.visit.id, since?.visitId ?? null, zone);
  return (
    <>
      <div className="mb-4 flex flex-wrap items-center justify-between gap-x-8">
        <h1 className="text-[1.5rem]">What has changed</h1>
        <Link className="link flex min-h-11 items-center" to={`/reports/${whole.visit.id}`}>
          The report to the grower
        </Link>
        <ZonePick field={whole.field} zone={zone} onPick={pickZone} />
      </div>
      <Show of={trend}>
        {(view) => {
          const scored = view.visits.filter((one) => one.scores.methods.length > 0);
          if (scored.length === 0) {
            return (
              <p className="py-6 text-lg">
                Nothing is scored in this zone yet. Change begins with a first visit.
              </p>
            );
          }
          return (
            <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_21rem]">
              <Trends
                field={whole.field}
                zone={zone}
                view={view}
                done={done.data ?? []}
                now={whole.visit.id}
                since={since?.visitId ?? null}
              />
              <section aria-label="Visit against visit" className="grid content-start gap-4">
                {since ? (
                  <>
                    <label className="block">
                      <span className="font-medium">{day(whole.visit.day)} against</span>
                      <select
                        className="mt-1 w-full"
                        value={since.visitId}
                        onChange={(event) => {
                          const next = new URLSearchParams(search);
                          next.set('since', event.target.value);
                          setSearch(next);
                        }}
                      >
                        {earlier.map((one) => (
                          <option key={one.visitId} value={one.visitId}>
                            {day(one.day)}
                          </option>
                        ))}
                      </select>
                    </label>
                    <Show of={change}>{(against) => <Verdicts change={against} field={whole.field} />}</Show>
                  </>
                ) : (
                  <p className="text-lg">
                    This is the first visit here. Come back to the same spots in the same season, and the
                    change is told from noise.
                  </p>
                )}
              </section>
              <Slopes trend={view} inValues={search.get('in') === 'values'} />
              <Kept bands={view.bands} />
              <Log field={whole.field} done={done.data ?? []} mayWrite={mayWrite(me)} />
            </div>
          );
        }}
      </Show>
    </>
  );
}
