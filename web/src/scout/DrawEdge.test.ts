import { expect, it } from 'vitest';
import { boxOf } from '../ground/mapProjection';
import { ground } from './DrawEdge';

const OUTLINE = [
  { lat: 47.6, lon: -29.1 },
  { lat: 47.602, lon: -29.1 },
  { lat: 47.602, lon: -29.096 },
];

it('a new field is drawn beside the land of its holding, on ground twice as wide', () => {
  const box = boxOf(ground([], [{ outline: OUTLINE }], null));
  expect(box.south).toBeCloseTo(47.599, 9);
  expect(box.north).toBeCloseTo(47.603, 9);
  expect(box.west).toBeCloseTo(-29.102, 9);
  expect(box.east).toBeCloseTo(-29.094, 9);
});

it('about one place there is room for a field before its second corner', () => {
  const here = { lat: 47.6, lon: -29.1 };
  const box = boxOf(ground([], [], here));
  expect((box.north - box.south) * 111_320).toBeCloseTo(447, 0);
  expect(boxOf(ground([here], [], null))).toEqual(box);
});

it('an outline that is there is shown by itself, and where nothing is known there is no ground', () => {
  expect(ground(OUTLINE, [], null)).toEqual(OUTLINE);
  expect(ground([], [], null)).toEqual([]);
});
