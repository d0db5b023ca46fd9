import type { LandField, Sample, WholeVisit } from '../api/types';
import { sayMine } from '../ground/myUnits';

/** Where a reading is taken: a spot, or a sample mixed from several. */
export type Place = { id: string; label: string; note: string | null; sample: Sample | null };

/** The spots that are gone to, then the visit's samples in the order taken. */
export function placesOf(whole: WholeVisit): Place[] {
  const spots = whole.field.spots
    .filter((spot) => spot.retiredOn === null)
    .map((spot) => ({ id: spot.id, label: spot.label, note: spot.note, sample: null }));
  const samples = whole.field.samples
    .filter((sample) => sample.visitId === whole.visit.id)
    .sort((a, b) => a.takenAt.localeCompare(b.takenAt))
    .map((sample) => ({ id: sample.id, label: sample.label, note: depthWords(sample), sample }));
  return [...spots, ...samples];
}

function depthWords(sample: Sample): string {
  return sayMine(
    `mixed from ${sample.spots.length === 1 ? 'one spot' : `${sample.spots.length} spots`}, ${sample.topCm} to ${sample.bottomCm} cm`,
  );
}

/** What a spot or a sample is called; a question mark where neither is known. */
export function labelIn(field: LandField, placeId: string): string {
  return (
    field.spots.find((spot) => spot.id === placeId)?.label ??
    field.samples.find((sample) => sample.id === placeId)?.label ??
    '?'
  );
}

/** The spot or sample that something was read at. */
export function placeOf(one: { spotId?: string | null; sampleId?: string | null }): string {
  return one.spotId ?? one.sampleId ?? '';
}
