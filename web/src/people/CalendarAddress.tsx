import { useState } from 'react';
import { api, take } from '../api/client';
import { sentence } from '../api/problem';
import { Fault } from '../ground/Fault';

/** An address for another program's calendar, shown once. */
export function CalendarAddress() {
  const [url, setUrl] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);

  async function make() {
    try {
      const made = (await take(api.POST('/api/calendar'))) as unknown as { url: string };
      setUrl(made.url);
      setFault(null);
    } catch (problem) {
      setFault(sentence(problem));
    }
  }

  return (
    <section className="mt-10">
      <h2>Your calendar elsewhere</h2>
      <p className="mt-1 text-faded">
        Visits planned and what is due again, for any program that subscribes to a calendar. Whoever has the
        address reads it; a new one closes the one before.
      </p>
      {url ? (
        <p className="mt-3">
          <label className="block">
            It is shown this once
            <input className="mt-1 w-full" readOnly value={url} onFocus={(event) => event.target.select()} />
          </label>
        </p>
      ) : (
        <button type="button" className="link mt-2 min-h-11" onClick={() => void make()}>
          Make the address
        </button>
      )}
      <Fault text={fault} />
    </section>
  );
}
