import { describe, expect, it } from 'vitest';
import type { Clock, Method } from '../api/types';
import { bySoonest, merged, standing } from './clocks';

const METHODS = [
  {
    id: 'percolation-hole',
    name: 'Percolation hole',
    variants: [
      {
        id: 'ruler',
        name: '',
        steps: [{ id: 'read-30', wait: { minS: 1500, maxS: 2100, watched: false } }],
      },
    ],
  },
  {
    id: 'slaking',
    name: 'Slaking',
    variants: [{ id: 'dry', name: '', steps: [{ id: 'lay', wait: { minS: 60, maxS: 62, watched: true } }] }],
  },
] as unknown as Method[];

const BEGAN = Date.parse('2031-05-14T09:00:00Z');

function clock(id: string, method: string, step: string, endedAt: string | null = null): Clock {
  return { id, method, step, beganAt: '2031-05-14T09:00:00Z', endedAt } as Clock;
}

describe('a clock', () => {
  it('stands where the time since it began puts it, however long the phone slept', () => {
    const look = standing(clock('a', 'slaking', 'lay'), METHODS, BEGAN + 45_000);
    expect(look.state).toBe('waiting');
    expect(look.leftS).toBe(15);
    expect(standing(clock('a', 'slaking', 'lay'), METHODS, BEGAN + 61_000).state).toBe('due');
    expect(standing(clock('a', 'slaking', 'lay'), METHODS, BEGAN + 3_600_000).state).toBe('late');
  });

  it('of a wait that may come early or late is due in the middle of its window', () => {
    expect(standing(clock('a', 'percolation-hole', 'read-30'), METHODS, BEGAN + 1_600_000).state).toBe(
      'waiting',
    );
    expect(standing(clock('a', 'percolation-hole', 'read-30'), METHODS, BEGAN + 1_800_000).state).toBe('due');
  });

  it('of a step nobody knows is due at once and breaks nothing', () => {
    expect(standing(clock('a', 'gone', 'step'), METHODS, BEGAN + 1000).step).toBeNull();
  });
});

describe('the dock', () => {
  it('has the soonest first', () => {
    const now = BEGAN + 10_000;
    const list = bySoonest([
      standing(clock('hole', 'percolation-hole', 'read-30'), METHODS, now),
      standing(clock('dish', 'slaking', 'lay'), METHODS, now),
    ]);
    expect(list.map((one) => one.clock.id)).toEqual(['dish', 'hole']);
  });

  it('holds what is on the device and on the server once, without what was ended here', () => {
    const there = [clock('a', 'slaking', 'lay'), clock('b', 'slaking', 'lay')];
    const here = [clock('b', 'slaking', 'lay', '2031-05-14T09:01:00Z'), clock('c', 'slaking', 'lay')];
    const asked = { at: BEGAN, isWaiting: () => false };
    expect(merged(here, there, asked).map((one) => one.id)).toEqual(['a', 'c']);
  });

  it('drops a clock that was ended on another device, and none that the server may not know yet', () => {
    const here = [clock('a', 'slaking', 'lay')];
    const later = BEGAN + 60_000;
    expect(merged(here, [], { at: later, isWaiting: () => false })).toEqual([]);
    expect(merged(here, [], { at: later, isWaiting: () => true })).toHaveLength(1);
    expect(merged(here, [], { at: BEGAN + 2000, isWaiting: () => false })).toHaveLength(1);
    expect(merged(here, null, { at: later, isWaiting: () => false })).toHaveLength(1);
  });
});
