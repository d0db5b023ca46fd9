import { describe, expect, it } from 'vitest';
import type { Reading } from '../api/types';
import { contested, nextSlot, repeatFor, standing } from './cell';

function reading(id: string, of: Partial<Reading> = {}): Reading {
  return {
    id,
    spotId: 'spot',
    method: 'slaking',
    variant: null,
    repeat: 1,
    cell: 'null|5.0|null|null|1',
    reading: { depthCm: 5 },
    correctedBy: null,
    setAside: null,
    ...of,
  } as Reading;
}

describe('a cell of the tray', () => {
  it('holds several readings, told apart by depth', () => {
    const deep = reading('b', { cell: 'null|45.0|null|null|1', reading: { depthCm: 45 } });
    expect(contested([reading('a'), deep])).toEqual([]);
    expect(standing([reading('a'), deep])).toHaveLength(2);
  });

  it('asks where two phones read the very same', () => {
    expect(contested([reading('a'), reading('b')])).toHaveLength(1);
    expect(contested([reading('a'), reading('b', { setAside: 'the other one holds' })])).toEqual([]);
    expect(contested([reading('a', { correctedBy: 'b' }), reading('b')])).toEqual([]);
  });

  it('counts a second reading at one depth as its repeat and one at another depth as its first', () => {
    expect(repeatFor({ depthCm: 5 }, null, [reading('a')])).toBe(2);
    expect(repeatFor({ depthCm: 45 }, null, [reading('a')])).toBe(1);
    expect(repeatFor({}, null, [reading('a', { reading: {} })])).toBe(2);
    expect(nextSlot([reading('a')])).toBe(2);
  });
});
