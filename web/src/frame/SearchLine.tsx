import { useQuery } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { type KeyboardEvent, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { manyFields } from '../api/season';
import type { Found } from '../api/types';
import { useMethods } from '../api/useMethods';
import { found } from '../learn/find';
import { type Hit, hitsIn, hitsOf } from './hits';

const RESTED_MS = 180;

/** The open search: over the page, gone with Escape. */
export default function SearchLine({ onClose }: { onClose: () => void }) {
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 top-0 z-50 mx-auto max-h-[85vh] w-full max-w-2xl overflow-y-auto bg-paper p-5 shadow-lg desk:top-16 desk:rounded-[14px]"
        >
          <Dialog.Title className="sr-only">Search</Dialog.Title>
          <Line onGo={onClose} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function Line({ onGo }: { onGo: () => void }) {
  const [typed, setTyped] = useState('');
  const [rested, setRested] = useState('');
  useEffect(() => {
    const timer = setTimeout(() => setRested(typed.trim()), RESTED_MS);
    return () => clearTimeout(timer);
  }, [typed]);
  const methods = useMethods();
  const written = useQuery({
    queryKey: keys.search(rested),
    queryFn: ({ signal }) =>
      take(api.GET('/api/search', { signal, params: { query: { words: rested } } })) as Promise<Found[]>,
    enabled: rested.length > 1,
    retry: false,
  });
  // Without a signal, the season on this device is looked through.
  const season = useQuery({ ...manyFields, enabled: written.isError, retry: false });
  const enough = rested.length > 1;
  const hits: Hit[] = enough
    ? [
        ...(written.data ? hitsOf(written.data) : written.isError ? hitsIn(season.data ?? null, rested) : []),
        ...found(methods.data ?? [], rested)
          .slice(0, 8)
          .map((method) => ({
            kind: 'test',
            title: method.name,
            detail: method.purpose,
            to: `/methods/${method.id}`,
          })),
      ]
    : [];

  /** Up and down go through what was found. */
  function step(event: KeyboardEvent<HTMLElement>) {
    if (event.key !== 'ArrowDown' && event.key !== 'ArrowUp') return;
    event.preventDefault();
    const all = [...event.currentTarget.querySelectorAll<HTMLElement>('input, a')];
    const at = all.indexOf(document.activeElement as HTMLElement);
    all[Math.max(0, Math.min(all.length - 1, at + (event.key === 'ArrowDown' ? 1 : -1)))]?.focus();
  }

  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: the arrow keys only move the focus among what is inside
    <div onKeyDown={step}>
      <input
        type="search"
        className="w-full text-xl"
        aria-label="Find a field, a spot, a test, a visit or a word"
        placeholder="A field, a spot, a test, a day, a word"
        autoComplete="off"
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
      />
      {written.isError && enough && (
        <p className="mt-2 text-faded">No signal: what is on this device is looked through.</p>
      )}
      <ul className="mt-3" aria-label="Found">
        {hits.map((hit) => (
          <li key={`${hit.kind} ${hit.to} ${hit.detail}`}>
            <Link
              to={hit.to}
              onClick={onGo}
              className="grid min-h-12 grid-cols-[4.5rem_1fr] items-baseline gap-x-4 border-t border-rule py-2.5"
            >
              <span className="text-sm text-faded">{hit.kind}</span>
              <span className="min-w-0">
                <span className="font-semibold">{hit.title}</span>
                {hit.detail && <span className="block text-faded">{hit.detail}</span>}
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {enough && hits.length === 0 && !written.isFetching && (
        <p className="mt-3 text-lg" role="status">
          Nothing here says “{rested}”.
        </p>
      )}
    </div>
  );
}
