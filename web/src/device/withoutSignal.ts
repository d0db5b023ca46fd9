import type { QueryClient } from '@tanstack/react-query';
import { problemOf } from '../api/client';
import { keys } from '../api/keys';
import { Failed, NoSignal } from '../api/problem';
import type { FieldCopy, Reading, ReadingBody, WholeVisit } from '../api/types';
import { sentencesInMine } from '../ground/myUnits';
import { copyOf } from './copies';
import { askCore, type CoreFunction } from './core';
import { isCounted, type Parcel } from './parcel';
import { parcels } from './parcels';

/** The server's answer; without a signal the core's own, from the copy of the field and what waits on this device. */
export async function serverOrCore<T>(
  ask: () => Promise<T>,
  queries: QueryClient,
  visitId: string,
  name: CoreFunction,
  more: Record<string, unknown>,
): Promise<T> {
  try {
    return await ask();
  } catch (fault) {
    if (!(fault instanceof NoSignal)) throw fault;
    const whole = queries.getQueryData<WholeVisit>(keys.visit(visitId));
    const bundle = whole ? await bundleOf(queries, whole.field.id) : null;
    if (!bundle) throw fault;
    return answered(await askCore(name, { visitId, ...more }, bundle)) as T;
  }
}

/** What the core said, or the problem it named. */
export function answered(said: unknown): unknown {
  const problem = said as { status?: number; code?: string } | null;
  if (problem?.status !== undefined && problem.code !== undefined) {
    throw new Failed(problemOf(problem.status, said));
  }
  return sentencesInMine(said);
}

/** The copy of a field with what the page knows of its visits since, and with what was counted here and is not sent yet. */
async function bundleOf(queries: QueryClient, fieldId: string): Promise<FieldCopy | null> {
  const kept = await copyOf(fieldId);
  const field = queries.getQueryData<FieldCopy['field']>(keys.field(fieldId)) ?? kept?.field;
  const all = queries.getQueryData<FieldCopy['visits']>(keys.visits(fieldId)) ?? kept?.visits;
  if (!field || !all) return null;
  const log = queries.getQueryData<FieldCopy['log']>(keys.interventions(fieldId)) ?? kept?.log ?? [];
  const copy = { readings: [], ...kept, field, visits: all, log } as unknown as FieldCopy;
  const known = copy.visits.map((visit) => queries.getQueryData<WholeVisit>(keys.visit(visit.id)));
  const visits = copy.visits.map((visit, i) => {
    const page = known[i];
    return page && page.visit.revision >= visit.revision ? page.visit : visit;
  });
  const readings = copy.visits.flatMap((visit, i) => {
    const page = known[i];
    return page && page.visit.revision >= visit.revision
      ? page.readings
      : copy.readings.filter((one) => one.visitId === visit.id);
  });
  return { ...copy, visits, readings: withUnsent(readings, parcels()) };
}

/** Those that were counted on this device stand among them; the ones they correct do not any more. */
export function withUnsent(readings: Reading[], all: Parcel[]): Reading[] {
  const unsent = all.flatMap((one) => {
    return isCounted(one.state) && one.path.startsWith('/api/readings/') && one.result !== null
      ? [asReading(one)]
      : [];
  });
  const corrected = new Map(unsent.map((one) => [one.corrects, one.id]));
  return [
    ...readings
      .filter((one) => !unsent.some((other) => other.id === one.id))
      .map((one) => (corrected.has(one.id) ? { ...one, correctedBy: corrected.get(one.id) ?? null } : one)),
    ...unsent,
  ];
}

function asReading(parcel: Parcel): Reading {
  const body = parcel.body as ReadingBody;
  return {
    ...(body as unknown as Reading),
    id: parcel.path.split('/').at(-1) ?? '',
    correctedBy: null,
    setAside: null,
    evaluation: parcel.result as Reading['evaluation'],
  };
}
