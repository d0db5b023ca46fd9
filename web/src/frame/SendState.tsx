import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import { needsSomebody } from '../device/parcel';
import { parcels } from '../device/parcels';
import { space } from '../device/room';
import { sendNow } from '../device/sender';
import * as device from '../device/words';
import { useMe } from '../people/session';
import { useHealth } from './useHealth';

const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

/** Whether the browser did not promise to keep what waits here. */
function useClearable(somethingWaits: boolean): boolean {
  const [clearable, setClearable] = useState(false);
  useEffect(() => {
    if (somethingWaits) void space().then((room) => setClearable(room?.forGood === false));
  }, [somethingWaits]);
  return somethingWaits && clearable;
}

/** The state of sending, in words. */
export function SendState() {
  const me = useMe();
  const all = useSyncExternalStore(device.onChange, parcels).filter(
    (parcel) => parcel.person === me.id && parcel.state.is !== 'put-away',
  );
  const health = useHealth();
  const back = useRef(false);
  useEffect(() => {
    if (health.isSuccess && back.current) void sendNow();
    back.current = health.isError;
  }, [health.isError, health.isSuccess]);
  const need = all.filter((parcel) => needsSomebody(parcel.state)).length;
  const waiting = all.length - need;
  const clearable = useClearable(waiting > 0);
  const since = health.dataUpdatedAt === 0 ? '' : ` since ${CLOCK.format(health.dataUpdatedAt)}`;
  const words = [
    health.isError ? `no signal${since}; everything works` : null,
    waiting > 0 ? `${waiting} to send` : health.isError || need > 0 ? null : 'all sent',
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <p
      className="text-sm text-faded max-desk:order-1 max-desk:grow max-desk:basis-3/4 max-desk:first-letter:uppercase"
      role="status"
      data-testid="sending"
    >
      <span className="max-desk:hidden">On this device{words && ', '}</span>
      {words}
      {clearable && `; this browser may clear ${waiting === 1 ? 'it' : 'them'}`}
      {need > 0 && (
        <Link to="/" className="ml-2 text-warn underline">
          {need} {need === 1 ? 'needs' : 'need'} you
        </Link>
      )}
    </p>
  );
}
