import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';
import { type KeptField, keptFields, letGo, pin, unpin } from '../device/kept';
import { fresh, needsSomebody, type Parcel } from '../device/parcel';
import { mark, parcels } from '../device/parcels';
import { type Space, space } from '../device/room';
import { sendNow } from '../device/sender';
import { saveUnsent } from '../device/unsentFile';
import { onChange } from '../device/words';
import { show } from '../ground/format';
import { useMe } from './session';

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const MB = 1_000_000;

const WHY: Record<KeptField['why'], string> = {
  pinned: 'kept until you let it go',
  opened: 'opened in the last thirty days',
  planned: 'a visit is planned or running',
};

/** What this device holds: fields taken along and how fresh they are, what is not sent, what was put away, and the room left. */
export function KeptHere() {
  const me = useMe();
  const all = useSyncExternalStore(onChange, parcels);
  const [fields, setFields] = useState<KeptField[]>([]);
  const [room, setRoom] = useState<Space | null>(null);
  const look = useCallback(async () => {
    setFields(await keptFields());
    setRoom(await space());
  }, []);
  useEffect(() => {
    void look();
  }, [look]);
  const away = all.filter((one) => one.state.is === 'put-away');
  const unsent = all.length - away.length;
  const stuck = all.filter((one) => needsSomebody(one.state)).length;

  async function then(work: Promise<void>) {
    await work;
    await look();
  }

  return (
    <section className="mt-10" aria-labelledby="kept">
      <h2 id="kept">On this device</h2>
      {room && (
        <p className="mt-1 text-faded">
          {inMb(room.usedBytes)} are in use, {inMb(room.leftBytes)} are left.
          {!room.forGood &&
            ' The browser may clear what is not sent when room gets short: install the page to prevent it.'}
        </p>
      )}
      {unsent > 0 && (
        <p className="mt-2">
          {unsent} {unsent === 1 ? 'thing is' : 'things are'} not sent
          {stuck > 0 && ` (${stuck} ${stuck === 1 ? 'needs' : 'need'} you)`}.{' '}
          <button
            type="button"
            className="link min-h-11"
            onClick={() => void saveUnsent({ id: me.id, name: me.name })}
          >
            Save them as a file
          </button>
        </p>
      )}
      <ul className="mt-2">
        {fields.map((field) => (
          <li
            key={field.id}
            className="flex flex-wrap items-center justify-between gap-x-6 border-t border-rule py-2"
          >
            <span>
              <span className="block">{field.name}</span>
              <span className="text-sm text-faded">
                as of {WHEN.format(new Date(field.at))}; {WHY[field.why]}
              </span>
            </span>
            <span className="flex gap-5">
              <button
                type="button"
                className="link min-h-11"
                onClick={() => void then(field.why === 'pinned' ? unpin(field.id) : pin(field.id))}
              >
                {field.why === 'pinned' ? 'Keep it no longer' : 'Keep it'}
              </button>
              <button type="button" className="link min-h-11" onClick={() => void then(letGo(field.id))}>
                Let it go<span className="sr-only">: {field.name}</span>
              </button>
            </span>
          </li>
        ))}
      </ul>
      {fields.length === 0 && <p className="mt-2 text-faded">No field is taken along yet.</p>}
      {away.length > 0 && (
        <>
          <h3 className="mt-6 font-semibold">Put away, kept for thirty days</h3>
          <ul className="mt-1">
            {away.map((one) => (
              <PutAway key={one.id} parcel={one} />
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

function inMb(bytes: number): string {
  const mb = bytes / MB;
  return mb < 1000 ? `${show(mb, 0)} MB` : `${show(mb / 1000, 1)} GB`;
}

function PutAway({ parcel }: { parcel: Parcel }) {
  async function again() {
    await mark(parcel.id, fresh);
    await sendNow();
  }
  return (
    <li className="border-t border-rule py-2">
      <p>
        {parcel.label}
        {parcel.state.is === 'put-away' && (
          <span className="text-sm text-faded">, {WHEN.format(new Date(parcel.state.at))}</span>
        )}
      </p>
      <details className="text-sm">
        <summary className="link cursor-pointer">What was typed</summary>
        <pre className="num mt-1 overflow-x-auto text-xs">{JSON.stringify(parcel.body, null, 1)}</pre>
      </details>
      <button type="button" className="link min-h-11 text-sm" onClick={() => void again()}>
        Send it after all
      </button>
    </li>
  );
}
