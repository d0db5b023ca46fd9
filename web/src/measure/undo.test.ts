import { describe, expect, it, vi } from 'vitest';
import type { Reading } from '../api/types';
import type { Draft } from './draft';

const sent: { path: string; body: Record<string, unknown> }[] = [];
const waiting: { id: string; path: string; state: { is: string } }[] = [];
const away: string[] = [];

vi.mock('../api/client', () => ({
  api: {
    PUT: (path: string, { body }: { body: Record<string, unknown> }) => {
      sent.push({ path, body });
      return {};
    },
  },
  take: async (answer: unknown) => answer,
}));
vi.mock('../device/parcels', () => ({
  parcels: () => waiting,
  putAway: async (id: string) => {
    away.push(id);
  },
}));

const { counted, lastCounted, secondsLeft, takeBack } = await import('./undo');

function count(corrected: Reading | null = null) {
  sent.length = 0;
  counted({
    id: 'r2',
    visitId: 'v',
    placeId: 's',
    method: 'smell',
    repeat: 1,
    name: 'Smell',
    draft: {} as Draft,
    corrected,
  });
  const one = lastCounted();
  if (!one) throw new Error('nothing was counted');
  return one;
}

describe('a count taken back', () => {
  it('can be for a minute', () => {
    const one = count();
    expect(secondsLeft(one, one.atMs + 1500)).toBe(59);
    expect(secondsLeft(one, one.atMs + 60_001)).toBe(0);
  });

  it('that is still on the device is put away, and nothing is sent', async () => {
    waiting.push({ id: 'p', path: '/api/readings/r2', state: { is: 'waiting' } });
    await takeBack(count());
    expect(away).toEqual(['p']);
    expect(sent).toEqual([]);
    expect(lastCounted()).toBeNull();
    waiting.length = 0;
  });

  it('that is on its way waits: nothing is taken back twice', async () => {
    waiting.push({ id: 'p', path: '/api/readings/r2', state: { is: 'sending' } });
    const one = count();
    await expect(takeBack(one)).rejects.toThrow();
    expect(lastCounted()).toBe(one);
    waiting.length = 0;
  });

  it('that is with the server is set aside, not deleted', async () => {
    await takeBack(count());
    expect(sent.map((one) => one.path)).toEqual(['/api/readings/{id}/aside']);
  });

  it('that corrected another is followed by what stood before', async () => {
    const before = {
      id: 'r1',
      visitId: 'v',
      reading: { smell: 'earthy' },
      takenAt: 't',
    } as unknown as Reading;
    const draft = await takeBack(count(before));
    // Counted once more it corrects what stands now, not what was corrected already.
    expect(draft.corrects).toMatch(/^[0-9a-f-]{36}$/);
    expect(draft.corrects).not.toBe('r1');
    expect(sent[0]?.body).toMatchObject({ corrects: 'r2', reading: { smell: 'earthy' }, takenAt: 't' });
  });
});
