import { afterEach, expect, it, vi } from 'vitest';
import { hasRoomFor, space } from './room';

afterEach(() => vi.unstubAllGlobals());

const MB = 1_000_000;

function aDevice(usedMb: number, ofMb: number, persisted = false): void {
  const storage = {
    estimate: async () => ({ usage: usedMb * MB, quota: ofMb * MB }),
    persisted: async () => persisted,
  };
  vi.stubGlobal('navigator', { storage });
}

it('says what is left and whether the browser may clear it', async () => {
  aDevice(200, 500);
  expect(await space()).toEqual({ usedBytes: 200 * MB, leftBytes: 300 * MB, forGood: false });
  aDevice(500, 400, true);
  expect(await space()).toMatchObject({ leftBytes: 0, forGood: true });
});

it('a photograph is kept while fifty megabytes stay for readings, and not after', async () => {
  const picture = new Blob([new Uint8Array(8 * MB)]);
  aDevice(100, 158);
  expect(await hasRoomFor(picture)).toBe(true);
  aDevice(101, 158);
  expect(await hasRoomFor(picture)).toBe(false);
});

it('a browser that does not say how much is left is taken at its word when it is full', async () => {
  vi.stubGlobal('navigator', {});
  expect(await space()).toBeNull();
  expect(await hasRoomFor(new Blob(['a']))).toBe(true);
});
