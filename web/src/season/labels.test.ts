import { expect, it } from 'vitest';
import { overlap, placeLabels } from './labels';

const SHEET = { width: 400, height: 300 };

it('labels of neighbours do not lie on one another', () => {
  const labels = placeLabels(
    [
      { id: 'a', x: 100, y: 100, width: 90, height: 26 },
      { id: 'b', x: 130, y: 104, width: 90, height: 26 },
      { id: 'c', x: 120, y: 110, width: 90, height: 26 },
    ],
    SHEET,
  );
  labels.forEach((one, i) => {
    for (const other of labels.slice(i + 1)) {
      expect(overlap(one, other)).toBe(false);
    }
  });
});

it('a label that has room stays where it is wanted', () => {
  expect(placeLabels([{ id: 'a', x: 100, y: 100, width: 90, height: 26 }], SHEET)[0]).toMatchObject({
    x: 100,
    y: 100,
  });
});

it('a label at the edge is kept on the sheet', () => {
  const [label] = placeLabels([{ id: 'a', x: 380, y: 290, width: 90, height: 26 }], SHEET);
  expect((label?.x ?? 0) + 90).toBeLessThanOrEqual(400);
  expect((label?.y ?? 0) + 26).toBeLessThanOrEqual(300);
});

it('a name keeps off the scale bar and the north arrow', () => {
  const bar = { x: 0, y: 170, width: 120, height: 30 };
  const [name] = placeLabels(
    [{ id: 'a', x: 20, y: 165, width: 90, height: 20 }],
    { width: 200, height: 220 },
    [bar],
  );
  expect(name && overlap(name, bar)).toBe(false);
});
