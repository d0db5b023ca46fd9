import type { Call, Said } from './coreWorker';

/** The core in its worker: loaded when it is first asked, one answer for each question. */
let worker: Worker | null = null;
let last = 0;
const waiting = new Map<number, { done: (text: string) => void; failed: (fault: Error) => void }>();

function start(): Worker {
  const started = new Worker(new URL('./coreWorker.ts', import.meta.url), { type: 'module' });
  started.addEventListener('message', (event: MessageEvent<Said>) => {
    const asked = waiting.get(event.data.id);
    waiting.delete(event.data.id);
    if (event.data.fault !== null) asked?.failed(new Error(event.data.fault));
    else asked?.done(event.data.text);
  });
  started.addEventListener('error', () => {
    for (const asked of waiting.values())
      asked.failed(new Error('The rules could not be loaded on this device.'));
    waiting.clear();
    worker = null;
  });
  return started;
}

export type CoreFunction =
  | 'evaluate'
  | 'evaluateAt'
  | 'remedy'
  | 'scores'
  | 'section'
  | 'causes'
  | 'change'
  | 'planRunSheet'
  | 'packKit'
  | 'readChart'
  | 'judge'
  | 'stop'
  | 'jar';

/** Asks the core; a refusal comes back as the API's problem, thrown by whoever takes it. */
export function askCore(name: CoreFunction, ...given: unknown[]): Promise<unknown> {
  return call({ name, given: given.map((one) => (typeof one === 'string' ? one : JSON.stringify(one))) });
}

/** Asks the core about a picture, which is given away. */
export function askAboutPicture(
  name: 'cover' | 'paler',
  picture: ImageBitmap,
  asked: unknown,
): Promise<unknown> {
  return call({ name, given: [JSON.stringify(asked)], picture }, [picture]);
}

async function call(asked: Omit<Call, 'id'>, given: Transferable[] = []): Promise<unknown> {
  worker ??= start();
  const id = ++last;
  const text = await new Promise<string>((done, failed) => {
    waiting.set(id, { done, failed });
    worker?.postMessage({ ...asked, id } satisfies Call, given);
  });
  return JSON.parse(text) as unknown;
}
