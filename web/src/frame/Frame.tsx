import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useSyncExternalStore } from 'react';
import { Link, useLocation } from 'react-router';
import { api, take } from '../api/client';
import * as device from '../api/device';
import { keys } from '../api/keys';
import { onSent, parcels, send } from '../api/outbox';
import { GroundLine, VerbRoot } from '../ground/GroundLine';
import { Dock } from '../measure/Dock';
import { useMe } from '../people/session';
import { Account } from './Account';
import { PlaceLine } from './PlaceLine';
import { pathOf, usePlace, VERBS } from './place';
import { Shortcuts } from './Shortcuts';
import { VerbMark } from './VerbMark';

/** Everything above the ground line, and on a phone what the thumb reaches. */
export function Frame({ children }: { children: ReactNode }) {
  const me = useMe();
  const place = usePlace();
  const { pathname } = useLocation();
  const onVerb = pathname === '/' ? null : place.verb;
  useSending(me.id);
  return (
    <>
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
            <span className="max-desk:hidden">
              <Dock compact />
            </span>
            <SendState />
            <Account />
          </div>
        </div>
        <nav aria-label="Verbs" className="flex gap-8 max-desk:hidden">
          {VERBS.map((verb) => (
            <Link
              key={verb}
              to={pathOf(place, verb)}
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
      <main id="page" className="px-4 pt-4 pb-40 desk:px-7 desk:pt-7 desk:pb-12">
        {children}
      </main>
      <div className="no-print fixed inset-x-0 bottom-0 z-20 bg-paper desk:hidden">
        <Dock />
        <nav
          aria-label="Verbs"
          className="grid grid-cols-5 border-t border-rule pb-[env(safe-area-inset-bottom)]"
        >
          {VERBS.map((verb) => (
            <Link
              key={verb}
              to={pathOf(place, verb)}
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
    </>
  );
}

/** Sends what waits on this device at the start and when signal comes back; what was sent is fetched anew. */
function useSending(person: string) {
  const queries = useQueryClient();
  useEffect(() => {
    const go = () => void send(person);
    go();
    globalThis.addEventListener('online', go);
    const stop = onSent((parcel) => {
      if (parcel.path.includes('/drafts/')) return;
      void queries.invalidateQueries({ queryKey: ['visit'] });
      void queries.invalidateQueries({ queryKey: keys.clocks });
      void queries.invalidateQueries({ queryKey: keys.season });
      void queries.invalidateQueries({ queryKey: ['field'] });
    });
    return () => {
      globalThis.removeEventListener('online', go);
      stop();
    };
  }, [person, queries]);
}

/** The state of sending, in words. */
function SendState() {
  const me = useMe();
  const all = useSyncExternalStore(device.onChange, parcels).filter((parcel) => parcel.person === me.id);
  // Asked now and then, so that a lost server is said before something is to be saved.
  const health = useQuery({
    queryKey: ['health'],
    queryFn: ({ signal }) => take(api.GET('/api/health', { signal })),
    refetchInterval: 30_000,
    retry: false,
  });
  const refused = all.filter((parcel) => parcel.problem !== null).length;
  const waiting = all.length - refused;
  const words =
    waiting > 0
      ? `On this device, ${waiting} to send`
      : health.isError
        ? 'No signal; kept on this device'
        : 'On this device, all sent';
  return (
    <p
      className="text-sm text-faded max-desk:order-last max-desk:w-full max-desk:pb-1"
      role="status"
      data-testid="sending"
    >
      {words}
      {refused > 0 && (
        <Link to="/" className="ml-2 text-warn underline">
          {refused} need you
        </Link>
      )}
    </p>
  );
}
