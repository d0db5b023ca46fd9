import { describe, expect, it } from 'vitest';
import { boxOf, project } from './mapProjection';
import { seen, WHOLE, zoomed } from './useMapView';

const base = project(
  boxOf([
    { lat: 47.6, lon: -29.11 },
    { lat: 47.603, lon: -29.106 },
  ]),
  460,
  420,
  40,
);

describe('a map that is looked at from nearer', () => {
  it('keeps the place under the finger where it is', () => {
    const about = { x: 120, y: 300 };
    const place = base.back(about);
    const at = seen(base, zoomed(WHOLE, 3, about)).to(place);
    expect(at.x).toBeCloseTo(120, 6);
    expect(at.y).toBeCloseTo(300, 6);
  });

  it('gives back the place that is tapped', () => {
    const near = seen(base, zoomed(zoomed(WHOLE, 4, { x: 10, y: 10 }), 1.5, { x: 400, y: 50 }));
    const place = near.back(near.to({ lat: 47.6012, lon: -29.1088 }));
    expect(place.lat).toBeCloseTo(47.6012, 9);
    expect(place.lon).toBeCloseTo(-29.1088, 9);
  });

  it('is true to its scale bar', () => {
    expect(seen(base, zoomed(WHOLE, 2, { x: 0, y: 0 })).pxPerM).toBeCloseTo(2 * base.pxPerM, 9);
  });

  it('never goes farther than the whole of it', () => {
    expect(zoomed(zoomed(WHOLE, 2, { x: 50, y: 50 }), 0.1, { x: 0, y: 0 })).toEqual(WHOLE);
  });
});
