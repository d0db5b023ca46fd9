import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useState } from 'react';
import { api, askFor, take } from '../api/client';
import { keys } from '../api/keys';
import { NoSignal } from '../api/problem';
import type { Me } from '../api/types';
import { loadCopies } from '../device/copies';
import { openDatabase } from '../device/database';
import { loadParcels } from '../device/parcels';
import { sendFor } from '../device/sender';
import { loadWords } from '../device/words';
import { Show } from '../ground/State';
import { pinTo } from '../ground/time';
import { FirstOwner } from './FirstOwner';
import { SignIn } from './SignIn';
import { finishLeaving, lastPerson, remember, Session } from './session';

/** Who is here: the page for those signed in, sign-in for the others, the first owner where nobody is yet. */
export function Gate({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const session = useQuery({
    queryKey: keys.session,
    // Asked in two: who is welcome answers everybody, so that nobody's first page begins with a refusal.
    queryFn: async ({ signal }): Promise<Me | null> => {
      try {
        let welcome = await take(api.GET('/api/welcome', { signal }));
        if (welcome.signedIn) {
          await finishLeaving(async () => {
            await take(api.DELETE('/api/session'));
            welcome = { ...welcome, signedIn: false };
          });
        }
        pinTo(welcome.now);
        queries.setQueryData(keys.welcome, welcome);
        const me = welcome.signedIn ? await take(api.GET('/api/session', { signal })) : null;
        remember(me);
        return me;
      } catch (fault) {
        // Without a signal the last person who did not sign out is let in.
        const last = fault instanceof NoSignal ? lastPerson() : null;
        if (last) return last;
        throw fault;
      }
    },
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  return <Show of={session}>{(me) => (me ? <Device me={me}>{children}</Device> : <Outside />)}</Show>;
}

/** What is kept for a person on this device is in hand before their page is drawn. */
function Device({ me, children }: { me: Me; children: ReactNode }) {
  const queries = useQueryClient();
  const [ready, setReady] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    let stop = () => {};
    let gone = false;
    async function open() {
      askFor(me.id);
      await openDatabase(me.id);
      await loadWords();
      await loadParcels();
      stop = await loadCopies(queries);
      if (gone) return stop();
      setReady(me.id);
      sendFor(me.id);
    }
    open().catch((reason: unknown) => {
      setFault(
        reason instanceof Error && reason.name === 'VersionError'
          ? 'A newer page was used on this device, and what it keeps is left alone. Load the newer page: close all of its tabs, then open it again.'
          : 'This browser keeps nothing on the device: what is typed here is lost without a signal.',
      );
      setReady(me.id);
      sendFor(me.id);
    });
    return () => {
      gone = true;
      stop();
      askFor(null);
      sendFor(null);
    };
  }, [me.id, queries]);
  if (ready !== me.id) return null;
  return (
    <Session value={me}>
      {fault && (
        <p className="bg-ink px-4 py-2 text-paper" role="alert">
          {fault}
        </p>
      )}
      {children}
    </Session>
  );
}

function Outside() {
  const welcome = useQuery({
    queryKey: keys.welcome,
    queryFn: ({ signal }) => take(api.GET('/api/welcome', { signal })),
  });
  return (
    <main className="mx-auto max-w-[28rem] px-5 pt-[12vh] pb-12">
      <Show of={welcome}>{(known) => (known.empty ? <FirstOwner /> : <SignIn welcome={known} />)}</Show>
      {!isSecureContext && (
        <p className="mt-10 text-faded">
          This address is not a secure one: the page cannot work without a signal from here. Open it at this
          machine itself, or over https with a certificate that the device trusts; the guide says how.
        </p>
      )}
    </main>
  );
}
