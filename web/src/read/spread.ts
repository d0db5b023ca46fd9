/** Moves marks that would lie on one another up or down a little: an offset for each place, px. */
export function spread(places: number[], apart: number, step: number): number[] {
  const placed: { x: number; offset: number }[] = [];
  const offsets = new Array<number>(places.length).fill(0);
  const order = places.map((_, i) => i).sort((a, b) => (places[a] ?? 0) - (places[b] ?? 0));
  for (const i of order) {
    const x = places[i] ?? 0;
    const tries = [0, 1, -1, 2, -2, 3, -3].map((n) => n * step);
    const free = tries.find(
      (offset) => !placed.some((one) => Math.abs(one.x - x) < apart && Math.abs(one.offset - offset) < step),
    );
    offsets[i] = free ?? 0;
    placed.push({ x, offset: free ?? 0 });
  }
  return offsets;
}
