import { ask, problemOf } from '../api/client';
import { type Copy, database } from './database';
import { inHand, takeBack } from './hands';
import { fresh, heldBy, type Outcome, outcome, type Parcel, ready, stops } from './parcel';
import { drop, loadParcels, mark, onPosted, parcels } from './parcels';

const GREETED_MS = 20_000;
const LEAST_WAIT_MS = 250;
/** While something is in another tab's hands. */
const LOOK_AGAIN_MS = 5000;
/** So many go side by side once one has found the signal. */
const LANES = 3;
/** So long after an answer the server is known to be there, and for whom. */
const MET_MS = 60_000;

export type Sent = { parcel: Parcel; answer: unknown };
const listeners = new Set<(sent: Sent) => void>();
let land: (parcel: Parcel, answer: unknown) => Copy[] = () => [];
let person: string | null = null;
let timer: ReturnType<typeof setTimeout> | null = null;
/** When somebody last asked that all of it goes now. */
let askedAt = 0;
/** When the server last took something. */
let metAt = 0;

export function onSent(tell: (sent: Sent) => void): () => void {
  listeners.add(tell);
  return () => {
    listeners.delete(tell);
  };
}

/** What becomes of an answer before its parcel goes: what of it is to be kept, in one with that. */
export function onLanding(take: (parcel: Parcel, answer: unknown) => Copy[]): void {
  land = take;
}

/** Begins sending for a person; ends it for the one before. */
export function sendFor(who: string | null): void {
  person = who;
  metAt = 0;
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

let running: Promise<void> | null = null;
let asked = false;

/** Each tab sends, and a parcel is in the hands of one of them: a tab that froze holds up what it was sending, and that for a minute. */
export async function send(): Promise<void> {
  if (person === null) return;
  asked = true;
  running ??= untilNobodyAsks();
  await running;
}

async function untilNobodyAsks(): Promise<void> {
  try {
    while (asked && person !== null) {
      asked = false;
      await run(person);
    }
  } finally {
    running = null;
  }
}

async function run(who: string): Promise<void> {
  await takeBack();
  const going = new Map<string, Promise<void>>();
  const elsewhere = new Set<string>();
  const taken = { has: (id: string) => going.has(id) || elsewhere.has(id) };
  let lanes = 1;
  let halted = false;
  while (person === who && !halted && !parcels().some((one) => stops(one.state))) {
    const next = going.size < lanes ? ready(parcels(), Date.now(), taken) : undefined;
    if (next) {
      const turn = inHand(next.id, (ours) => go(next.id, ours)).then((came) => {
        going.delete(next.id);
        if (came === 'elsewhere') elsewhere.add(next.id);
        halted ||= came === 'stop';
        lanes = came === 'sent' ? LANES : lanes;
      });
      going.set(next.id, turn);
    } else if (going.size > 0) {
      await Promise.race(going.values());
    } else break;
  }
  await Promise.all(going.values());
  if (person !== who || parcels().some((one) => stops(one.state))) return;
  // Whatever may go later goes later, were it at once: nothing waits for a key to be pressed.
  const open = parcels().filter((one) => one.state.is === 'waiting' && heldBy(one, parcels()).length === 0);
  const soonest = Math.min(...open.map((one) => (one.state.is === 'waiting' ? one.state.notBefore : 0)));
  if (elsewhere.size > 0 || parcels().some((one) => one.state.is === 'sending')) later(LOOK_AGAIN_MS);
  else if (Number.isFinite(soonest)) later(Math.max(LEAST_WAIT_MS, soonest - Date.now()));
}

/** `elsewhere`: it is in another tab's hands, or was. */
type Came = 'sent' | 'not-sent' | 'stop' | 'elsewhere';

/** Sends one that is in hand, and says what came of it. */
async function go(id: string, ours: () => boolean): Promise<Came> {
  const since = Date.now();
  const one = await asItStands(id);
  if (one?.state.is !== 'waiting' || one.state.notBefore > since) {
    await loadParcels().catch(() => {});
    return 'elsewhere';
  }
  const going: Parcel = { ...one, state: { is: 'sending', tries: one.state.tries + 1, since } };
  await mark(id, going.state);
  const came = (await unknownHere(going)) ?? (await deliver(going));
  if (came.out.sent) {
    metAt = Date.now();
    await drop(id, land(going, came.answer));
    for (const tell of listeners) tell({ parcel: going, answer: came.answer });
    return 'sent';
  }
  if (came.out.stop) metAt = 0;
  // A tab that froze finds another at it when it thaws.
  if (!ours()) return 'elsewhere';
  // The signal came back while this one was on its way without it: it goes again at once, once.
  const again = came.out.state.is === 'waiting' && askedAt > since;
  await mark(id, again ? fresh : came.out.state);
  return !again && came.out.stop ? 'stop' : 'not-sent';
}

/** Another tab may have sent it a moment ago; nothing stands in a database that somebody's leaving closed. */
async function asItStands(id: string): Promise<Parcel | undefined> {
  const db = database();
  return db ? db.parcels.get(id).catch(() => undefined) : parcels().find((one) => one.id === id);
}

function later(ms: number): void {
  if (timer !== null) clearTimeout(timer);
  timer = setTimeout(() => {
    timer = null;
    void send();
  }, ms);
}

type Delivered = { out: Outcome; answer: unknown };

/** Before the first the server is asked who is here: nothing is sent to a portal, or in the name of somebody else. */
async function unknownHere(parcel: Parcel): Promise<Delivered | null> {
  if (Date.now() - metAt < MET_MS) return null;
  const is = (status: number | null, code?: string): Delivered => ({
    out: outcome(parcel, status, null, null, Date.now(), problemOf(status ?? 0, { code })),
    answer: null,
  });
  let response: Response;
  try {
    response = await globalThis.fetch('/api/session', { signal: AbortSignal.timeout(GREETED_MS) });
  } catch {
    return is(null);
  }
  const who = (await response.json().catch(() => null)) as { id?: unknown } | null;
  if (response.status === 401) return is(401);
  // What is wrong with the server besides is told by what is sent.
  if (response.status !== 200) return null;
  if (typeof who?.id !== 'string') return is(200);
  return who.id === parcel.person ? null : is(409, 'other-person');
}

async function deliver(parcel: Parcel): Promise<Delivered> {
  let response: Response;
  try {
    const file = parcel.file ? (await database()?.files.get(parcel.id))?.blob : undefined;
    response = await ask(parcel.verb, parcel.path, file ?? parcel.body, {
      parcel: parcel.id,
      person: parcel.person,
      ...(parcel.madeBy !== undefined && { madeBy: parcel.madeBy }),
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
