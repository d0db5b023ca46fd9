import { useQueryClient } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { api, send, take } from '../api/client';
import { sentence } from '../api/problem';
import type { ImportView } from '../api/types';
import { takesFile } from '../ground/dropped';
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

/** A file that is brought: looked at first, with what cannot be taken and why; saved when asked, all good rows or none. */
export function BringFile({ kind, title, hint, accept, names, holding, field }: Props) {
  const queries = useQueryClient();
  const id = useId();
  const [look, setLook] = useState<ImportView | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  async function run(work: () => Promise<ImportView | null>) {
    setBusy(true);
    setFault(null);
    try {
      setLook(await work());
    } catch (problem) {
      setFault(sentence(problem));
    } finally {
      setBusy(false);
    }
  }

  function bring(file: File) {
    const asked = new URLSearchParams({ kind, ...(holding && { holding }), ...(field && { field }) });
    void run(() => send<ImportView>('POST', `/api/imports?${asked}`, file));
  }

  async function keep(): Promise<ImportView> {
    const path = { id: look?.id ?? '' };
    const saved = (await take(
      api.POST('/api/imports/{id}/confirm', { params: { path } }),
    )) as unknown as ImportView;
    await queries.invalidateQueries();
    return saved;
  }

  async function match(columns: Record<string, string>): Promise<ImportView> {
    const path = { id: look?.id ?? '' };
    return (await take(
      api.PUT('/api/imports/{id}/columns', { params: { path }, body: { columns } }),
    )) as unknown as ImportView;
  }

  async function drop(): Promise<null> {
    await take(api.DELETE('/api/imports/{id}', { params: { path: { id: look?.id ?? '' } } }));
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
        {busy && <p role="status">Reading the file…</p>}
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
              <button type="button" className="button button-main" onClick={() => void run(keep)}>
                Save {count(look.would.add + look.would.change, names)}
              </button>
            )}
            <button type="button" className="link min-h-11" onClick={() => void run(drop)}>
              Leave it
            </button>
          </div>
        )}
        {fault && (
          <p className="text-warn" role="alert">
            {fault}
          </p>
        )}
      </div>
    </details>
  );
}

function count(n: number, [one, several]: [string, string]): string {
  return `${n} ${n === 1 ? one : several}`;
}

const SHOWN = 8;

function Look({ look, names }: { look: ImportView; names: [string, string] }) {
  const { add, same, change } = look.would;
  const parts = [
    add > 0 && `${add} new`,
    change > 0 && `${change} that would change`,
    same > 0 && `${same} there already`,
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
          <p>{wrong === 1 ? 'One is left out:' : `${wrong} are left out:`}</p>
          <ul>
            {look.bad.slice(0, SHOWN).map((row) => (
              <li key={`${row.line} ${row.column}`}>
                {row.line}
                {row.column && `, ${row.column}`}: {row.text}
              </li>
            ))}
            {wrong > SHOWN && <li>and {wrong - SHOWN} more</li>}
          </ul>
        </div>
      )}
    </>
  );
}
