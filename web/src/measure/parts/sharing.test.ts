import { describe, expect, it } from 'vitest';
import { shared, stepped } from './sharing';

describe('shares of a hundred', () => {
  it('leave what nobody has shared out yet', () => {
    expect(shared(['live', 'litter', 'bare'], { live: '40', litter: '12,5' })).toEqual({
      parts: [40, 12.5, 0],
      left: 47.5,
    });
  });

  it('may be too many: what is left is then less than nothing', () => {
    expect(shared(['live', 'bare'], { live: '80', bare: '30' }).left).toBe(-10);
  });

  it('count half a number as nothing', () => {
    expect(shared(['live'], { live: '-' })).toEqual({ parts: [0], left: 100 });
  });

  it('grow by no more than what is left and shrink to nothing at the least', () => {
    expect(stepped(40, 5, 3)).toBe(43);
    expect(stepped(3, -5, 60)).toBe(0);
    expect(stepped(40, 5, -10)).toBe(40);
  });
});
