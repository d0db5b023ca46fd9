import { useQuery } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { Failed } from '../api/problem';
import type { Me } from '../api/types';
import { Show } from '../ground/State';
import { FirstOwner } from './FirstOwner';
import { SignIn } from './SignIn';
import { Session } from './session';

/** Who is here: the page for those signed in, sign-in for the others, the first owner where nobody is yet. */
export function Gate({ children }: { children: ReactNode }) {
  const session = useQuery({
    queryKey: keys.session,
    queryFn: ({ signal }) =>
      take(api.GET('/api/session', { signal })).catch((error: unknown) => {
        if (error instanceof Failed && error.problem.status === 401) return null;
        throw error;
      }) as Promise<Me | null>,
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
