import { describe, expect, it } from 'vitest';
import type { Method } from '../api/types';
import { byGroup, found, showingStep } from './find';

const method = (id: string, name: string, group: string, gear: string, step: string) =>
  ({
    id,
    name,
    group,
    purpose: `What ${name} is for`,
    about: '',
    gear: [{ item: gear }],
    results: [],
    variants: [
      {
        steps: [
          { id: 'gather', title: 'Gather', how: '', entry: [] },
          { id: step, title: step, how: 'Slowly.', entry: ['x'] },
        ],
      },
    ],
  }) as unknown as Method;

const ALL = [
  method('slaking', 'Slaking', 'structure', 'dish', 'swirl'),
  method('ring', 'Infiltration ring', 'water', 'ring, mallet', 'pour'),
  method('dispersion', 'Dispersion', 'structure', 'dish', 'look'),
];
const ids = (methods: Method[]) => methods.map((one) => one.id);

describe('the field guide', () => {
  it('finds a method by its name, its gear, its steps, in any order', () => {
    expect(ids(found(ALL, 'dish'))).toEqual(['slaking', 'dispersion']);
    expect(ids(found(ALL, 'swirl dish'))).toEqual(['slaking']);
    expect(ids(found(ALL, 'MALLET'))).toEqual(['ring']);
    expect(found(ALL, 'divining')).toEqual([]);
  });

  it('puts first what begins with what was typed', () => {
    expect(ids(found(ALL, 'di'))[0]).toBe('dispersion');
  });

  it('stands by group, and leaves out a group without a method', () => {
    expect(byGroup(ALL).map((one) => one.group)).toEqual(['water', 'structure']);
  });

  it('shows a method by the first step at which something is entered', () => {
    expect(showingStep(ALL[1] as Method)).toBe('pour');
  });
});
