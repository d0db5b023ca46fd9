import { afterEach, expect, it, vi } from 'vitest';
import limits from '../api/limits.json';
import { agree, unlikeness } from './agree';
import { askCore } from './core';

vi.mock('./core', () => ({ askCore: vi.fn() }));

const HERE = {
  score: 71.6,
  words: { firmness: 'firm' },
  flags: [{ code: 'dry', level: 'warning' as const, text: 'Dry.' }],
};
const READ = {
  id: 'r',
  rulesVersion: limits.rules,
  yardstickId: null,
  context: { moisture: 'dry' },
  reading: { crumbs: [] },
  evaluation: { method: 'slaking', ...HERE },
};

const said = vi.spyOn(console, 'error').mockImplementation(() => {});
afterEach(() => {
  said.mockClear();
  vi.mocked(askCore).mockReset();
});

it('a server that scores as this device does is taken at its word', async () => {
  vi.mocked(askCore).mockResolvedValue({ ...HERE, score: 71.6 + 1e-10 });
  await agree(READ);
  expect(askCore).toHaveBeenCalledWith('evaluate', 'slaking', {
    context: READ.context,
    reading: READ.reading,
  });
  expect(said).not.toHaveBeenCalled();
});

it('a difference under the same rules is written down as a fault', async () => {
  vi.mocked(askCore).mockResolvedValue({ ...HERE, score: 70, flags: [] });
  await agree(READ);
  expect(said.mock.calls[0]?.[0]).toContain('slaking r: the server and this device differ in score, flags');
});

it('under newer rules, or a yardstick of the practice, another result is no fault', async () => {
  await agree({ ...READ, rulesVersion: 'core 9' });
  await agree({ ...READ, yardstickId: 'y' });
  await agree({ id: 'v' });
  await agree(null);
  expect(askCore).not.toHaveBeenCalled();
});

it('nothing scored on either side is the same, on one side alone it is not', () => {
  expect(unlikeness({ ...HERE, score: null }, { ...HERE, score: null })).toEqual([]);
  expect(unlikeness({ ...HERE, score: null }, HERE)).toEqual(['score']);
});
