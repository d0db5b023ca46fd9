import type { Corner, LandField } from '../api/types';
import { livingSpots } from './plan';

/** The spots as other programs read them: GPX 1.1 waypoints. */
export function toGpx(field: LandField): string {
  const points = livingSpots(field)
    .map(
      (spot) =>
        `  <wpt lat="${spot.lat}" lon="${spot.lon}"><name>${escaped(`${field.name} ${spot.label}`)}</name>${spot.note ? `<desc>${escaped(spot.note)}</desc>` : ''}</wpt>`,
    )
    .join('\n');
  return `<?xml version="1.0" encoding="UTF-8"?>\n<gpx version="1.1" creator="Morphotera" xmlns="http://www.topografix.com/GPX/1/1">\n${points}\n</gpx>\n`;
}

function area(outline: Corner[], properties: Record<string, string>) {
  const ring = outline.map((corner) => [corner.lon, corner.lat]);
  return { type: 'Feature', properties, geometry: { type: 'Polygon', coordinates: [[...ring, ring[0]]] } };
}

/** The outline, drawn zones, places to avoid and spots as GeoJSON features, longitude first. */
export function toGeoJson(field: LandField): string {
  const features = [
    area(field.outline, { name: field.name, holding: field.holdingName }),
    ...field.zones
      .filter((zone) => zone.outline.length > 0)
      .map((zone) => area(zone.outline, { name: zone.name, kind: zone.kind })),
    ...field.avoid.map((outline) => area(outline, { kind: 'avoid' })),
    ...livingSpots(field).map((spot) => ({
      type: 'Feature',
      properties: {
        name: spot.label,
        note: spot.note,
        zone: field.zones.find((zone) => zone.id === spot.zoneId)?.name ?? null,
      },
      geometry: { type: 'Point', coordinates: [spot.lon, spot.lat] },
    })),
  ];
  return JSON.stringify({ type: 'FeatureCollection', features }, null, 1);
}

function escaped(text: string): string {
  return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/>/g, '&gt;').replace(/"/g, '&quot;');
}
