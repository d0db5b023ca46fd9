import { Suspense, useSyncExternalStore } from 'react';
import { needsSomebody } from '../device/parcel';
import { parcels } from '../device/parcels';
import * as device from '../device/words';
import { later } from '../frame/later';
import { useMe } from '../people/session';

const Needing = later(() => import('./Needing'));

/** What the server refused, or somebody changed meanwhile: kept here with its words until a person has dealt with it. */
export function NeedsYou() {
  const me = useMe();
  const all = useSyncExternalStore(device.onChange, parcels);
  const mine = all.filter((parcel) => parcel.person === me.id && needsSomebody(parcel.state));
  if (mine.length === 0) return null;
  return (
    <section aria-labelledby="needs">
      <h2 id="needs" className="text-warn">
        Needs you
      </h2>
      <ul className="mt-2">
        {mine.map((parcel) => (
          <Suspense key={parcel.id} fallback={<li className="py-3">{parcel.label}</li>}>
            <Needing parcel={parcel} />
          </Suspense>
        ))}
      </ul>
    </section>
  );
}
