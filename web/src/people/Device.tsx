import { useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useState } from 'react';
import { askFor } from '../api/client';
import type { Me } from '../api/types';
import { loadCopies } from '../device/copies';
import { openDatabase } from '../device/database';
import { landed } from '../device/landed';
import { loadParcels } from '../device/parcels';
import { onLanding, sendFor } from '../device/sender';
import { loadWords } from '../device/words';
import { lastPerson, Session } from './session';

/** What is kept for a person, brought into memory. */
async function inHand(person: string): Promise<void> {
  await openDatabase(person);
  await Promise.all([loadWords(), loadParcels()]);
}

// Somebody was here before: what they have kept is brought while the server says who they are.
const last = lastPerson()?.id;
let early = last ? { person: last, done: inHand(last) } : null;
early?.done.catch(() => {});

/** What is kept for a person on this device is in hand before their page is drawn. */
export function Device({ me, children }: { me: Me; children: ReactNode }) {
  const queries = useQueryClient();
  const [ready, setReady] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    let stop = () => {};
    let gone = false;
    async function open() {
      askFor(me.id);
      const begun = early?.person === me.id ? early.done : inHand(me.id);
      early = null;
      await begun;
      stop = await loadCopies(queries);
      if (gone) return stop();
      onLanding(({ path }, answer) => landed(queries, path, answer));
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
