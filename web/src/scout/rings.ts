import type { Corner, LandField } from '../api/types';
import { zoneName } from '../ground/ZonePick';

/** An outline that can be taken in hand: the field's edge, a zone, a place to avoid. */
export type Ring = { key: string; of: 'edge' | 'zone' | 'avoid'; name: string; corners: Corner[] };

/** The edge, every zone but the whole field, every place to avoid. */
export function ringsOf(field: LandField): Ring[] {
  return [
    { key: 'edge', of: 'edge', name: 'the edge', corners: field.outline },
    ...field.zones
      .filter((zone) => zone.kind !== 'main')
      .map((zone) => ({
        key: zone.id,
        of: 'zone' as const,
        name: zoneName(zone),
        corners: zone.outline ?? [],
      })),
    ...(field.avoid ?? []).map((corners, i) => avoidance(i, corners)),
  ];
}

export function avoidance(i: number, corners: Corner[]): Ring {
  return { key: `avoid-${i}`, of: 'avoid', name: `avoid ${i + 1}`, corners };
}

export function cornersBy(rings: Ring[], of: Ring['of']): Corner[][] {
  return rings.filter((ring) => ring.of === of && ring.corners.length > 0).map((ring) => ring.corners);
}

/** Whether a place lies in a ring: a line from it to the east crosses the ring an odd number of times. */
export function liesIn(place: Corner, ring: Corner[]): boolean {
  let inside = false;
  ring.forEach((a, i) => {
    const b = ring[(i + 1) % ring.length] as Corner;
    const spans = a.lat > place.lat !== b.lat > place.lat;
    if (spans && place.lon < a.lon + ((place.lat - a.lat) / (b.lat - a.lat)) * (b.lon - a.lon))
      inside = !inside;
  });
  return inside;
}

/** The drawn zone a place lies in; of several the one with the least span, since a strip may cross a patch. */
export function zoneAt(place: Corner, zones: LandField['zones']): LandField['zones'][number] | null {
  const span = (corners: Corner[]) =>
    Math.max(...corners.map((at) => at.lat)) - Math.min(...corners.map((at) => at.lat));
  return (
    zones
      .filter((zone) => (zone.outline ?? []).length > 2 && liesIn(place, zone.outline))
      .sort((a, b) => span(a.outline) - span(b.outline))[0] ?? null
  );
}
