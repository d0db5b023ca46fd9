/** Depths that are looked at closely, cm; the first two where the cut goes no deeper. */
const PARTS: [number, number][] = [
  [0, 30],
  [30, 60],
  [60, 100],
  [100, 150],
];

/** The parts of a cut that can be looked at by themselves: none where it is no deeper than one of them. */
export function partsOf(deepestCm: number): [number, number][] {
  if (deepestCm <= 30) return [];
  return PARTS.filter(([from]) => from < deepestCm);
}

/** A window moved or narrowed by a key, held within the cut; null is the whole of it. */
export function moved(
  between: [number, number] | null,
  key: string,
  deepestCm: number,
): [number, number] | null {
  const [from, to] = between ?? [0, deepestCm];
  const wide = to - from;
  const at = (top: number, bottom: number): [number, number] | null =>
    top <= 0 && bottom >= deepestCm ? null : [Math.max(0, top), Math.min(deepestCm, bottom)];
  switch (key) {
    case '+':
      return wide <= 20 ? between : at(from, from + Math.max(20, Math.round(wide / 2 / 10) * 10));
    case '-':
      return at(Math.max(0, from - wide / 2), from + wide * 1.5);
    case 'ArrowDown':
      return between && to < deepestCm
        ? at(Math.min(from + 10, deepestCm - wide), Math.min(to + 10, deepestCm))
        : between;
    case 'ArrowUp':
      return between && from > 0 ? at(Math.max(0, from - 10), Math.max(wide, to - 10)) : between;
    case 'Escape':
      return null;
    default:
      return between;
  }
}
