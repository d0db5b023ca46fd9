import { hashKey, type QueryClient } from '@tanstack/react-query';
import { keys } from '../api/keys';
import type { Photograph, Reading, Visit, WholeVisit } from '../api/types';
import { sentencesInMine } from '../ground/myUnits';
import type { Copy } from './database';

/**
 * An answer, put where the pages look for what it changed, were the signal gone with it; and that as it is to be kept, in one with
 * its parcel's going. What else the write changed is fetched after.
 */
export function landed(queries: QueryClient, path: string, answer: unknown): Copy[] {
  const about = answer as { id?: string; visitId?: string } | null;
  const visitId = path.startsWith('/api/visits/') ? about?.id : about?.visitId;
  const before = visitId ? queries.getQueryData<WholeVisit>(keys.visit(visitId)) : undefined;
  const after = before && withAnswer(before, path, sentencesInMine(answer));
  if (!visitId || !after) return [];
  const queryKey = keys.visit(visitId);
  queries.setQueryData(queryKey, after);
  return [{ key: `q:${hashKey(queryKey)}`, value: { queryKey, data: after }, at: Date.now() }];
}

/** A visit with what was written of it; null where it says nothing that is shown. */
export function withAnswer(whole: WholeVisit, path: string, answer: unknown): WholeVisit | null {
  if (/^\/api\/visits\/[^/]+$/.test(path)) {
    const visit = answer as Visit;
    return visit.revision < whole.visit.revision ? null : { ...whole, visit };
  }
  if (/^\/api\/readings\/[^/]+$/.test(path)) {
    const reading = answer as Reading;
    const others = whole.readings
      .filter((one) => one.id !== reading.id)
      .map((one) => (one.id === reading.corrects ? { ...one, correctedBy: reading.id } : one));
    return { ...raised(whole, whole.readings, reading.id), readings: [...others, reading] };
  }
  if (/^\/api\/photographs\/[^/?]+(\?|$)/.test(path)) {
    const picture = answer as Photograph;
    const others = whole.photographs.filter((one) => one.id !== picture.id);
    return { ...raised(whole, whole.photographs, picture.id), photographs: [...others, picture] };
  }
  return null;
}

/** What is new in it was written after it was fetched, which raised its revision: an answer of before comes too late. */
function raised(whole: WholeVisit, known: { id: string }[], id: string): WholeVisit {
  if (known.some((one) => one.id === id)) return whole;
  return { ...whole, visit: { ...whole.visit, revision: whole.visit.revision + 1 } };
}
