import { createContext, useContext } from 'react';
import type { Me } from '../api/types';
import { setMyUnits } from '../ground/myUnits';

export const Session = createContext<Me | null>(null);

/** The signed-in person; only asked for inside the gate. */
export function useMe(): Me {
  const me = useContext(Session);
  if (!me) throw new Error('nobody is signed in here');
  return me;
}

export function mayWrite(me: Me): boolean {
  return me.role !== 'reader';
}

const LAST = 'morphotera:last';

/** The last person who did not sign out, for a start without a signal. */
export function lastPerson(): Me | null {
  const text = localStorage.getItem(LAST);
  const me = text === null ? null : (JSON.parse(text) as Me);
  setMyUnits(me?.units ?? null);
  return me;
}

export function remember(me: Me | null): void {
  setMyUnits(me?.units ?? null);
  if (me === null) localStorage.removeItem(LAST);
  else localStorage.setItem(LAST, JSON.stringify(me));
}

const LEAVING = 'morphotera:leaving';

/** Signed out on this device: locked at once, and told to the server now or with the next signal. */
export async function leave(tellServer: () => Promise<unknown>): Promise<void> {
  remember(null);
  localStorage.setItem(LEAVING, '1');
  await finishLeaving(tellServer).catch(() => undefined);
}

/** Signed in here: a sign-out of before is of no more concern. */
export function arrive(me: Me): void {
  localStorage.removeItem(LEAVING);
  remember(me);
}

/** Before anybody is asked for: a sign-out that the server has not heard of yet. */
export async function finishLeaving(tellServer: () => Promise<unknown>): Promise<void> {
  if (localStorage.getItem(LEAVING) === null) return;
  await tellServer();
  localStorage.removeItem(LEAVING);
}
