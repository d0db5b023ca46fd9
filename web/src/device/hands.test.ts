// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { beforeEach, expect, it, vi } from 'vitest';
import { FakeLocks } from '../testing/locks';
import { openDatabase, removeDatabase } from './database';
import { inHand, takeBack } from './hands';
import { loadParcels, mark, parcels, post } from './parcels';
import { loadWords } from './words';

const NOW = Date.parse('2031-05-14T09:00:00Z');
const never = () => new Promise<string>(() => {});

beforeEach(async () => {
  localStorage.clear();
  Object.defineProperty(navigator, 'locks', { value: new FakeLocks(), configurable: true });
  vi.spyOn(Date, 'now').mockReturnValue(NOW);
  await removeDatabase('p');
  await openDatabase('p');
  await loadWords();
  await loadParcels();
});

/** A reading that another tab began to send. */
async function sentElsewhere(): Promise<string> {
  await post({ person: 'p', path: '/api/readings/one', body: {}, label: 'slaking, spot 1' });
  const id = parcels()[0]?.id ?? '';
  await mark(id, { is: 'sending', tries: 1, since: NOW });
  return id;
}

it('what one tab sends another leaves alone', async () => {
  void inHand('one', never);
  expect(await inHand('one', async () => 'sent')).toBe('elsewhere');
  expect(await inHand('two', async () => 'sent')).toBe('sent');
});

it('what a tab was sending that ended waits again at once', async () => {
  const id = await sentElsewhere();
  await takeBack();
  expect(parcels().find((one) => one.id === id)?.state.is).toBe('waiting');
});

it('a tab that shows signs of life keeps what it sends, however long that takes', async () => {
  const id = await sentElsewhere();
  void inHand(id, never);
  vi.mocked(Date.now).mockReturnValue(NOW + 59_000);
  await takeBack();
  expect(parcels()[0]?.state.is).toBe('sending');
});

it('from one that froze it is taken after a minute, and that one says nothing of it when it thaws', async () => {
  const id = await sentElsewhere();
  let thaw: (came: string) => void = () => {};
  let ours = () => true;
  const frozen = inHand(id, (still) => {
    ours = still;
    return new Promise<string>((done) => (thaw = done));
  });
  vi.mocked(Date.now).mockReturnValue(NOW + 60_000);
  await takeBack();
  expect(parcels()[0]?.state.is).toBe('waiting');
  expect(await inHand(id, async () => 'sent')).toBe('sent');
  expect(await frozen).toBe('elsewhere');
  expect(ours()).toBe(false);
  thaw('not-sent');
});

it('a device that is full still sends what it holds', async () => {
  const full = vi.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect(await inHand('one', async () => 'sent')).toBe('sent');
  full.mockRestore();
});
