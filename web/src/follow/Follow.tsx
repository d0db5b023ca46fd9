import { useQueries, useQuery } from '@tanstack/react-query';
import { Link, useParams, useSearchParams } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Intervention, TrendView, WholeVisit } from '../api/types';
import { useMethods, useVisit } from '../api/useMethods';
import { day } from '../ground/format';
import { Pick } from '../ground/Pick';
import { Show } from '../ground/State';
import { useZone, withSpots, ZonePick, zoneName } from '../ground/ZonePick';
import { mayWrite, useMe } from '../people/session';
import { useSince } from '../read/useSince';
import { Kept } from './Kept';
import { Log } from './Log';
import { Slopes } from './Slopes';
import { TrendDrawing } from './TrendDrawing';
import { scoreRows, together, valueRows } from './trendRows';
import { Verdicts } from './Verdicts';

/** What has changed: all methods on one time axis, what was done as pegs, and the verdict in a word with its interval. */
export function Follow() {
  const { visitId = '' } = useParams();
  const whole = useVisit(visitId);
  return <Show of={whole}>{(visit) => <FollowOf whole={visit} />}</Show>;
}

function trendOf(fieldId: string, zone: string) {
  return {
    queryKey: keys.trend(fieldId, zone),
    queryFn: ({ signal }: { signal: AbortSignal }) =>
      take(
        api.GET('/api/fields/{id}/trend', { signal, params: { path: { id: fieldId }, query: { zone } } }),
      ) as Promise<TrendView>,
  };
}

function FollowOf({ whole }: { whole: WholeVisit }) {
  const me = useMe();
  const [search, setSearch] = useSearchParams();
  const [zone, pickZone] = useZone(whole.field);
  const methods = useMethods();
  const fieldId = whole.field.id;
  const trend = useQuery(trendOf(fieldId, zone));
  const inValues = search.get('in') === 'values';
  const allZones = search.get('zones') === 'together';
  const others = withSpots(whole.field).filter((one) => one.id !== zone);
  const beside = useQueries({
    queries: allZones ? others.map((one) => trendOf(fieldId, one.id)) : [],
  });
  function look(key: string, value: string | null) {
    const next = new URLSearchParams(search);
    if (value === null) next.delete(key);
    else next.set(key, value);
    setSearch(next, { replace: true });
  }
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
          const rowsOf = (one: TrendView, of: string) =>
            inValues ? valueRows(one, of) : scoreRows(one, methods.data ?? [], of);
          const read = others.flatMap((one, i) => {
            const data = beside[i]?.data;
            return data ? [{ zone: one, view: data }] : [];
          });
          const rows = allZones
            ? together([rowsOf(view, zone), ...read.map((one) => rowsOf(one.view, one.zone.id))])
            : rowsOf(view, zone);
          const figures = inValues ? 'what was measured, in its unit' : 'scores, 0 to 100';
          const visits = allZones ? inTime([view, ...read.map((one) => one.view)]) : scored;
          const zones = [whole.field.zones.find((one) => one.id === zone), ...others].filter(
            (one) => one !== undefined,
          );
          return (
            <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_21rem]">
              <div>
                <div className="mb-3 flex flex-wrap gap-x-8">
                  <div className="flex gap-x-5" role="group" aria-label="Drawn in">
                    <Pick on={!inValues} onPick={() => look('in', null)}>
                      scores
                    </Pick>
                    <Pick on={inValues} onPick={() => look('in', 'values')}>
                      values
                    </Pick>
                  </div>
                  {others.length > 0 && (
                    <div className="flex gap-x-5" role="group" aria-label="Zones drawn">
                      <Pick on={!allZones} onPick={() => look('zones', null)}>
                        spot by spot
                      </Pick>
                      <Pick on={allZones} onPick={() => look('zones', 'together')}>
                        zones together
                      </Pick>
                    </div>
                  )}
                </div>
                {rows.length === 0 && <p className="text-lg">Nothing was measured here that has a unit.</p>}
                <TrendDrawing
                  rows={rows}
                  visits={visits}
                  done={done.data ?? []}
                  now={whole.visit.id}
                  since={since?.visitId ?? null}
                  bands={view.bands}
                  {...(allZones && { zones: new Map(zones.map((one) => [one.id, zoneName(one)])) })}
                  caption={
                    allZones
                      ? `${figures}: the mean of each zone and strip`
                      : `${figures}: each thin line is a spot, the strong one their mean`
                  }
                />
              </div>
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
              <Slopes trend={view} inValues={inValues} />
              <Kept bands={view.bands} />
              <Log field={whole.field} done={done.data ?? []} mayWrite={mayWrite(me)} />
            </div>
          );
        }}
      </Show>
    </>
  );
}

/** The visits in which anything was scored in any of the zones, oldest first. */
function inTime(views: TrendView[]): { visitId: string; day: string }[] {
  const all = views.flatMap((view) => view.visits.filter((visit) => visit.scores.methods.length > 0));
  return [...new Map(all.map((visit) => [visit.visitId, visit])).values()].sort((a, b) =>
    a.day.localeCompare(b.day),
  );
}
