import { expect, it } from 'vitest';
import type { Method } from '../api/types';
import { newDraft } from './useDraft';

const PH = {
  variants: [{ id: 'card', steps: [{ id: 'mix' }] }],
  fields: [
    { key: 'points', kind: 'list', startItems: 0, fields: [], required: true },
    { key: 'offset', kind: 'number', preset: 0.8, required: false },
    { key: 'pack', kind: 'text', preset: null, required: false },
  ],
} as unknown as Method;

it('the next spot is read from the same pack until another is typed, and from nothing else of the last', () => {
  const last = { points: [{ depthCm: 5, value: 5.5, basis: 'card' }], offset: 0.9, pack: 'B 7' };
  expect(newDraft(PH, undefined, last).values.pack).toBe('B 7');
  expect(newDraft(PH, undefined, last).values.offset).not.toBe(0.9);
  expect(newDraft(PH).values).not.toHaveProperty('pack', 'B 7');
});
