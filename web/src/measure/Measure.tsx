import { useParams, useSearchParams } from 'react-router';
import type { Method, WholeVisit } from '../api/types';
import { useMethods, useVisit } from '../api/useMethods';
import { Show } from '../ground/State';
import { BeforeLeaving } from './BeforeLeaving';
import { Bench } from './Bench';
import { placesOf } from './place';
import { Samples } from './Samples';
import { Tray } from './Tray';
import { useMoves } from './useMoves';
import { useTogether } from './useTogether';

/** The tray of methods and spots, and beside it, or in its place on a phone, the bench of the cell in hand. */
export function Measure() {
  const { visitId = '' } = useParams();
  const whole = useVisit(visitId);
  const methods = useMethods();
  return (
    <Show of={whole}>
      {(visit) => <Show of={methods}>{(all) => <MeasureOf whole={visit} methods={all} />}</Show>}
    </Show>
  );
}

function MeasureOf({ whole, methods }: { whole: WholeVisit; methods: Method[] }) {
  const [search, setSearch] = useSearchParams();
  const chosen = methods.filter(
    (method) =>
      whole.visit.methods.includes(method.id) ||
      whole.readings.some((reading) => reading.method === method.id),
  );
  const spots = placesOf(whole);
  const spot = spots.find((one) => one.id === search.get('spot'));
  const method = methods.find((one) => one.id === search.get('method'));
  useMoves({
    spots: spots.map((one) => one.id),
    methods: chosen.map((one) => one.id),
    spot: spot?.id ?? null,
    method: method?.id ?? null,
    go: (nextSpot, nextMethod) => setSearch({ spot: nextSpot, method: nextMethod }),
  });
  const inHand = spot && method;
  const others = useTogether(whole.visit.id, spot && !spot.sample ? spot.id : null);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-11 gap-y-6 wide:grid-cols-[minmax(0,37rem)_minmax(0,1fr)]">
      <div className={inHand ? 'max-wide:hidden' : ''}>
        {others.map((one) => (
          <p key={one.personId} className="mb-2" role="status">
            {one.name} stands at spot {spots.find((other) => other.id === one.spotId)?.label ?? 'elsewhere'}.
          </p>
        ))}
        <Tray
          whole={whole}
          methods={chosen}
          spots={spots.filter((one) => !one.sample || chosen.some((row) => row.ofSamples))}
          spot={spot?.id ?? null}
          method={method?.id ?? null}
        />
        {whole.visit.state === 'running' && <BeforeLeaving whole={whole} methods={chosen} places={spots} />}
        <Samples whole={whole} methods={methods} />
      </div>
      {inHand ? (
        <Bench key={`${spot.id} ${method.id}`} whole={whole} spot={spot} method={method} />
      ) : (
        <p className="text-lg text-faded max-wide:hidden wide:pt-14">
          Choose a cell: a method at a spot. Its steps, clock and entry open here.
        </p>
      )}
    </div>
  );
}
