import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { SectionView, WholeVisit } from '../api/types';
import { serverOrCore } from '../device/withoutSignal';
import { keepUnits, month } from '../ground/format';
import { Show } from '../ground/State';
import { placeOf } from '../measure/place';
import { Depths } from './Depths';
import { SectionDrawing } from './SectionDrawing';
import { SectionTable } from './SectionTable';
import { sinceWords } from './sinceWords';
import { useSince } from './useSince';

/** The ground beside what it says in a sentence with its numbers. */
export function SectionPage({ whole, zone }: { whole: WholeVisit; zone: string }) {
  const visitId = whole.visit.id;
  const queries = useQueryClient();
  const section = useQuery({
    queryKey: keys.section(visitId, zone),
    queryFn: ({ signal }) =>
      serverOrCore(
        () =>
          take(
            api.GET('/api/visits/{id}/section', {
              signal,
              params: { path: { id: visitId }, query: { zone } },
            }),
          ) as Promise<SectionView>,
        queries,
        visitId,
        'section',
        { zone },
      ),
  });
  return (
    // Its room is there before it is, so that what stands under it is not pushed from under a thumb.
    <div className={section.isPending ? 'min-h-[75svh]' : undefined}>
      <Show of={section}>{(view) => <SectionOf view={view} whole={whole} zone={zone} />}</Show>
    </div>
  );
}

function SectionOf({ view, whole, zone }: { view: SectionView; whole: WholeVisit; zone: string }) {
  const since = useSince(whole.visit.id, view.previousVisit, zone);
  const [headline, ...rest] = view.said;
  const [between, setBetween] = useState<[number, number] | null>(null);
  const navigate = useNavigate();
  function open(spotId: string, methods: string[]) {
    const made = methods.find((method) =>
      whole.readings.some((one) => placeOf(one) === spotId && one.method === method),
    );
    if (made) void navigate(`${base}/measure?spot=${spotId}&method=${made}`);
  }
  const base = `/fields/${whole.field.id}/visits/${whole.visit.id}`;
  if (
    view.columns.every(
      ({ ground }) =>
        ground.layers.length === 0 &&
        ground.cone.length === 0 &&
        ground.root80Cm === null &&
        ground.ph.length === 0 &&
        ground.salinity.length === 0,
    )
  ) {
    return (
      <p className="max-w-xl py-8 text-lg">
        Nothing was read below the surface here yet. The cone, the soil block, root depth and pH draw this
        section.{' '}
        <Link className="link" to={`${base}/measure`}>
          Go to Measure
        </Link>
      </p>
    );
  }
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-9 gap-y-6 wide:grid-cols-[minmax(0,1fr)_19.5rem]">
      <div>
        <Depths of={view.deepestCm} between={between} onPick={setBetween} />
        <SectionDrawing view={view} between={between} onOpen={open} />
        <SectionTable view={view} />
      </div>
      <section aria-label="What it says" className="max-wide:order-first grid content-start gap-4">
        {headline && <h2 className="text-[1.7rem]">{keepUnits(headline.text)}</h2>}
        {rest.map((said) => (
          <p key={said.code} className="text-[1.05rem]">
            {keepUnits(said.text)}
          </p>
        ))}
        <p className="flex flex-wrap gap-x-6 border-t border-rule pt-3">
          <Link className="link min-h-11" to={`${base}/decide?zone=${zone}`}>
            What causes this
          </Link>
          {view.previousVisit && (
            <Link className="link min-h-11" to={`${base}/follow?zone=${zone}`}>
              What has changed
            </Link>
          )}
        </p>
        {since.data && view.previousDay && (
          <p className="text-faded">
            Since {month(view.previousDay)}: {sinceWords(since.data)}
          </p>
        )}
      </section>
    </div>
  );
}
