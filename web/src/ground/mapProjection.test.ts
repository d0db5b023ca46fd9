import { describe, expect, it } from 'vitest';
import { boxOf, middle, project, scaleBar } from './mapProjection';

const FIELD = [
  { lat: 47.6, lon: -29.11 },
  { lat: 47.603, lon: -29.11 },
  { lat: 47.603, lon: -29.106 },
];

describe('the map', () => {
  it('has north up and east to the right', () => {
    const { to } = project(boxOf(FIELD), 800, 600, 20);
    const south = to({ lat: 47.6, lon: -29.11 });
    const north = to({ lat: 47.603, lon: -29.11 });
    const east = to({ lat: 47.603, lon: -29.106 });
    expect(north.y).toBeLessThan(south.y);
    expect(east.x).toBeGreaterThan(north.x);
  });

  it('is true to scale in both directions', () => {
    const { to, pxPerM } = project(boxOf(FIELD), 800, 600, 20);
    const a = to({ lat: 47.6, lon: -29.11 });
    const b = to({ lat: 47.601, lon: -29.11 });
    expect((a.y - b.y) / pxPerM).toBeCloseTo(111.32, 1);
  });

  it('gives back the place that was tapped', () => {
    const { to, back } = project(boxOf(FIELD), 800, 600, 20);
    const place = back(to({ lat: 47.6012, lon: -29.1088 }));
    expect(place.lat).toBeCloseTo(47.6012, 9);
    expect(place.lon).toBeCloseTo(-29.1088, 9);
  });

  it('has a scale bar of a round length no longer than asked', () => {
    expect(scaleBar(0.5, 120)).toEqual({ m: 200, px: 100 });
  });

  it('finds the middle of a square, and of a line', () => {
    expect(
      middle([
        { x: 0, y: 0 },
        { x: 2, y: 0 },
        { x: 2, y: 2 },
        { x: 0, y: 2 },
      ]),
    ).toEqual({ x: 1, y: 1 });
    expect(
      middle([
        { x: 0, y: 0 },
        { x: 4, y: 0 },
      ]),
    ).toEqual({ x: 2, y: 0 });
  });
});
