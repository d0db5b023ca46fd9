import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useSyncExternalStore } from 'react';
import { Link } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Visit } from '../api/types';
import { agree } from '../device/agree';
import { newerPage, onNewerPage, takeNewerPage } from '../device/install';
import { onSent, sendNow } from '../device/sender';
import { useOffline } from '../device/useOffline';
import { GroundLine, VerbRoot } from '../ground/GroundLine';
import { useNarrow } from '../ground/useNarrow';
import { Dock } from '../measure/Dock';
import { useMe } from '../people/session';
import { Account } from './Account';
import { Again } from './Again';
import { PlaceLine } from './PlaceLine';
import { type Place, pathOf, usePlace, useWhere, VERBS, type Verb } from './place';
import { Search } from './Search';
import { SendState } from './SendState';
import { Shortcuts } from './Shortcuts';
import { useArrival } from './useArrival';
import { VerbMark } from './VerbMark';

/** Everything above the ground line, and on a phone what the thumb reaches. */
export function Frame({ children }: { children: ReactNode }) {
  const me = useMe();
  const place = usePlace();
  const pathname = useWhere();
  const onVerb = pathname === '/' ? null : place.verb;
  const toVerb = useToVerb(place);
  const narrow = useNarrow();
  useArrival();
  useSending();
  const offline = useOffline(usePlanned(), onVerb === null ? null : place.fieldId);
  return (
    <div data-offline={offline}>
      <a
        href="#page"
        className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-3"
      >
        To the page
      </a>
      <header className="no-print px-4 pt-3 desk:px-7 desk:pt-3">
        <div className="flex flex-wrap items-center gap-x-3 gap-y-0 desk:gap-x-6">
          <Link
            to="/"
            className="flex min-h-11 items-center gap-2.5 font-head text-xl font-bold"
            aria-label="Morphotera, the season"
          >
            <img src="/mark.svg" alt="" width="24" height="24" />
            <span className="max-desk:sr-only">Morphotera</span>
          </Link>
          <PlaceLine place={pathname === '/' ? null : place} />
          <div className="ml-auto flex items-center gap-5 max-desk:contents">
            {!narrow && <Dock compact />}
            <SendState />
            <Search />
            <Account />
          </div>
        </div>
        <nav aria-label="Verbs" className="flex gap-8 max-desk:hidden">
          {VERBS.map((verb) => (
            <Link
              key={verb}
              to={toVerb(verb)}
              aria-current={verb === onVerb ? 'page' : undefined}
              className={`relative py-2 font-head text-[1.06rem] font-semibold capitalize ${verb === onVerb ? 'text-ink' : 'text-faded'}`}
            >
              {verb}
              {verb === onVerb && <VerbRoot />}
            </Link>
          ))}
          {me.madeUp && (
            <p className="ml-auto self-center text-sm text-faded">{me.practice} · made-up demo data</p>
          )}
        </nav>
      </header>
      <div className="no-print overflow-hidden">
        <GroundLine />
      </div>
      <main id="page" tabIndex={-1} className="outline-none px-4 pt-4 pb-40 desk:px-7 desk:pt-7 desk:pb-12">
        {children}
      </main>
      <div className="no-print fixed inset-x-0 bottom-0 z-20 bg-paper desk:hidden">
        {narrow && <Dock />}
        <nav
          aria-label="Verbs"
          className="grid grid-cols-5 border-t border-rule pb-[env(safe-area-inset-bottom)]"
        >
          {VERBS.map((verb) => (
            <Link
              key={verb}
              to={toVerb(verb)}
              aria-current={verb === onVerb ? 'page' : undefined}
              className={`flex min-h-[3.9rem] flex-col items-center justify-center gap-0.5 font-head text-[0.84rem] font-semibold capitalize ${verb === onVerb ? 'text-ink' : 'text-faded'}`}
            >
              <VerbMark verb={verb} strong={verb === onVerb} />
              {verb}
            </Link>
          ))}
        </nav>
      </div>
      <Shortcuts place={place} />
      <Again />
      <NewerPage />
    </div>
  );
}

/** A verb of a field leads to its newest visit, from wherever no other is chosen. */
function useToVerb(place: Place): (verb: Verb) => string {
  const fieldId = place.fieldId ?? '';
  const visits = useQuery({
    queryKey: keys.visits(fieldId),
    queryFn: ({ signal }) =>
      take(api.GET('/api/fields/{id}/visits', { signal, params: { path: { id: fieldId } } })) as Promise<
        Visit[]
      >,
    enabled: fieldId !== '' && place.visitId === null,
  });
  const newest = visits.data?.[0]?.id ?? null;
  return (verb) => pathOf(verb === 'scout' ? place : { ...place, visitId: place.visitId ?? newest }, verb);
}

/** A newer page waits: it is taken when asked, and not while a bench or a form is in hand. */
function NewerPage() {
  const newer = useSyncExternalStore(onNewerPage, newerPage);
  if (newer === null) return null;
  return (
    <p
      className="fixed right-4 bottom-24 z-30 rounded-[10px] border-[1.5px] border-edge bg-lift px-4 py-2 shadow-lg desk:bottom-4"
      role="status"
    >
      A newer page is here.{' '}
      <button type="button" className="link min-h-11" onClick={takeNewerPage}>
        Take it
      </button>
    </p>
  );
}

/** The fields that are taken along: those with a visit planned or running. Null until the season is known. */
function usePlanned(): string[] | null {
  const season = useQuery({
    queryKey: [...keys.season, 'planned'],
    queryFn: async ({ signal }) => {
      const page = await take(api.GET('/api/season', { signal, params: { query: { limit: 200 } } }));
      return page.fields
        .filter((card) => card.visits.some((visit) => visit.state !== 'done'))
        .map((card) => card.field.id);
    },
    staleTime: 60_000,
  });
  return season.data ?? null;
}

/** What was sent is fetched anew; what waits goes when the signal comes back or the page is looked at again. */
function useSending() {
  const queries = useQueryClient();
  useEffect(() => {
    const go = () => {
      void sendNow();
      void queries.invalidateQueries({ queryKey: keys.health });
    };
    const seen = () => document.visibilityState === 'visible' && go();
    globalThis.addEventListener('online', go);
    document.addEventListener('visibilitychange', seen);
    const stop = onSent(({ parcel, answer }) => {
      if (parcel.path.startsWith('/api/readings/')) void agree(answer);
      if (queries.getQueryState(keys.health)?.status === 'error') {
        void queries.invalidateQueries({ queryKey: keys.health });
      }
      if (parcel.path.includes('/drafts/')) return;
      void queries.invalidateQueries({ queryKey: ['visit'] });
      void queries.invalidateQueries({ queryKey: keys.clocks });
      void queries.invalidateQueries({ queryKey: keys.season });
      void queries.invalidateQueries({ queryKey: ['field'] });
    });
    return () => {
      globalThis.removeEventListener('online', go);
      document.removeEventListener('visibilitychange', seen);
      stop();
    };
  }, [queries]);
}
