import type { Corner } from '../api/types';

export type Box = { south: number; west: number; north: number; east: number };
export type XY = { x: number; y: number };

const M_PER_DEGREE = 111_320;

/** The smallest box round all of these places. */
export function boxOf(places: Corner[]): Box {
  return {
    south: Math.min(...places.map((place) => place.lat)),
    west: Math.min(...places.map((place) => place.lon)),
    north: Math.max(...places.map((place) => place.lat)),
    east: Math.max(...places.map((place) => place.lon)),
  };
}

export type Projection = {
  to: (place: Corner) => XY;
  back: (at: XY) => Corner;
  pxPerM: number;
};

/** North up, true to scale about the middle of the box: right to a thousandth over a few kilometres. */
export function project(box: Box, width: number, height: number, margin: number): Projection {
  const midLat = (box.south + box.north) / 2;
  const midLon = (box.west + box.east) / 2;
  const mPerLon = M_PER_DEGREE * Math.cos((midLat * Math.PI) / 180);
  const wide = Math.max(20, (box.east - box.west) * mPerLon);
  const high = Math.max(20, (box.north - box.south) * M_PER_DEGREE);
  const pxPerM = Math.min((width - 2 * margin) / wide, (height - 2 * margin) / high);
  return {
    pxPerM,
    to: (place) => ({
      x: width / 2 + (place.lon - midLon) * mPerLon * pxPerM,
      y: height / 2 - (place.lat - midLat) * M_PER_DEGREE * pxPerM,
    }),
    back: (at) => ({
      lat: midLat - (at.y - height / 2) / (M_PER_DEGREE * pxPerM),
      lon: midLon + (at.x - width / 2) / (mPerLon * pxPerM),
    }),
  };
}

/** A round length for a scale bar of about that many pixels. */
export function scaleBar(pxPerM: number, aboutPx: number): { m: number; px: number } {
  const rough = aboutPx / pxPerM;
  const power = 10 ** Math.floor(Math.log10(rough));
  const m = [5, 2, 1].map((factor) => factor * power).find((length) => length <= rough) ?? power;
  return { m, px: m * pxPerM };
}

/** The middle of a polygon by its area; of a line or a point, the mean of its corners. */
export function middle(points: XY[]): XY {
  let area = 0;
  let x = 0;
  let y = 0;
  points.forEach((a, i) => {
    const b = points[(i + 1) % points.length] as XY;
    const cross = a.x * b.y - b.x * a.y;
    area += cross;
    x += (a.x + b.x) * cross;
    y += (a.y + b.y) * cross;
  });
  if (Math.abs(area) < 1e-9) {
    const n = Math.max(1, points.length);
    return { x: points.reduce((sum, p) => sum + p.x, 0) / n, y: points.reduce((sum, p) => sum + p.y, 0) / n };
  }
  return { x: x / (3 * area), y: y / (3 * area) };
}
