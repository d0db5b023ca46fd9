import { useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Me } from '../api/types';
import { Show } from '../ground/State';
import { pinTo } from '../ground/time';
import { FirstOwner } from './FirstOwner';
import { SignIn } from './SignIn';
import { Session } from './session';

/** Who is here: the page for those signed in, sign-in for the others, the first owner where nobody is yet. */
export function Gate({ children }: { children: ReactNode }) {
  const queries = useQueryClient();
  const session = useQuery({
    queryKey: keys.session,
    // Asked in two: who is welcome answers everybody, so that nobody's first page begins with a refusal.
    queryFn: async ({ signal }): Promise<Me | null> => {
      const welcome = await take(api.GET('/api/welcome', { signal }));
      pinTo(welcome.now);
      queries.setQueryData(keys.welcome, welcome);
      return welcome.signedIn ? take(api.GET('/api/session', { signal })) : null;
    },
    staleTime: Number.POSITIVE_INFINITY,
  });
  return <Show of={session}>{(me) => (me ? <Session value={me}>{children}</Session> : <Outside />)}</Show>;
}

function Outside() {
  const welcome = useQuery({
    queryKey: keys.welcome,
    queryFn: ({ signal }) => take(api.GET('/api/welcome', { signal })),
  });
  return (
    <main className="mx-auto max-w-[28rem] px-5 pt-[12vh] pb-12">
      <Show of={welcome}>{(known) => (known.empty ? <FirstOwner /> : <SignIn welcome={known} />)}</Show>
    </main>
  );
}
