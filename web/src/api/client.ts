import createClient, { type Middleware } from 'openapi-fetch';
import { sentencesInMine } from '../ground/myUnits';
import { Failed, NoSignal, type Problem } from './problem';
import type { paths } from './schema';
import { upload } from './upload';

/** The build of this page, by which the server knows what its bodies look like. */
export const PAGE = '1';

let reader: string | null = null;

/** From now on everything asked for says for whom: a session of somebody else answers nothing. */
export function askFor(person: string | null): void {
  reader = person;
}

/** The token cookie goes back as a header, as the server asks for it. */
export function csrfToken(cookies: string): string | null {
  const match = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(cookies);
  return match?.[1] ? decodeURIComponent(match[1]) : null;
}

const forWhom: Middleware = {
  onRequest({ request }) {
    request.headers.set('X-Morphotera-Page', PAGE);
    if (reader !== null && !request.url.endsWith('/api/welcome') && !request.url.endsWith('/api/session')) {
      request.headers.set('X-Morphotera-Person', reader);
    }
    return request;
  },
};

/** A token that was renewed meanwhile, by a sign-in in another tab: a new one is taken once and the request made again. */
async function withToken(go: (token: string) => Promise<Response>): Promise<Response> {
  const token = () => csrfToken(document.cookie) ?? '';
  const first = await go(token());
  if (first.status !== 403) return first;
  const problem = (await first
    .clone()
    .json()
    .catch(() => null)) as { code?: string } | null;
  if (problem?.code !== 'token') return first;
  await globalThis.fetch('/api/session');
  return go(token());
}

function tokened(request: Request, token: string): Request {
  const copy = request.clone();
  if (copy.method !== 'GET') copy.headers.set('X-XSRF-TOKEN', token);
  return copy;
}

export const api = createClient<paths>({
  baseUrl: typeof location === 'undefined' ? 'http://localhost' : location.origin,
  // The client keeps the fetch it saw when it was made; tests and offline code change it later.
  fetch: (request) => withToken((token) => globalThis.fetch(tokened(request, token))),
});
api.use(forWhom);

/** The data of an answer, or a thrown problem. */
export async function take<T>(
  answer: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<T> {
  let got: { data?: T; error?: unknown; response: Response };
  try {
    got = await answer;
  } catch (fault) {
    if (fault instanceof DOMException && fault.name === 'AbortError') throw fault;
    throw new NoSignal();
  }
  if (!got.response.ok) {
    throw new Failed(problemOf(got.response.status, got.error));
  }
  return sentencesInMine(got.data as T);
}

export function problemOf(status: number, body: unknown): Problem {
  const known = (typeof body === 'object' && body !== null ? body : {}) as Partial<Problem>;
  const unsaid =
    status === 401
      ? 'You are signed out. Sign in again; what you typed is kept.'
      : `The server answered ${status}.`;
  return {
    status,
    title: known.title ?? 'Not done',
    detail: known.detail ?? unsaid,
    errors: known.errors ?? [],
    code: known.code,
    current: known.current,
  };
}

/** For whom, and as which parcel, something is sent. */
export type Envelope = { parcel: string; person: string; madeBy?: string };

const GIVE_UP_MS = 20_000;

/** A plain write for what waits on this device, whose address was written down earlier. */
export function ask(
  verb: 'PUT' | 'PATCH',
  path: string,
  body: unknown,
  { parcel, person, madeBy }: Envelope,
): Promise<Response> {
  return withToken((token) => {
    const headers = {
      'Content-Type': body instanceof Blob ? body.type || 'application/octet-stream' : 'application/json',
      'X-XSRF-TOKEN': token,
      'X-Morphotera-Parcel': parcel,
      'X-Morphotera-Person': person,
      'X-Morphotera-Page': PAGE,
      ...(madeBy !== undefined && { 'X-Morphotera-Made-By': madeBy }),
    };
    if (body instanceof Blob) return upload(verb, path, headers, body);
    const signal = AbortSignal.timeout(GIVE_UP_MS);
    const whole = { method: verb, headers, body: JSON.stringify(body), signal };
    return globalThis.fetch(new Request(new URL(path, location.origin), whole));
  });
}

/** Sends a file as it is, and takes the answer or throws the problem. */
export async function send<T>(verb: 'POST' | 'PUT', path: string, file: Blob): Promise<T> {
  const sent = withToken((token) =>
    globalThis.fetch(
      new Request(new URL(path, location.origin), {
        method: verb,
        headers: { 'Content-Type': file.type || 'application/octet-stream', 'X-XSRF-TOKEN': token },
        body: file,
      }),
    ),
  );
  return take(
    sent.then(async (response) => {
      const body: unknown = await response.json().catch(() => null);
      return response.ok ? { data: body as T, response } : { error: body, response };
    }),
  );
}
