import { beforeEach, expect, it, vi } from 'vitest';
import { Failed, NoSignal } from '../api/problem';
import { askCore } from '../device/core';
import { answeredHere } from './answeredHere';

vi.mock('../device/core', () => ({ askCore: vi.fn() }));
const core = vi.mocked(askCore);
const asked = new AbortController().signal;
const noSignal = () => Promise.reject(new NoSignal());

beforeEach(() => {
  core.mockReset();
});

it('with a signal the server says what to carry, and the device is not asked', async () => {
  const kit = { carryKg: 12 };
  expect(await answeredHere('packKit', {}, asked, () => Promise.resolve(kit))).toBe(kit);
  expect(core).not.toHaveBeenCalled();
});

it('without a signal the same question goes to the core on this device', async () => {
  core.mockResolvedValue({ carryKg: 12 });
  expect(await answeredHere('packKit', { people: 2 }, asked, noSignal)).toEqual({ carryKg: 12 });
  expect(core).toHaveBeenCalledWith('packKit', { people: 2 });
});

it('what the core refuses is a problem of the same kind as the server’s', async () => {
  core.mockResolvedValue({ status: 422, code: 'refused', detail: 'A pit takes two people.', errors: [] });
  await expect(answeredHere('planRunSheet', {}, asked, noSignal)).rejects.toBeInstanceOf(Failed);
});

it('a refusal of the server is not asked again on the device', async () => {
  const refusal = new Error('A pit takes two people.');
  await expect(answeredHere('planRunSheet', {}, asked, () => Promise.reject(refusal))).rejects.toBe(refusal);
  expect(core).not.toHaveBeenCalled();
});

it('a choice that went on before it rested is no question', async () => {
  const choice = new AbortController();
  const server = vi.fn();
  const answer = answeredHere('packKit', {}, choice.signal, server);
  choice.abort();
  await expect(answer).rejects.toThrow();
  expect(server).not.toHaveBeenCalled();
});
