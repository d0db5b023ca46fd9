import { fresh, type Parcel } from './parcel';
import { mark, parcels } from './parcels';

const FROZEN_MS = 60_000;
const BEAT_MS = 5000;

const lockOf = (id: string) => `morphotera-parcel-${id}`;
const beatOf = (id: string) => `morphotera-beat-${id}`;
const locks = (): LockManager | undefined => globalThis.navigator?.locks;

/**
 * Takes a parcel in hand while it is sent, so that no other tab sends it too; with a sign of life for those that look.
 *
 * @param work told whether it is still in this tab's hands: another takes it over after a minute without a sign
 */
export async function inHand<T>(
  id: string,
  work: (ours: () => boolean) => Promise<T>,
): Promise<T | 'elsewhere'> {
  const all = locks();
  if (!all) return work(() => true);
  let ours = true;
  let came: T | 'elsewhere' = 'elsewhere';
  try {
    await all.request(lockOf(id), { ifAvailable: true }, async (lock) => {
      if (lock === null) return;
      const sign = () => {
        if (ours) signOfLife(id);
      };
      sign();
      const beating = setInterval(sign, BEAT_MS);
      try {
        came = await work(() => ours);
      } finally {
        clearInterval(beating);
        if (ours) localStorage.removeItem(beatOf(id));
      }
    });
  } catch (fault) {
    if (!(fault instanceof DOMException && fault.name === 'AbortError')) throw fault;
    ours = false;
  }
  return came;
}

/** What a tab was sending that ended, or that froze, waits again; the server knows its id. */
export async function takeBack(): Promise<void> {
  const sending = parcels().filter((one) => one.state.is === 'sending');
  if (sending.length === 0) return;
  const all = locks();
  const held = new Set((await all?.query())?.held?.map((lock) => lock.name));
  for (const { id, state } of sending) {
    const isHeld = held.has(lockOf(id));
    if (isHeld && Date.now() - lastSign(id, state) < FROZEN_MS) continue;
    if (!all) await mark(id, fresh);
    await all?.request(lockOf(id), isHeld ? { steal: true } : { ifAvailable: true }, async (lock) => {
      if (lock === null) return;
      localStorage.removeItem(beatOf(id));
      await mark(id, fresh);
    });
  }
}

/** A device that is full keeps none: then it counts from when the sending began. */
function signOfLife(id: string): void {
  try {
    localStorage.setItem(beatOf(id), String(Date.now()));
  } catch {
    // As above.
  }
}

function lastSign(id: string, state: Parcel['state']): number {
  const since = state.is === 'sending' ? state.since : 0;
  return Math.max(since, Number(localStorage.getItem(beatOf(id)) ?? '0'));
}
