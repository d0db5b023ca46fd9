/** The twelve classes of the texture triangle (USDA) by their corners, sand and clay in percent; only drawn, never computed with. */
export const CLASSES: Record<string, [sand: number, clay: number][]> = {
  sand: [
    [100, 0],
    [90, 10],
    [85, 0],
  ],
  'loamy-sand': [
    [85, 0],
    [90, 10],
    [85, 15],
    [70, 0],
  ],
  'sandy-loam': [
    [70, 0],
    [85, 15],
    [80, 20],
    [52, 20],
    [52, 7],
    [43, 7],
    [50, 0],
  ],
  loam: [
    [52, 7],
    [52, 20],
    [45, 27],
    [23, 27],
    [43, 7],
  ],
  'silt-loam': [
    [50, 0],
    [43, 7],
    [23, 27],
    [0, 27],
    [0, 12],
    [8, 12],
    [20, 0],
  ],
  silt: [
    [20, 0],
    [8, 12],
    [0, 12],
    [0, 0],
  ],
  'sandy-clay-loam': [
    [80, 20],
    [65, 35],
    [45, 35],
    [45, 27],
    [52, 20],
  ],
  'clay-loam': [
    [45, 27],
    [45, 40],
    [20, 40],
    [20, 27],
  ],
  'silty-clay-loam': [
    [20, 27],
    [20, 40],
    [0, 40],
    [0, 27],
  ],
  'sandy-clay': [
    [65, 35],
    [45, 55],
    [45, 35],
  ],
  'silty-clay': [
    [20, 40],
    [0, 60],
    [0, 40],
  ],
  clay: [
    [45, 40],
    [45, 55],
    [0, 100],
    [0, 60],
    [20, 40],
  ],
};

type Point = { x: number; y: number };

/** Where a point of the triangle lies in a drawing so wide, sand growing to the left, clay upward. */
export function placed(sand: number, clay: number, side: number): Point {
  const silt = 100 - sand - clay;
  return { x: ((silt + clay / 2) / 100) * side, y: (1 - clay / 100) * side * 0.866 };
}

/** The nearest place on a border between two classes; the triangle's own sides are no borders. */
export function nearestBorder(sand: number, clay: number): { sand: number; clay: number } | null {
  const at = placed(sand, clay, 100);
  let best: { sand: number; clay: number } | null = null;
  let least = Number.POSITIVE_INFINITY;
  for (const corners of Object.values(CLASSES)) {
    corners.forEach((from, i) => {
      const to = corners[(i + 1) % corners.length] ?? from;
      if (isSide(from, to)) return;
      const a = placed(from[0], from[1], 100);
      const b = placed(to[0], to[1], 100);
      const long = (b.x - a.x) ** 2 + (b.y - a.y) ** 2;
      const along = ((at.x - a.x) * (b.x - a.x) + (at.y - a.y) * (b.y - a.y)) / long;
      const t = Math.max(0, Math.min(1, along));
      const gap = Math.hypot(at.x - a.x - t * (b.x - a.x), at.y - a.y - t * (b.y - a.y));
      if (gap < least) {
        least = gap;
        best = { sand: from[0] + t * (to[0] - from[0]), clay: from[1] + t * (to[1] - from[1]) };
      }
    });
  }
  return best;
}

function isSide(a: [number, number], b: [number, number]): boolean {
  const along = (of: (p: [number, number]) => number) => of(a) === 0 && of(b) === 0;
  return along((p) => p[0]) || along((p) => p[1]) || along((p) => 100 - p[0] - p[1]);
}
