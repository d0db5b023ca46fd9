import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Suspense } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { NoSignal } from '../api/problem';
import type { Me } from '../api/types';
import { later } from '../frame/later';
import { Show } from '../ground/State';
import { pinTo } from '../ground/time';
import { FirstOwner } from './FirstOwner';
import { SignIn } from './SignIn';
import { finishLeaving, lastPerson, remember } from './session';

const Inside = later(() => import('../Inside'));
// Somebody was here before: their page is on its way at once.
if (lastPerson()) void Inside.get().catch(() => {});

/** Who is here: the page for those signed in, sign-in for the others, the first owner where nobody is yet. */
export function Gate() {
  const queries = useQueryClient();
  const session = useQuery<Me | null>({
    queryKey: keys.session,
    // Asked in two: who is welcome answers everybody, so that nobody's first page begins with a refusal.
    queryFn: async ({ signal }) => {
      try {
        const asked = Date.now();
        let welcome = await take(api.GET('/api/welcome', { signal }));
        const heard = Date.now();
        if (welcome.signedIn) {
          await finishLeaving(async () => {
            await take(api.DELETE('/api/session'));
            welcome = { ...welcome, signedIn: false };
          });
        }
        pinTo(welcome.now, asked, heard);
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
    // The last person who did not sign out is let in as without a signal, while the server says whether it is still they.
    placeholderData: () => lastPerson() ?? undefined,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  return (
    <Show of={session}>
      {(me) =>
        me ? (
          <Suspense>
            <Inside me={me} />
          </Suspense>
        ) : (
          <Outside />
        )
      }
    </Show>
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
