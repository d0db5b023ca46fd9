import type { QueryClient } from '@tanstack/react-query';
import { keys } from '../api/keys';
import type { Intervention, LandField, Sample, Spot, Visit, WholeVisit, Zone } from '../api/types';

/** What was saved, or is kept to be, in the page's own answers: every page shows it at once, with or without a signal. */
export function knowVisit(queries: QueryClient, field: LandField, visit: Visit): void {
  queries.setQueryData<WholeVisit>(keys.visit(visit.id), (whole) =>
    whole ? { ...whole, visit } : { visit, field, readings: [], drafts: [], photographs: [] },
  );
  queries.setQueryData<Visit[]>(keys.visits(field.id), (all) =>
    put(all ?? [], visit).sort((a, b) => b.day.localeCompare(a.day) || b.id.localeCompare(a.id)),
  );
}

export function knowField(queries: QueryClient, field: LandField): void {
  queries.setQueryData<LandField>(keys.field(field.id), field);
  if (!queries.getQueryData(keys.visits(field.id))) queries.setQueryData<Visit[]>(keys.visits(field.id), []);
  if (!queries.getQueryData(keys.interventions(field.id))) {
    queries.setQueryData<Intervention[]>(keys.interventions(field.id), []);
  }
  // A visit brings its field along.
  queries.setQueriesData<WholeVisit>({ queryKey: ['visit'] }, (whole) =>
    whole?.field?.id === field.id ? { ...whole, field } : whole,
  );
}

export function knowSpot(queries: QueryClient, field: LandField, spot: Spot): void {
  knowField(queries, { ...field, spots: put(field.spots, spot) });
}

export function knowZone(queries: QueryClient, field: LandField, zone: Zone): void {
  knowField(queries, { ...field, zones: put(field.zones, zone) });
}

export function knowSample(queries: QueryClient, field: LandField, sample: Sample): void {
  knowField(queries, { ...field, samples: put(field.samples, sample) });
}

export function knowDone(queries: QueryClient, done: Intervention): void {
  queries.setQueryData<Intervention[]>(keys.interventions(done.fieldId), (all) => put(all ?? [], done));
}

function put<T extends { id: string }>(all: T[], one: T): T[] {
  return all.some((other) => other.id === one.id)
    ? all.map((other) => (other.id === one.id ? one : other))
    : [...all, one];
}
