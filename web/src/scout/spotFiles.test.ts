import { describe, expect, it } from 'vitest';
import type { LandField } from '../api/types';
import { toGeoJson, toGpx } from './spotFiles';

const CORNER = [
  { lat: 47.6, lon: -29.1 },
  { lat: 47.6005, lon: -29.1 },
  { lat: 47.6, lon: -29.0995 },
];

describe('spots for other programs', () => {
  const field = {
    name: 'Rush & Reed',
    holdingName: 'Hallow Quay',
    outline: [
      { lat: 47.6, lon: -29.1 },
      { lat: 47.6, lon: -29.09 },
      { lat: 47.61, lon: -29.09 },
    ],
    zones: [
      { id: 'z', name: 'main', kind: 'main', outline: [] },
      { id: 'w', name: 'wet corner', kind: 'poor', outline: CORNER },
    ],
    avoid: [CORNER],
    spots: [{ id: 'a', zoneId: 'z', label: '1', note: '<gate>', lat: 47.601, lon: -29.099, retiredOn: null }],
  } as unknown as LandField;

  it('are waypoints with their names written safely', () => {
    expect(toGpx(field)).toContain(
      '<wpt lat="47.601" lon="-29.099"><name>Rush &amp; Reed 1</name><desc>&lt;gate&gt;</desc></wpt>',
    );
  });

  it('and features, longitude first, the ring closed', () => {
    const [outline, zone, avoid, spot] = JSON.parse(toGeoJson(field)).features;
    expect(outline.geometry.coordinates[0]).toHaveLength(4);
    expect(outline.geometry.coordinates[0][3]).toEqual([-29.1, 47.6]);
    // As zones are read from a file.
    expect(zone.properties).toEqual({ name: 'wet corner', kind: 'poor' });
    expect(avoid.properties).toEqual({ kind: 'avoid' });
    expect(avoid.geometry.coordinates).toEqual(zone.geometry.coordinates);
    expect(spot.geometry.coordinates).toEqual([-29.099, 47.601]);
    expect(spot.properties.zone).toBe('main');
  });
});
