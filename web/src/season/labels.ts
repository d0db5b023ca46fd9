/** A name on the map: its left upper corner and its size, px. */
export type Label = { id: string; x: number; y: number; width: number; height: number };

/** A part of the sheet that is taken: the scale bar, the north arrow. */
export type Taken = Omit<Label, 'id'>;

/** Moves labels apart, each downward or upward by as little as does it, and keeps all of them on the sheet and off what is taken. */
export function placeLabels(
  labels: Label[],
  sheet: { width: number; height: number },
  taken: Taken[] = [],
): Label[] {
  const placed: Label[] = [];
  for (const wanted of [...labels].sort((a, b) => a.y - b.y || a.x - b.x)) {
    const x = Math.max(2, Math.min(sheet.width - wanted.width - 2, wanted.x));
    const shifts = [
      0,
      ...Array.from({ length: 40 }, (_, i) => (i % 2 === 0 ? 1 : -1) * Math.ceil((i + 1) / 2) * 8),
    ];
    const free = shifts
      .map((shift) => ({ ...wanted, x, y: wanted.y + shift }))
      .find(
        (label) =>
          label.y >= 0 &&
          label.y + label.height <= sheet.height &&
          ![...placed, ...taken].some((other) => overlap(label, other)),
      );
    placed.push(free ?? { ...wanted, x });
  }
  return placed;
}

export function overlap(a: Taken, b: Taken): boolean {
  return a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;
}
