import { createContext, useContext } from 'react';
import type { Me } from '../api/types';

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
