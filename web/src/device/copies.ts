import type { Query, QueryClient, QueryKey } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { FRESH_MS } from '../api/fresh';
import { keys } from '../api/keys';
import { Failed } from '../api/problem';
import type { FieldCopy, WholeVisit } from '../api/types';
import { database } from './database';
import { settle } from './words';

/** Answers that make no sense on another day, or are asked with every key. */
const NOT_KEPT = ['evaluation', 'health', 'session', 'welcome', 'people', 'sessions', 'presence'];
/** So long a field that was opened is taken along. */
export const OPENED_MS = 30 * 86_400_000;

type Kept = { queryKey: QueryKey; data: unknown };

/** Puts what is kept on this device into the page's hands, and keeps from now on what the server answers. */
export async function loadCopies(queries: QueryClient): Promise<() => void> {
  const db = database();
  if (!db) return () => {};
  // All in one: a walk from one to the next takes a message each.
  const copies = await db.copies.where('key').startsWith('q:').toArray();
  for (const copy of copies) {
    const kept = copy.value as Kept;
    // Shown at once, and asked for anew however young it is: what changed since another page kept it is not known here.
    const updatedAt = Math.min(copy.at, Date.now() - FRESH_MS);
    queries.setQueryData(kept.queryKey, withWhatIsNew(kept.queryKey, kept.data), { updatedAt });
  }
  return queries.getQueryCache().subscribe((event) => {
    if (event.type === 'updated' && event.action.type === 'success') void keep(event.query);
  });
}

async function keep(query: Query): Promise<void> {
  if (NOT_KEPT.includes(String(query.queryKey[0]))) return;
  const value: Kept = { queryKey: query.queryKey, data: query.state.data };
  await settle(async () =>
    database()?.copies.put({ key: `q:${query.queryHash}`, value, at: query.state.dataUpdatedAt }),
  );
}

/** What an older page kept, with the parts that a newer one reads. */
export function withWhatIsNew(queryKey: readonly unknown[], data: unknown): unknown {
  const field = (one: object) => ({ samples: [], ...one });
  const whole = queryKey.length === 2;
  if (queryKey[0] === 'field' && queryKey[2] === 'trend' && isObject(data))
    return { bands: [], values: [], ...data };
  if (queryKey[0] === 'forecast-score' && isObject(data)) {
    const { brier } = data as { brier?: object };
    return { byMeasure: [], byAdviser: [], learned: [], ...data, brier: { byTable: [], ...brier } };
  }
  if (queryKey[0] === 'methods' && Array.isArray(data))
    return data.map((one: object) => ({ curves: [], ...one }));
  if (whole && queryKey[0] === 'field' && isObject(data)) return field(data);
  if (whole && queryKey[0] === 'visit' && isObject(data) && isObject(data.field)) {
    return { photographs: [], ...data, field: field(data.field) };
  }
  return data;
}

function isObject(value: unknown): value is Record<string, unknown> & { field?: unknown } {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** Of two answers about one visit the one with the higher revision, however late the other came. */
export function newer(before: WholeVisit | undefined, now: WholeVisit): WholeVisit {
  return before && before.visit.revision > now.visit.revision ? before : now;
}

/** A field as it is kept, with when that was. */
export async function copyOf(fieldId: string): Promise<FieldCopy | null> {
  const kept = await database()?.copies.get(`copy:${fieldId}`);
  return (kept?.value as FieldCopy | undefined) ?? null;
}

/** Somebody looked at a field: it is taken along for thirty days. */
export async function opened(fieldId: string): Promise<void> {
  await settle(async () => database()?.copies.put({ key: `opened:${fieldId}`, value: null, at: Date.now() }));
}

/** Fetches the fields to take along: those with a planned or running visit, those opened lately, those pinned by hand. */
export async function takeAlong(queries: QueryClient, planned: string[]): Promise<void> {
  const db = database();
  if (!db) return;
  // What every page may need, whichever field it shows.
  queries.setQueryData(keys.methods, await take(api.GET('/api/methods')));
  queries.setQueryData(keys.remedies, await take(api.GET('/api/remedies')));
  queries.setQueryData(keys.planning, await take(api.GET('/api/planning')));
  queries.setQueryData(keys.holdings, await take(api.GET('/api/holdings')));
  queries.setQueryData(keys.prices, await take(api.GET('/api/prices')));
  queries.setQueryData(keys.kitCharts, await take(api.GET('/api/kit-charts')));
  queries.setQueryData(keys.yardsticks, await take(api.GET('/api/yardsticks')));
  const openedLately = await db.copies
    .where('key')
    .startsWith('opened:')
    .filter((one) => Date.now() - one.at < OPENED_MS)
    .toArray();
  const pinned = await db.copies.where('key').startsWith('pinned:').toArray();
  const ids = new Set([
    ...planned,
    ...[...openedLately, ...pinned].map((one) => one.key.slice(one.key.indexOf(':') + 1)),
  ]);
  for (const id of ids) {
    const askedAt = Date.now();
    try {
      const copy = await take(api.GET('/api/fields/{id}/copy', { params: { path: { id } } }));
      await settle(async () => database()?.copies.put({ key: `copy:${id}`, value: copy, at: Date.now() }));
      handOut(queries, copy as FieldCopy, askedAt);
    } catch (fault) {
      // One that is not here any more, or not yet, keeps nobody from taking the others along.
      if (!(fault instanceof Failed)) throw fault;
    }
  }
}

/** A copy answers for each of the pages' own questions, unless the page has learned better since it was asked for. */
export function handOut(queries: QueryClient, copy: FieldCopy, askedAt: number): void {
  const { field, visits, readings, drafts } = copy;
  const set = (key: QueryKey, data: unknown) => {
    if ((queries.getQueryState(key)?.dataUpdatedAt ?? 0) < askedAt) queries.setQueryData(key, data);
  };
  set(keys.field(field.id), field);
  set(keys.visits(field.id), visits);
  set(keys.interventions(field.id), copy.log);
  set(keys.plan(field.id), copy.plan);
  // A copy of before trials were kept has none.
  set(keys.trials(field.id), copy.trials ?? []);
  for (const visit of visits) {
    const whole = {
      visit,
      field,
      readings: readings.filter((one) => one.visitId === visit.id),
      drafts: drafts.filter((one) => one.visitId === visit.id),
      photographs: (copy.photographs ?? []).filter((one) => one.visitId === visit.id),
    };
    queries.setQueryData(keys.visit(visit.id), (before: WholeVisit | undefined) => newer(before, whole));
  }
}
