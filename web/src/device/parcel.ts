import type { Problem } from '../api/problem';

/** A parcel is in exactly one of these; each of them says what is to be done. */
export type State =
  | { is: 'waiting'; tries: number; notBefore: number }
  | { is: 'sending'; tries: number; since: number }
  | { is: 'refused'; problem: Problem }
  | { is: 'stale'; problem: Problem }
  | { is: 'too-old' }
  | { is: 'signed-out' }
  | { is: 'other-person' }
  | { is: 'put-away'; at: number };

/** Something to be sent: kept on the device until the server has it. */
export type Parcel = {
  id: string;
  /** In the order made: a local count, never a clock. */
  seq: number;
  person: string;
  verb: 'PUT' | 'PATCH';
  path: string;
  body: unknown;
  /** What it is, in words. */
  label: string;
  /** The parcels that its ids need. */
  after: string[];
  state: State;
  /** What a reading came to on this device, until the server has said it. */
  result: unknown;
  /** Whose work it is, where an owner took it in for them. */
  madeBy?: string;
  /** It is a file, which lies beside it in the database. */
  file?: boolean;
};

const FIRST_WAIT_MS = 2000;
const LONGEST_WAIT_MS = 300_000;
const SERVER_FAULTS = 5;
const KEPT_AWAY_MS = 30 * 86_400_000;

export const fresh: State = { is: 'waiting', tries: 0, notBefore: 0 };

/** Grows from 2 s to 5 min. */
export function waitMs(tries: number): number {
  return Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** Math.max(0, tries - 1));
}

/** Those it waits behind that are not sent yet. */
export function heldBy(parcel: Parcel, all: Parcel[]): Parcel[] {
  return all.filter((one) => parcel.after.includes(one.id));
}

/**
 * The first that may go now: neither before its time nor behind another; what is typed before pictures.
 *
 * @param taken those in hand already, here or in another tab
 */
export function ready(
  all: Parcel[],
  now: number,
  taken: { has(id: string): boolean } = new Set(),
): Parcel | undefined {
  const may = (one: Parcel) =>
    one.state.is === 'waiting' &&
    !taken.has(one.id) &&
    one.state.notBefore <= now &&
    heldBy(one, all).length === 0 &&
    !all.some((other) => other.seq < one.seq && isUnderWay(other.state) && inTurn(other, one));
  return all.find((one) => !one.file && may(one)) ?? all.find(may);
}

const isUnderWay = (state: State) => state.is === 'waiting' || state.is === 'sending';

/**
 * What goes to one address arrives in the order made, and so does what is typed at one cell and what is counted there: a draft
 * that overtakes would come back.
 */
function inTurn(one: Parcel, other: Parcel): boolean {
  const cell = cellOf(one);
  return one.path === other.path || (cell !== null && cell === cellOf(other));
}

function cellOf({ path, body }: Parcel): string | null {
  const draft = /^\/api\/visits\/([^/]+)\/drafts\/([^/]+)\/([^/?]+)/.exec(path);
  if (draft) return draft.slice(1).join(' ');
  const read = body as {
    visitId?: string;
    spotId?: string | null;
    sampleId?: string | null;
    method?: string;
  };
  return /^\/api\/readings\/[^/]+$/.test(path) && read?.method
    ? `${read.visitId} ${read.spotId ?? read.sampleId} ${read.method}`
    : null;
}

/**
 * Those made before whose things this one names: its field, zone, spot, visit, the reading it corrects. A picture is waited for
 * only by what goes to its own address: a reading may name one that has not arrived.
 */
export function needs(parcel: Pick<Parcel, 'path' | 'body'>, all: Parcel[]): string[] {
  const names = `${parcel.path} ${JSON.stringify(parcel.body)}`;
  const rests = (one: Parcel) => makes(one).some((id) => (one.file ? parcel.path : names).includes(id));
  return all.filter((one) => one.state.is !== 'put-away' && rests(one)).map((one) => one.id);
}

/** What it makes or changes: a new field makes its first zone too, by which its spots name it. */
function makes({ path, body }: Parcel): string[] {
  const zone = (body as { mainZoneId?: unknown } | null)?.mainZoneId;
  return [thingOf(path), typeof zone === 'string' ? zone : ''].filter(isId);
}

/** The id of what a parcel makes or changes. */
export function thingOf(path: string): string {
  return path.split('?')[0]?.split('/').at(-1) ?? '';
}

function isId(text: string): boolean {
  return /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
}

/** What an answer makes of a parcel: sent, or the state it is in now; `stop` where the others would fare alike. */
export type Outcome = { sent: true } | { sent: false; state: State; stop: boolean };

/**
 * Of an answer: only JSON that names the thing counts as sent, so that the page of a captive portal does not.
 *
 * @param status null where no answer came
 */
export function outcome(
  parcel: Parcel,
  status: number | null,
  body: unknown,
  retryAfterS: number | null,
  now: number,
  problem: Problem,
): Outcome {
  const tries = parcel.state.is === 'sending' ? parcel.state.tries : 0;
  const later = (ms: number): Outcome => ({
    sent: false,
    state: { is: 'waiting', tries, notBefore: now + ms },
    stop: true,
  });
  if (status === null) return later(waitMs(tries));
  if (status === 204 || (status === 200 && names(body, parcel))) return { sent: true };
  if (status >= 200 && status < 400) return later(waitMs(tries));
  if (status === 401) return { sent: false, state: { is: 'signed-out' }, stop: true };
  if (status === 426) return { sent: false, state: { is: 'too-old' }, stop: true };
  if (status === 429 || status === 503) return later((retryAfterS ?? waitMs(tries) / 1000) * 1000);
  if (status === 409 && problem.code === 'other-person') {
    return { sent: false, state: { is: 'other-person' }, stop: true };
  }
  if (status === 409) return { sent: false, state: { is: 'stale', problem }, stop: false };
  if (status >= 500 && tries < SERVER_FAULTS) return later(waitMs(tries));
  return { sent: false, state: { is: 'refused', problem }, stop: false };
}

function names(body: unknown, parcel: Parcel): boolean {
  const id = (body as { id?: unknown } | null)?.id;
  return typeof id === 'string' && (parcel.path.split('?')[0] ?? '').split('/').includes(id);
}

/** Stops the sender: the others would fare alike until somebody is signed in, or a newer page is there. */
export function stops(state: State): boolean {
  return state.is === 'signed-out' || state.is === 'other-person' || state.is === 'too-old';
}

/** Counted on this device and on its way, whatever keeps it: not refused, stale or put away. */
export function isCounted(state: State): boolean {
  return state.is === 'waiting' || state.is === 'sending' || stops(state);
}

/** Needs a person: nothing happens to it by itself. */
export function needsSomebody(state: State): boolean {
  return state.is === 'refused' || state.is === 'stale';
}

/** What was put away is readable for thirty days. */
export function isOver(state: State, now: number): boolean {
  return state.is === 'put-away' && now - state.at > KEPT_AWAY_MS;
}
