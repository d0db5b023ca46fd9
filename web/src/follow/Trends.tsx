import { useQueries } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Intervention, LandField, TrendView } from '../api/types';
import { useMethods } from '../api/useMethods';
import { Pick } from '../ground/Pick';
import { withSpots, zoneName } from '../ground/ZonePick';
import { TrendDrawing } from './TrendDrawing';
import { scoreRows, together, valueRows } from './trendRows';

export function trendOf(fieldId: string, zone: string) {
  return {
    queryKey: keys.trend(fieldId, zone),
    queryFn: ({ signal }: { signal: AbortSignal }) =>
      take(
        api.GET('/api/fields/{id}/trend', { signal, params: { path: { id: fieldId }, query: { zone } } }),
      ) as Promise<TrendView>,
  };
}

type Props = {
  field: LandField;
  zone: string;
  view: TrendView;
  done: Intervention[];
  now: string;
  since: string | null;
};

/** All visits in time: scores or values, spot by spot or the means of all zones and strips on one scale. */
export function Trends({ field, zone, view, done, now, since }: Props) {
  const [search, setSearch] = useSearchParams();
  const methods = useMethods().data ?? [];
  const inValues = search.get('in') === 'values';
  const allZones = search.get('zones') === 'together';
  const others = withSpots(field).filter((one) => one.id !== zone);
  const asked = useQueries({ queries: allZones ? others.map((one) => trendOf(field.id, one.id)) : [] });
  const beside = others.flatMap((one, i) => (asked[i]?.data ? [{ zone: one, view: asked[i].data }] : []));
  const missing = allZones ? others.filter((_, i) => !asked[i]?.data).map(zoneName) : [];
  const rowsOf = (one: TrendView, of: string) =>
    inValues ? valueRows(one, of) : scoreRows(one, methods, of);
  const rows = rowsOf(view, zone);
  const figures = inValues ? 'what was measured, in its unit' : 'scores, 0 to 100';
  function look(key: string, value: string | null) {
    const next = new URLSearchParams(search);
    if (value === null) next.delete(key);
    else next.set(key, value);
    setSearch(next, { replace: true });
  }
  const seen = { done, now, since, bands: view.bands };
  return (
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
      {missing.length > 0 && (
        <p className="mb-2 text-faded" role="status">
          {asked.some((one) => one.isError) ? 'Not on this device' : 'Being fetched'}: {missing.join(', ')}.
        </p>
      )}
      {inValues && rows.length === 0 && <p className="text-lg">Nothing was measured here that has a unit.</p>}
      {allZones ? (
        <TrendDrawing
          {...seen}
          rows={together([rows, ...beside.map((one) => rowsOf(one.view, one.zone.id))])}
          visits={inTime([view, ...beside.map((one) => one.view)])}
          zones={
            new Map([
              ...field.zones.filter((one) => one.id === zone).map((one) => [one.id, zoneName(one)] as const),
              ...beside.map((one) => [one.zone.id, zoneName(one.zone)] as const),
            ])
          }
          caption={`${figures}: the mean of each zone and strip`}
        />
      ) : (
        <TrendDrawing
          {...seen}
          rows={rows}
          visits={inTime([view])}
          caption={`${figures}: each thin line is a spot, the strong one their mean`}
        />
      )}
    </div>
  );
}

/** The visits in which anything was scored in any of the zones, oldest first. */
function inTime(views: TrendView[]): { visitId: string; day: string }[] {
  const all = views.flatMap((view) => view.visits.filter((visit) => visit.scores.methods.length > 0));
  return [...new Map(all.map((visit) => [visit.visitId, visit])).values()].sort((a, b) =>
    a.day.localeCompare(b.day),
  );
}
