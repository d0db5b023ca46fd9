import type { KeyboardEvent } from 'react';
import { describe, expect, it } from 'vitest';
import { dragged } from './dragged';

/** A boundary at 12 cm, in steps of half a centimetre, down to 30. */
function pressed(key: string, value = 12, downward = true): number | null {
  let moved: number | null = null;
  let kept = true;
  const mark = dragged({
    at: (_, y) => y,
    value,
    min: 0.5,
    max: 30,
    step: 0.5,
    downward,
    onMove: (to) => {
      moved = to;
    },
  });
  mark.onKeyDown({
    key,
    preventDefault: () => {
      kept = false;
    },
  } as unknown as KeyboardEvent<SVGElement>);
  // A key that moves nothing is left to the page.
  expect(kept).toBe(moved === null);
  return moved;
}

describe('a mark moved with the keys', () => {
  it('goes deeper with the key that points down, on a ruler of depth', () => {
    expect(pressed('ArrowDown')).toBe(12.5);
    expect(pressed('ArrowUp')).toBe(11.5);
  });

  it('goes higher with the key that points up, on a jar', () => {
    expect(pressed('ArrowUp', 12, false)).toBe(12.5);
  });

  it('takes ten steps by page and stays within its ends', () => {
    expect(pressed('PageDown')).toBe(17);
    expect(pressed('PageDown', 29)).toBe(30);
    expect(pressed('PageUp', 1)).toBe(0.5);
  });

  it('does not move with any other key', () => {
    expect(pressed('Tab')).toBeNull();
  });
});
