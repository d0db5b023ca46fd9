import { describe, expect, it } from 'vitest';
import { readOutline, squareAbout, withCorner, writeOutline } from './outline';

describe('an outline', () => {
  it('is read from lines of latitude and longitude', () => {
    expect(readOutline('47.6012, -29.1088\n\n47.603 −29.1\n').corners).toEqual([
      { lat: 47.6012, lon: -29.1088 },
      { lat: 47.603, lon: -29.1 },
    ]);
  });

  it('names the line that cannot be read', () => {
    expect(readOutline('47.6, -29.1\nnorth gate').fault).toMatch(/^Line 2:/);
    expect(readOutline('97.6, -29.1').fault).toMatch(/^Line 1:/);
  });

  it('is read from GeoJSON, longitude first and closed', () => {
    const polygon = {
      type: 'Polygon',
      coordinates: [
        [
          [-29.1, 47.6],
          [-29.1, 47.7],
          [-29, 47.7],
          [-29.1, 47.6],
        ],
      ],
    };
    expect(readOutline(JSON.stringify({ type: 'Feature', geometry: polygon })).corners).toHaveLength(3);
    expect(readOutline('{"type":"Point"}').fault).toMatch(/no polygon/);
    expect(readOutline('{"type":').fault).toMatch(/cannot be read/);
  });

  it('is nothing and no fault where nothing was typed, and comes back as it was written', () => {
    expect(readOutline('  ')).toEqual({ corners: [], fault: null });
    const corners = [{ lat: 47.6, lon: -29.1 }];
    expect(readOutline(writeOutline(corners)).corners).toEqual(corners);
  });

  it('can begin as a square of so many hectares', () => {
    const [a, b] = squareAbout({ lat: 0, lon: 0 }, 1);
    expect(((b?.lat ?? 0) - (a?.lat ?? 0)) * 111_320).toBeCloseTo(100, 6);
  });
});

describe('a corner set on the map', () => {
  const square = [
    { lat: 0, lon: 0 },
    { lat: 0, lon: 1 },
    { lat: 1, lon: 1 },
    { lat: 1, lon: 0 },
  ];

  it('goes between the two where it is the least way round', () => {
    const place = { lat: 0.5, lon: 1.1 };
    expect(withCorner(square, place)[2]).toEqual(place);
    const last = { lat: 0.5, lon: -0.1 };
    expect(withCorner(square, last)[4]).toEqual(last);
  });

  it('follows the ones before it until there is an outline', () => {
    expect(withCorner(square.slice(0, 2), { lat: 9, lon: 9 })).toHaveLength(3);
  });
});
