import { Suspense, useState, useSyncExternalStore } from 'react';
import { parcels } from '../device/parcels';
import { onChange } from '../device/words';
import { later } from './later';

const SignInAgain = later(() => import('./SignInAgain'));

/** Signed out while something was to be sent: the password is asked for, unless it may wait. */
export function Again() {
  const all = useSyncExternalStore(onChange, parcels);
  const [put, setPut] = useState(false);
  const waiting = all.filter((one) => one.state.is === 'signed-out').length;
  if (waiting === 0 || put) return null;
  return (
    <Suspense>
      <SignInAgain waiting={waiting} onLater={() => setPut(true)} />
    </Suspense>
  );
}
