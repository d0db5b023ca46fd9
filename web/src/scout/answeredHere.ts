import { NoSignal } from '../api/problem';
import { askCore } from '../device/core';
import { answered } from '../device/withoutSignal';

/** The server's answer; without a signal that of the core on this device. */
export async function answeredHere<T>(
  name: 'planRunSheet' | 'packKit',
  body: unknown,
  there: () => Promise<unknown>,
): Promise<T> {
  try {
    return (await there()) as T;
  } catch (fault) {
    if (!(fault instanceof NoSignal)) throw fault;
    return answered(await askCore(name, body)) as T;
  }
}
