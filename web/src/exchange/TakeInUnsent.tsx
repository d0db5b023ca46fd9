import { useId, useState } from 'react';
import { sentence } from '../api/problem';
import { sendNow } from '../device/sender';
import { readUnsent, takeIn, type UnsentFile } from '../device/unsentFile';
import { takesFile } from '../ground/dropped';
import { Fault } from '../ground/Fault';
import { useMe } from '../people/session';

const SHOWN = 8;

/** What somebody could not send from their own device, looked at first, then sent under the owner's hand. */
export function TakeInUnsent() {
  const me = useMe();
  const id = useId();
  const [file, setFile] = useState<UnsentFile | null>(null);
  const [done, setDone] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);

  async function look(chosen: File) {
    try {
      setDone(null);
      setFile(readUnsent(await chosen.text()));
      setFault(null);
    } catch (error) {
      setFile(null);
      setFault(sentence(error));
    }
  }

  async function take() {
    if (!file) return;
    try {
      setDone(await takeIn(file, me));
      setFile(null);
      await sendNow();
    } catch (error) {
      setFault(sentence(error));
    }
  }

  return (
    <details>
      <summary className="link flex min-h-11 cursor-pointer items-center">
        What a device could not send
      </summary>
      <div className="grid gap-2 pb-2" {...takesFile((chosen) => void look(chosen))}>
        <label className="link flex min-h-11 cursor-pointer items-center justify-self-start" htmlFor={id}>
          Choose a file<span className="max-desk:hidden">, or drop it here</span>
          <input
            id={id}
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={(event) => {
              const chosen = event.target.files?.[0];
              if (chosen) void look(chosen);
              event.target.value = '';
            }}
          />
        </label>
        <p className="text-sm text-faded">
          The file that is saved at signing out or under the account. It is sent from here, under the name of
          who made it.
        </p>
        {file && (
          <>
            <p>
              {file.parcels.length} {file.parcels.length === 1 ? 'thing' : 'things'} of {file.name}:
            </p>
            <ul className="list-inside list-disc">
              {file.parcels.slice(0, SHOWN).map((one) => (
                <li key={`${one.path} ${JSON.stringify(one.body).length}`}>{one.label}</li>
              ))}
              {file.parcels.length > SHOWN && <li>and {file.parcels.length - SHOWN} more</li>}
            </ul>
            <div className="flex flex-wrap gap-x-6">
              <button type="button" className="button button-main" onClick={() => void take()}>
                Take them in
              </button>
              <button type="button" className="link min-h-11" onClick={() => setFile(null)}>
                Leave it
              </button>
            </div>
          </>
        )}
        {done !== null && (
          <p role="status">
            {done === 0 ? 'All of it waits here already.' : `${done} now go from this device.`}
          </p>
        )}
        <Fault text={fault} />
      </div>
    </details>
  );
}
