import { ask, problemOf } from '../api/client';
import { newId } from '../api/ids';
import { Failed } from '../api/problem';
import { needs } from './parcel';
import { parcels, post } from './parcels';

/** A thing to be saved: new where `was` is null, else by the paths that were changed. */
export type Saving = {
  person: string;
  path: string;
  was: Record<string, unknown> | null;
  is: Record<string, unknown>;
  label: string;
};

export type Change = { path: string; was: unknown; is: unknown };

/** Kept on this device to be sent, or saved by the server, which answered with it as it stands. */
export type Saved<T> = { kept: true } | { kept: false; stands: T };

/**
 * Saves at once where there is a signal, so that what is wrong is said at its place; where there is none, or it needs something
 * that is not sent yet, it waits on this device. Both go under one number, so that a lost answer is no second thing.
 *
 * @throws Failed what the server refused; nothing of it is kept, and the form still holds it
 */
export async function save<T>(it: Saving): Promise<Saved<T>> {
  const verb = it.was === null ? 'PUT' : 'PATCH';
  const body = it.was === null ? it.is : { version: it.was.version, changes: changes(it.was, it.is) };
  const parcel = newId();
  const later = { id: parcel, person: it.person, verb, path: it.path, body, label: it.label } as const;
  if (needs(later, parcels()).length > 0) return keep(later);
  let response: Response;
  try {
    response = await ask(verb, it.path, body, { parcel, person: it.person });
  } catch {
    return keep(later);
  }
  const answer: unknown = await response.json().catch(() => null);
  const waits =
    response.status === 401 || response.status === 429 || response.status >= 500 || answer === null;
  if (waits) return keep(later);
  if (!response.ok) throw new Failed(problemOf(response.status, answer));
  return { kept: false, stands: answer as T };
}

async function keep(later: Parameters<typeof post>[0]): Promise<{ kept: true }> {
  if (await post(later)) return { kept: true };
  throw new Error('This device has no room left: nothing was saved. Free some room, then save again.');
}

/** What differs, by path: maps of ticks and times by their keys, everything else whole. */
export function changes(was: Record<string, unknown>, is: Record<string, unknown>, under = ''): Change[] {
  const found: Change[] = [];
  for (const key of new Set([...Object.keys(is), ...(under === '' ? [] : Object.keys(was))])) {
    if (under === '' && key === 'version') continue;
    const path = `${under}/${key.replace(/~/g, '~0').replace(/\//g, '~1')}`;
    const before = was[key] ?? null;
    const now = is[key] ?? null;
    if (JSON.stringify(before) === JSON.stringify(now)) continue;
    if (isMap(now) && (before === null || isMap(before))) {
      found.push(...changes((before ?? {}) as Record<string, unknown>, now, path));
    } else {
      found.push({ path, was: before, is: now });
    }
  }
  return found;
}

function isMap(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
