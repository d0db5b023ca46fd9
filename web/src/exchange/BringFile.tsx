import { useQueryClient } from '@tanstack/react-query';
import { useId, useRef, useState } from 'react';
import { api, send, take } from '../api/client';
import { sentence } from '../api/problem';
import type { ImportView } from '../api/types';
import { takesFile } from '../ground/dropped';
import { Fault } from '../ground/Fault';
import { Columns } from './Columns';

type Props = {
  kind: 'fields' | 'zones' | 'spots' | 'rain' | 'practice' | 'readings' | 'laboratory';
  /** What it is opened by. */
  title: string;
  /** Which files are read, and what stands in them. */
  hint: string;
  accept: string;
  /** What one row is called, and several. */
  names: [one: string, several: string];
  holding?: string;
  field?: string;
};

const LOOK_AGAIN_MS = 1500;

/** A file that is brought: looked at first, with what cannot be taken and why; saved when asked, all good rows or none. */
export function BringFile({ kind, title, hint, accept, names, holding, field }: Props) {
  const queries = useQueryClient();
  const id = useId();
  const [look, setLook] = useState<ImportView | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const stopped = useRef(false);
  /** One that takes long, as far as it is looked at or saved. */
  const [going, setGoing] = useState<ImportView | null>(null);

  async function run(work: () => Promise<ImportView | null>) {
    setBusy(true);
    setFault(null);
    stopped.current = false;
    try {
      setLook(await work());
    } catch (problem) {
      setFault(sentence(problem));
    } finally {
      setBusy(false);
      setGoing(null);
    }
  }

  function bring(file: File) {
    const asked = new URLSearchParams({ kind, ...(holding && { holding }), ...(field && { field }) });
    void run(() =>
      unlessStopped(async () => seen(await send<ImportView>('POST', `/api/imports?${asked}`, file))),
    );
  }

  /** What it holds, once all of it was looked at. */
  async function seen(first: ImportView): Promise<ImportView> {
    let now = first;
    while (now.state === 'looking') {
      setGoing(now);
      await new Promise((next) => setTimeout(next, LOOK_AGAIN_MS));
      const params = { path: { id: now.id } };
      now = (await take(api.GET('/api/imports/{id}', { params }))) as unknown as ImportView;
    }
    return now;
  }

  /** Null where somebody stopped it meanwhile. */
  async function unlessStopped(work: () => Promise<ImportView>): Promise<ImportView | null> {
    try {
      return await work();
    } catch (problem) {
      if (stopped.current) return null;
      throw problem;
    }
  }

  /** Saved, however long it takes; how far it is comes beside it. */
  async function keep(): Promise<ImportView> {
    const params = { path: { id: look?.id ?? '' } };
    const confirm = () => take(api.POST('/api/imports/{id}/confirm', { params }));
    const looking = setInterval(async () => {
      const { data } = await api.GET('/api/imports/{id}', { params }).catch(() => ({ data: undefined }));
      if (data?.state === 'saving') setGoing(data as unknown as ImportView);
    }, LOOK_AGAIN_MS);
    try {
      let now = (await confirm()) as unknown as ImportView;
      while (now.state === 'saving') now = (await confirm()) as unknown as ImportView;
      await queries.invalidateQueries();
      return now;
    } finally {
      clearInterval(looking);
    }
  }

  async function stop(id: string) {
    try {
      stopped.current = true;
      await drop(id);
    } catch (problem) {
      setFault(sentence(problem));
    }
  }

  async function match(columns: Record<string, string>): Promise<ImportView> {
    const path = { id: look?.id ?? '' };
    return (await take(
      api.PUT('/api/imports/{id}/columns', { params: { path }, body: { columns } }),
    )) as unknown as ImportView;
  }

  async function drop(id: string): Promise<null> {
    await take(api.DELETE('/api/imports/{id}', { params: { path: { id } } }));
    return null;
  }

  return (
    <details>
      <summary className="link flex min-h-11 cursor-pointer items-center">{title}</summary>
      <div className="grid gap-2 pb-2" {...takesFile(bring)}>
        <label className="link flex min-h-11 cursor-pointer items-center justify-self-start" htmlFor={id}>
          Choose a file<span className="max-desk:hidden">, or drop it here</span>
          <input
            id={id}
            type="file"
            accept={accept}
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) bring(file);
              // The same file may be chosen again once it was put right.
              event.target.value = '';
            }}
          />
        </label>
        <p className="text-sm text-faded">{hint}</p>
        {busy && !going && <p role="status">Reading the file…</p>}
        {going && (
          <p role="status" className="flex flex-wrap items-center gap-x-5">
            {going.state === 'saving' && look && (
              <progress value={going.rows} max={look.rows} aria-label="Rows saved" />
            )}
            <span>
              <span className="num">{many(going.rows)}</span>{' '}
              {going.state === 'saving' && look ? (
                <>
                  of <span className="num">{many(look.rows)}</span> {names[1]}
                </>
              ) : (
                `${names[1]} looked at`
              )}
            </span>
            <button type="button" className="link min-h-11" onClick={() => void stop(going.id)}>
              Stop: nothing of it is kept
            </button>
          </p>
        )}
        {look && !busy && <Look look={look} names={names} />}
        {look?.state === 'looked-at' && !busy && (kind === 'readings' || kind === 'laboratory') && (
          <Columns
            key={`${look.id} ${JSON.stringify(look.columns)}`}
            kind={kind}
            columns={look.columns}
            onMatch={(columns) => void run(() => match(columns))}
          />
        )}
        {look?.state === 'looked-at' && !busy && (
          <div className="flex flex-wrap gap-x-6 gap-y-2">
            {look.would.add + look.would.change > 0 && (
              <button
                type="button"
                className="button button-main"
                onClick={() => void run(() => unlessStopped(keep))}
              >
                Save {count(look.would.add + look.would.change, names)}
              </button>
            )}
            <button type="button" className="link min-h-11" onClick={() => void run(() => drop(look.id))}>
              Leave it
            </button>
          </div>
        )}
        <Fault text={fault} />
      </div>
    </details>
  );
}

/** Thousands stand apart: a comma or a point could be read as a decimal one. */
function many(n: number): string {
  return String(n).replace(/\B(?=(\d{3})+$)/g, '\u202f');
}

function count(n: number, [one, several]: [string, string]): string {
  return `${many(n)} ${n === 1 ? one : several}`;
}

const SHOWN = 8;

function Look({ look, names }: { look: ImportView; names: [string, string] }) {
  const { add, same, change } = look.would;
  const parts = [
    add > 0 && `${many(add)} new`,
    change > 0 && `${many(change)} that would change`,
    same > 0 && `${many(same)} there already`,
  ].filter(Boolean);
  const wrong = look.rows - look.good;
  return (
    <>
      <p role="status">
        {look.state === 'saved'
          ? `Saved: ${count(add + change, names)}.`
          : `${count(look.good, names)} can be read${parts.length > 0 ? `: ${parts.join(', ')}` : ''}.`}
      </p>
      {look.bad.length > 0 && (
        <div className="text-warn" role="alert">
          <p>{wrong === 1 ? 'One is left out:' : `${many(wrong)} are left out:`}</p>
          <ul>
            {look.bad.slice(0, SHOWN).map((row) => (
              <li key={`${row.line} ${row.column}`}>
                {row.line}
                {row.column && `, ${row.column}`}: {row.text}
              </li>
            ))}
            {wrong > SHOWN && <li>and {many(wrong - SHOWN)} more</li>}
          </ul>
        </div>
      )}
    </>
  );
}
