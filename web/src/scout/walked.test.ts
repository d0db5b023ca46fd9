import { describe, expect, it } from 'vitest';
import type { Corner } from '../api/types';
import { cornersOf, type Fix, lengthM, withFix } from './walked';

const GATE = { lat: 47.6, lon: -29.1 };

function at(northM: number, eastM: number, accuracyM = 4): Fix {
  return { lat: GATE.lat + northM / 111_195, lon: GATE.lon + eastM / 74_980, accuracyM };
}

/** A step every five metres from corner to corner, a little to either side. */
function walk(corners: [number, number][]): Fix[] {
  const track: Fix[] = [];
  corners.slice(1).forEach(([north, east], i) => {
    const [fromNorth, fromEast] = corners[i] as [number, number];
    const steps = Math.round(Math.hypot(north - fromNorth, east - fromEast) / 5);
    for (let k = 0; k < steps; k++) {
      const sway = k % 2 === 0 ? 0.8 : -0.8;
      const share = k / steps;
      track.push(
        at(
          fromNorth + share * (north - fromNorth) + (k === 0 ? 0 : sway),
          fromEast + share * (east - fromEast) + (k === 0 ? 0 : sway),
        ),
      );
    }
  });
  return track;
}

describe('an edge that is walked', () => {
  it('has its corners and nothing of the swaying between them', () => {
    const corners = cornersOf(
      walk([
        [0, 0],
        [0, 200],
        [120, 200],
        [120, 0],
        [0, 0],
      ]),
    );
    expect(corners).toHaveLength(4);
    expect(corners[2]?.lat).toBeCloseTo(at(120, 0).lat, 4);
  });

  it('keeps a bend that is more than a step off the line', () => {
    const corners = cornersOf(
      walk([
        [0, 0],
        [0, 100],
        [20, 150],
        [0, 200],
        [120, 200],
        [120, 0],
        [0, 0],
      ]),
    );
    expect(corners).toHaveLength(6);
  });

  it('closes where one came back to, without the gate twice', () => {
    const there: Corner[] = [at(0, 0), at(0, 100), at(100, 100), at(100, 0), at(1, 1)];
    expect(cornersOf(there)).toHaveLength(4);
  });

  it('takes no step from one who stands still, nor from a position nobody can trust', () => {
    const one = withFix([], at(0, 0));
    expect(withFix(one, at(1, 1))).toBe(one);
    expect(withFix(one, at(30, 0, 60))).toBe(one);
    expect(withFix(one, at(30, 0))).toHaveLength(2);
  });

  it('tells how far one has walked', () => {
    expect(lengthM([at(0, 0), at(30, 0), at(30, 40)])).toBeCloseTo(70, 0);
    expect(lengthM([])).toBe(0);
  });
});
