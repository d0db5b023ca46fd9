import type { Parcel } from './parcel';
import type { Change } from './save';

/**
 * What a person is asked about a parcel that did not go.
 *
 * @param theirs what stands now, where somebody changed the same meanwhile
 * @param said what the server said of it, and its code
 */
export type Question = { path: string; mine: unknown; theirs?: unknown; said?: string; code?: string };

type Patch = { version: number; changes: Change[] };
type Thing = Record<string, unknown>;

/** Every value of it that was refused, or that two changed differently. */
export function questionsOf(parcel: Parcel): Question[] {
  if (parcel.state.is === 'refused') return refusedOf(parcel, parcel.state.problem.errors);
  if (parcel.state.is !== 'stale') return [];
  const stands = thing(parcel.state.problem.current);
  const mine = parcel.verb === 'PATCH' ? (parcel.body as Patch).changes : changesOf(thing(parcel.body));
  return mine.flatMap((change) => {
    const theirs = at(stands, change.path) ?? null;
    const settled = same(theirs, change.is) || (parcel.verb === 'PATCH' && same(theirs, change.was));
    return settled ? [] : [{ path: change.path, mine: change.is, theirs }];
  });
}

function refusedOf(parcel: Parcel, errors: { path: string; code: string; text: string }[]): Question[] {
  const asked = new Map<string, Question>();
  for (const { path, code, text } of errors) {
    const where = parcel.verb === 'PATCH' ? placeIn(parcel.body as Patch, path) : path;
    if (where === null || asked.has(where)) continue;
    asked.set(where, { path: where, mine: valueAt(parcel, where), said: text, code });
  }
  return [...asked.values()];
}

/** The change that a finding speaks of. */
function placeIn(body: Patch, path: string): string | null {
  const named = /^\/changes\/(\d+)/.exec(path);
  if (named) return body.changes[Number(named[1])]?.path ?? null;
  return body.changes.find((one) => path === one.path || path.startsWith(`${one.path}/`))?.path ?? null;
}

function valueAt(parcel: Parcel, path: string): unknown {
  if (parcel.verb === 'PUT') return at(thing(parcel.body), path) ?? null;
  return (parcel.body as Patch).changes.find((one) => one.path === path)?.is ?? null;
}

/** The body with the answers in it; null where nothing of one's own is left to be sent. */
export function mended(parcel: Parcel, answers: Map<string, unknown>): unknown {
  const current = parcel.state.is === 'stale' ? thing(parcel.state.problem.current) : null;
  const version = typeof current?.version === 'number' ? { version: current.version } : {};
  if (parcel.verb === 'PUT') {
    let body: Thing = { ...thing(parcel.body), ...version };
    for (const [path, value] of answers) body = withValue(body, path, value);
    return body;
  }
  const body = parcel.body as Patch;
  const changes = body.changes.flatMap((change) => {
    const is = answers.has(change.path) ? answers.get(change.path) : change.is;
    const was = current ? (at(current, change.path) ?? null) : change.was;
    return same(was, is) ? [] : [{ ...change, was, is }];
  });
  return changes.length === 0 ? null : { ...body, ...version, changes };
}

/** "/soilTemperatureC" as "soil temperature C"; of a map the key is the name. */
export function nameOf(path: string): string {
  return path
    .split('/')
    .slice(1)
    .filter((part) => !isId(part))
    .map((part) => part.replace(/([a-z])([A-Z])/g, '$1 $2').replaceAll('-', ' '))
    .map((part) => (/^\d+$/.test(part) ? String(Number(part) + 1) : part))
    .map((part) => part.replace(/ ([A-Z])(?=[a-z])/g, (_, letter: string) => ` ${letter.toLowerCase()}`))
    .join(', ');
}

/** Whether a person can write it in a line. */
export function isPlain(value: unknown): boolean {
  return value === null || typeof value !== 'object';
}

function changesOf(body: Thing): Change[] {
  return Object.keys(body)
    .filter((key) => key !== 'version')
    .map((key) => ({ path: `/${key}`, was: null, is: body[key] ?? null }));
}

function isId(part: string): boolean {
  return /^[0-9a-f]{8}-[0-9a-f-]{27}$/i.test(part);
}

function thing(of: unknown): Thing {
  return typeof of === 'object' && of !== null ? (of as Thing) : {};
}

const steps = (path: string) =>
  path
    .split('/')
    .slice(1)
    .map((step) => step.replaceAll('~1', '/').replaceAll('~0', '~'));

function at(of: unknown, path: string): unknown {
  return steps(path).reduce<unknown>((inner, step) => (inner as Thing | null | undefined)?.[step], of);
}

function withValue(of: Thing, path: string, value: unknown): Thing {
  const copy = structuredClone(of);
  const way = steps(path);
  const last = way.pop();
  const inner = way.reduce<unknown>((one, step) => (one as Thing | null | undefined)?.[step], copy);
  if (last !== undefined && typeof inner === 'object' && inner !== null) (inner as Thing)[last] = value;
  return copy;
}

function same(one: unknown, other: unknown): boolean {
  return JSON.stringify(one ?? null) === JSON.stringify(other ?? null);
}
