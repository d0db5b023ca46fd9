import type { Corner } from '../api/types';

export type Outline = { corners: Corner[]; fault: string | null };

const M_PER_DEGREE = 111_320;

/** Reads corners as "lat, lon" lines, or the outer ring of a GeoJSON polygon (lon first). */
export function readOutline(text: string): Outline {
  const trimmed = text.trim();
  if (trimmed === '') return { corners: [], fault: null };
  return trimmed.startsWith('{') ? readGeoJson(trimmed) : readLines(trimmed);
}

function readLines(text: string): Outline {
  const corners: Corner[] = [];
  const lines = text.split('\n');
  for (let i = 0; i < lines.length; i++) {
    const line = (lines[i] ?? '').trim();
    if (line === '') continue;
    const match = /^(-?\d+(?:\.\d+)?)\s*[,;\s]\s*(-?\d+(?:\.\d+)?)$/.exec(line.replace(/−/g, '-'));
    const lat = Number(match?.[1]);
    const lon = Number(match?.[2]);
    if (!match || Math.abs(lat) > 90 || Math.abs(lon) > 180) {
      return { corners, fault: `Line ${i + 1}: write latitude, then longitude, such as 47.6012, -29.1088.` };
    }
    corners.push({ lat, lon });
  }
  return { corners, fault: null };
}

function readGeoJson(text: string): Outline {
  try {
    const json = JSON.parse(text);
    const geometry =
      json.type === 'FeatureCollection' ? json.features?.[0]?.geometry : (json.geometry ?? json);
    if (geometry?.type !== 'Polygon') {
      return { corners: [], fault: 'This GeoJSON has no polygon.' };
    }
    const ring = geometry.coordinates[0] as [number, number][];
    const corners = ring.map(([lon, lat]) => ({ lat, lon }));
    const first = corners[0];
    const last = corners.at(-1);
    // GeoJSON repeats the first corner at the end; an outline here does not.
    const open =
      first && last && first.lat === last.lat && first.lon === last.lon ? corners.slice(0, -1) : corners;
    const bad = open.some((corner) => !Number.isFinite(corner.lat) || !Number.isFinite(corner.lon));
    return bad
      ? { corners: [], fault: 'A corner of this GeoJSON is not a number.' }
      : { corners: open, fault: null };
  } catch {
    return { corners: [], fault: 'This looks like GeoJSON and cannot be read. Is a part of it missing?' };
  }
}

export function writeOutline(corners: Corner[]): string {
  return corners.map((corner) => `${corner.lat.toFixed(6)}, ${corner.lon.toFixed(6)}`).join('\n');
}

/** A square of that many hectares about a place: a first outline to be put right later. */
export function squareAbout(centre: Corner, ha: number): Corner[] {
  const half = Math.sqrt(ha * 10_000) / 2;
  const dLat = half / M_PER_DEGREE;
  const dLon = half / (M_PER_DEGREE * Math.cos((centre.lat * Math.PI) / 180));
  return [
    { lat: centre.lat - dLat, lon: centre.lon - dLon },
    { lat: centre.lat + dLat, lon: centre.lon - dLon },
    { lat: centre.lat + dLat, lon: centre.lon + dLon },
    { lat: centre.lat - dLat, lon: centre.lon + dLon },
  ];
}

/** A new corner between the two where it is the least way round. */
export function withCorner(ring: Corner[], place: Corner): Corner[] {
  if (ring.length < 3) return [...ring, place];
  const narrowing = Math.cos((place.lat * Math.PI) / 180);
  const apart = (a: Corner, b: Corner) => Math.hypot(a.lat - b.lat, (a.lon - b.lon) * narrowing);
  let least = Number.POSITIVE_INFINITY;
  let after = 0;
  ring.forEach((corner, i) => {
    const next = ring[(i + 1) % ring.length] as Corner;
    const round = apart(corner, place) + apart(place, next) - apart(corner, next);
    if (round < least) {
      least = round;
      after = i;
    }
  });
  return [...ring.slice(0, after + 1), place, ...ring.slice(after + 1)];
}
