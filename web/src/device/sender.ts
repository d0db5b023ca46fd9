import { ask, problemOf } from '../api/client';
import { database } from './database';
import { fresh, heldBy, outcome, type Parcel, ready, stops } from './parcel';
import { drop, mark, onPosted, parcels } from './parcels';

const GIVE_UP_MS = 20_000;
const GIVE_UP_FILE_MS = 180_000;
const FROZEN_MS = 60_000;
const BEAT_MS = 5000;
const LEAST_WAIT_MS = 250;
/** So many go side by side once one has found the signal. */
const LANES = 3;

export type Sent = { parcel: Parcel; answer: unknown };
const listeners = new Set<(sent: Sent) => void>();
let person: string | null = null;
let timer: ReturnType<typeof setTimeout> | null = null;
/** When somebody last asked that all of it goes now. */
let askedAt = 0;

export function onSent(tell: (sent: Sent) => void): () => void {
  listeners.add(tell);
  return () => {
    listeners.delete(tell);
  };
}

/** Begins sending for a person; ends it for the one before. */
export function sendFor(who: string | null): void {
  person = who;
  onPosted(() => void send());
  if (who !== null) void sendNow();
}

/** The signal is back, or the page is looked at again: what waited its turn goes now. */
export async function sendNow(): Promise<void> {
  askedAt = Date.now();
  for (const one of parcels()) {
    if (one.state.is === 'waiting' && one.state.notBefore > 0) await mark(one.id, fresh);
    if (stops(one.state)) await mark(one.id, fresh);
  }
  await send();
}

/** One sender per device and person, in whichever tab; a frozen one is taken over after a minute without a sign of life. */
export async function send(): Promise<void> {
  const who = person;
  if (who === null) return;
  const name = `morphotera-send-${who}`;
  if (typeof navigator === 'undefined' || !navigator.locks) {
    await alone(who);
    return;
  }
  const beat = Number(localStorage.getItem(`${name}-beat`) ?? '0');
  const frozen = Date.now() - beat > FROZEN_MS;
  const held = (await navigator.locks.query()).held?.some((lock) => lock.name === name);
  const take = held && frozen ? { steal: true } : { ifAvailable: true };
  await navigator.locks
    .request(name, take, async (lock) => {
      if (lock === null) return later(BEAT_MS);
      const sign = () => localStorage.setItem(`${name}-beat`, String(Date.now()));
      sign();
      const beating = setInterval(sign, BEAT_MS);
      try {
        await run(who);
      } finally {
        clearInterval(beating);
      }
    })
    // Stolen by another tab, which goes on.
    .catch(() => {});
}

let running: Promise<void> | null = null;

async function alone(who: string): Promise<void> {
  running ??= run(who).finally(() => {
    running = null;
  });
  await running;
}

async function run(who: string): Promise<void> {
  // What was on its way when the page ended is sent again; the server knows its id.
  for (const one of parcels()) if (one.state.is === 'sending') await mark(one.id, fresh);
  const going = new Set<Promise<void>>();
  let lanes = 1;
  let halted = false;
  while (person === who && !halted && !parcels().some((one) => stops(one.state))) {
    const next = going.size < lanes ? ready(parcels(), Date.now()) : undefined;
    if (next) {
      const since = Date.now();
      const tries = next.state.is === 'waiting' ? next.state.tries + 1 : 1;
      const on: Parcel = { ...next, state: { is: 'sending', tries, since } };
      await mark(next.id, on.state);
      const turn: Promise<void> = go(on, since).then((came) => {
        going.delete(turn);
        halted ||= came === 'stop';
        lanes = came === 'sent' ? LANES : lanes;
      });
      going.add(turn);
    } else if (going.size > 0) {
      await Promise.race(going);
    } else break;
  }
  await Promise.all(going);
  if (person !== who || parcels().some((one) => stops(one.state))) return;
  // Whatever may go later goes later, were it at once: nothing waits for a key to be pressed.
  const open = parcels().filter((one) => one.state.is === 'waiting' && heldBy(one, parcels()).length === 0);
  const soonest = Math.min(...open.map((one) => (one.state.is === 'waiting' ? one.state.notBefore : 0)));
  if (Number.isFinite(soonest)) later(Math.max(LEAST_WAIT_MS, soonest - Date.now()));
}

type Came = 'sent' | 'not-sent' | 'stop';

/** Sends one that is marked as on its way, and says what came of it. */
async function go(going: Parcel, since: number): Promise<Came> {
  const came = await deliver(going);
  if (came.out.sent) {
    await drop(going.id);
    for (const tell of listeners) tell({ parcel: going, answer: came.answer });
    return 'sent';
  }
  // The signal came back while this one was on its way without it: it goes again at once, once.
  const again = came.out.state.is === 'waiting' && askedAt > since;
  await mark(going.id, again ? fresh : came.out.state);
  return !again && came.out.stop ? 'stop' : 'not-sent';
}

function later(ms: number): void {
  if (timer !== null) clearTimeout(timer);
  timer = setTimeout(() => {
    timer = null;
    void send();
  }, ms);
}

async function deliver(parcel: Parcel) {
  let response: Response;
  try {
    const file = parcel.file ? (await database()?.files.get(parcel.id))?.blob : undefined;
    response = await ask(parcel.verb, parcel.path, file ?? parcel.body, {
      parcel: parcel.id,
      person: parcel.person,
      ...(parcel.madeBy !== undefined && { madeBy: parcel.madeBy }),
      signal: AbortSignal.timeout(file ? GIVE_UP_FILE_MS : GIVE_UP_MS),
    });
  } catch {
    const none = problemOf(0, null);
    return { out: outcome(parcel, null, null, null, Date.now(), none), answer: null };
  }
  const answer: unknown = await response.json().catch(() => null);
  const wait = Number(response.headers.get('Retry-After') ?? Number.NaN);
  const out = outcome(
    parcel,
    response.status,
    answer,
    Number.isFinite(wait) ? wait : null,
    Date.now(),
    problemOf(response.status, answer),
  );
  return { out, answer };
}
