import { useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import type { Method, WholeVisit } from '../api/types';
import { useMethods, useVisit } from '../api/useMethods';
import { Keypad } from '../ground/Keypad';
import { Show } from '../ground/State';
import { BeforeLeaving } from './BeforeLeaving';
import { Bench } from './Bench';
import { Paired } from './Paired';
import { placesOf } from './place';
import { plannedIn } from './planned';
import { Samples } from './Samples';
import { TakeBack } from './TakeBack';
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
  // What is taken back stands on a bench of its own: the one before has forgotten it.
  const [taken, setTaken] = useState(0);
  const beside = spots.find((one) => one.id === search.get('beside') && one.id !== spot?.id);
  const pair = (other: string | null) =>
    setSearch((before) => {
      const next = new URLSearchParams(before);
      if (other === null) next.delete('beside');
      else next.set('beside', other);
      return next;
    });
  const plan = plannedIn(whole, chosen);
  const others = useTogether(whole.visit.id, spot && !spot.sample ? spot.id : null);
  return (
    <div
      className={`grid grid-cols-[minmax(0,1fr)] gap-x-11 gap-y-6 ${inHand && beside ? '' : 'wide:grid-cols-[minmax(0,37rem)_minmax(0,1fr)]'}`}
    >
      <div className={inHand && beside ? 'hidden' : inHand ? 'max-wide:hidden' : ''}>
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
          plan={plan}
        />
        {whole.visit.state === 'running' && <BeforeLeaving whole={whole} methods={chosen} places={spots} />}
        <Samples
          whole={whole}
          methods={methods}
          toMix={plan.toMix}
          mixing={search.get('mix') !== null}
          onMixing={(on) => setSearch(on ? { mix: 'yes' } : {})}
        />
      </div>
      <Keypad>
        {inHand && beside ? (
          <Paired
            key={taken}
            whole={whole}
            method={method}
            places={[spot, beside]}
            onLeave={() => pair(null)}
          />
        ) : inHand ? (
          <Bench
            key={`${spot.id} ${method.id} ${taken}`}
            whole={whole}
            spot={spot}
            method={method}
            besides={spots.filter((one) => one.id !== spot.id && !one.sample)}
            onBeside={pair}
          />
        ) : (
          <p className="text-lg text-faded max-wide:hidden wide:pt-14">
            Choose a cell: a method at a spot. Its steps, clock and entry open here.
          </p>
        )}
      </Keypad>
      <TakeBack
        visitId={whole.visit.id}
        onBack={(one) => {
          const slot: Record<string, string> = one.repeat > 1 ? { repeat: String(one.repeat) } : {};
          const inPair = beside && method?.id === one.method && [spot?.id, beside.id].includes(one.placeId);
          if (!inPair) setSearch({ spot: one.placeId, method: one.method, ...slot });
          setTaken((before) => before + 1);
        }}
      />
    </div>
  );
}
