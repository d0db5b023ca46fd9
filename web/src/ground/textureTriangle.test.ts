import { describe, expect, it } from 'vitest';
import { CLASSES, nearestBorder, placed } from './textureTriangle';

/** Twice the area that a class has in the drawing. */
function area(corners: [number, number][]): number {
  const points = corners.map(([sand, clay]) => placed(sand, clay, 100));
  return Math.abs(
    points.reduce((sum, p, i) => {
      const q = points[(i + 1) % points.length] ?? p;
      return sum + p.x * q.y - q.x * p.y;
    }, 0),
  );
}

describe('the texture triangle as it is drawn', () => {
  it('is filled by its twelve classes, without a gap and without an overlap', () => {
    const all = Object.values(CLASSES).reduce((sum, corners) => sum + area(corners), 0);
    expect(Object.keys(CLASSES)).toHaveLength(12);
    expect(all).toBeCloseTo(
      area([
        [100, 0],
        [0, 100],
        [0, 0],
      ]),
      6,
    );
  });

  it('has sand at the left, silt at the right, clay on top', () => {
    expect(placed(100, 0, 200)).toEqual({ x: 0, y: 173.2 });
    expect(placed(0, 0, 200)).toEqual({ x: 200, y: 173.2 });
    expect(placed(0, 100, 200)).toEqual({ x: 100, y: 0 });
  });

  it('a loam of 26 % clay lies next to clay loam', () => {
    const border = nearestBorder(35, 26);
    expect(border?.clay).toBeCloseTo(27, 6);
  });

  it('the edge of the triangle is no border between soils', () => {
    const border = nearestBorder(99, 0.5);
    expect(border && border.sand + border.clay < 100).toBe(true);
  });
});
