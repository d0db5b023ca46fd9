import { NoSignal } from '../api/problem';
import { askCore } from '../device/core';
import { answered } from '../device/withoutSignal';

const RESTED_MS = 150;

/** The server's answer, once the choice rests: a tap on the way to it is no question. Without a signal that of the core on this device. */
export async function answeredHere<T>(
  name: 'planRunSheet' | 'packKit',
  body: unknown,
  signal: AbortSignal,
  there: () => Promise<unknown>,
): Promise<T> {
  await new Promise((rested) => setTimeout(rested, RESTED_MS));
  signal.throwIfAborted();
  try {
    return (await there()) as T;
  } catch (fault) {
    if (!(fault instanceof NoSignal)) throw fault;
    return answered(await askCore(name, body)) as T;
  }
}
