import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { Holding } from '../api/types';
import { Fault } from '../ground/Fault';
import { mayWrite, useMe } from '../people/session';
import { BringFile } from './BringFile';
import { TakeInUnsent } from './TakeInUnsent';

/** Everything taken out, brought in, and backed up. */
export default function DataPage() {
  const me = useMe();
  return (
    <div className="mx-auto max-w-[46rem] py-2">
      <h1>Data</h1>
      <p className="text-faded">
        What you measured is yours: tables that any program opens, what their columns mean, and the
        photographs, in one file that Morphotera reads back with nothing lost.
      </p>
      {mayWrite(me) ? (
        <>
          <TakeOut />
          <section className="mt-10">
            <h2>Bring in</h2>
            <BringFile
              kind="practice"
              title="A package that was taken out"
              hint="The ZIP as it was taken out. You see what is in it first; what is here already stays as it is."
              accept=".zip,application/zip"
              names={['row', 'rows']}
            />
            <BringFile
              kind="readings"
              title="Readings from a table"
              hint="CSV with a heading: field, day, spot, method, and what was entered, as JSON or a column for each entry (reading.depthCm). Visits are made for days that have none."
              accept=".csv,text/csv"
              names={['reading', 'readings']}
            />
            <BringFile
              kind="laboratory"
              title="A laboratory's sheet"
              hint="CSV, a row for each sample. You say once which column is what; it is remembered for the laboratory's next sheet."
              accept=".csv,text/csv"
              names={['sample', 'samples']}
            />
            {me.role === 'owner' && <TakeInUnsent />}
          </section>
        </>
      ) : (
        <p className="mt-6">Your adviser takes the data out for you.</p>
      )}
      {me.role === 'owner' && (
        <section className="mt-10">
          <h2>Backup</h2>
          <p className="mt-1 text-faded">
            A copy of all there is on this server, of one moment, while people go on saving. It is put back
            with ./restore.
          </p>
          <a className="link mt-1 inline-flex min-h-11 items-center" href="/api/backups" download>
            Make a backup
          </a>
        </section>
      )}
    </div>
  );
}

type Going = { id: string; share: number; ready: boolean };

function TakeOut() {
  const [what, setWhat] = useState('practice');
  const [pictures, setPictures] = useState(true);
  const [going, setGoing] = useState<Going | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const holdings = useQuery({
    queryKey: keys.holdings,
    queryFn: ({ signal }) => take(api.GET('/api/holdings', { signal })) as Promise<Holding[]>,
  });

  useEffect(() => {
    if (!going || going.ready) return;
    const timer = setTimeout(async () => {
      try {
        const answer = await fetch(`/api/exports/${going.id}`);
        if (answer.status === 202) {
          const { share } = (await answer.json()) as { share: number };
          setGoing({ ...going, share });
        } else if (answer.ok) {
          await answer.body?.cancel();
          setGoing({ ...going, share: 1, ready: true });
        } else {
          const { errors } = (await answer.json()) as { errors?: { text: string }[] };
          setFault(errors?.[0]?.text ?? 'It could not be written.');
          setGoing(null);
        }
      } catch {
        setFault('No signal: ask again when it is back.');
        setGoing(null);
      }
    }, 400);
    return () => clearTimeout(timer);
  }, [going]);

  async function begin() {
    try {
      const body = {
        what: what === 'practice' ? 'practice' : 'holding',
        id: what === 'practice' ? null : what,
        photographs: pictures,
      };
      const { id } = (await take(api.POST('/api/exports', { body }))) as unknown as { id: string };
      setFault(null);
      setGoing({ id, share: 0, ready: false });
    } catch (error) {
      setFault(sentence(error));
    }
  }

  async function stop() {
    if (going) await api.DELETE('/api/exports/{id}', { params: { path: { id: going.id } } });
    setGoing(null);
  }

  return (
    <section className="mt-8">
      <h2>Take out</h2>
      <div className="mt-2 grid max-w-[26rem] gap-3">
        <label className="block">
          <span className="mb-1 block font-medium">What</span>
          <select className="w-full" value={what} onChange={(event) => setWhat(event.target.value)}>
            <option value="practice">The whole practice</option>
            {(holdings.data ?? []).map((one) => (
              <option key={one.id} value={one.id}>
                {one.name}
              </option>
            ))}
          </select>
        </label>
        <label className="flex min-h-11 items-center gap-3">
          <input type="checkbox" checked={pictures} onChange={(event) => setPictures(event.target.checked)} />
          with the photographs
        </label>
      </div>
      {going === null && (
        <button type="button" className="button button-main mt-2" onClick={() => void begin()}>
          Take it out
        </button>
      )}
      {going && !going.ready && (
        <div className="mt-2 flex flex-wrap items-center gap-x-6" role="status">
          <progress className="w-48" value={going.share} max={1} aria-label="Written so far" />
          <span className="num">{Math.round(going.share * 100)} %</span>
          <button type="button" className="link min-h-11" onClick={() => void stop()}>
            Stop
          </button>
        </div>
      )}
      {going?.ready && (
        <p className="mt-2 flex flex-wrap items-center gap-x-6">
          <a className="button button-main" href={`/api/exports/${going.id}`} download>
            Save the file
          </a>
          <button type="button" className="link min-h-11" onClick={() => setGoing(null)}>
            Take out something else
          </button>
        </p>
      )}
      <p className="mt-3">
        <a className="link inline-flex min-h-11 items-center" href="/api/fields.geojson" download>
          The fields with their scores, as GeoJSON
        </a>
      </p>
      <Fault text={fault} className="mt-2" />
    </section>
  );
}
