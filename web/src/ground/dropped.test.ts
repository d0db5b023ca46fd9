import type { DragEvent } from 'react';
import { expect, it, vi } from 'vitest';
import { takesFile } from './dropped';

/** Something dropped on a place: whether the browser still opens it by itself, and what was taken. */
function dropped(files: unknown[]) {
  const take = vi.fn();
  const preventDefault = vi.fn();
  const event = { preventDefault, dataTransfer: { files } } as unknown as DragEvent;
  const place = takesFile(take);
  place.onDragOver(event);
  place.onDrop(event);
  return { take, kept: preventDefault.mock.calls.length === 2 };
}

it('a file that is dropped is taken, the first of several, and the page stays', () => {
  const { take, kept } = dropped(['outline', 'another']);
  expect(take.mock.calls).toEqual([['outline']]);
  expect(kept).toBe(true);
});

it('a word that is dropped is no file', () => {
  const { take, kept } = dropped([]);
  expect(take).not.toHaveBeenCalled();
  expect(kept).toBe(true);
});
