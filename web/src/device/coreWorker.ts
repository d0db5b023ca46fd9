/** A question to the core, and its answer. */
export type Call = { id: number; name: string; given: string[] };
export type Said = { id: number; text: string; fault: string | null };

type Core = Record<string, (...given: string[]) => string>;

// A file of its own beside the page's, compiled from the core that the server runs.
const ADDRESS = '/core/core.js';
let core: Promise<Core> | null = null;

self.addEventListener('message', (event: MessageEvent<Call>) => {
  void answer(event.data);
});

async function answer({ id, name, given }: Call): Promise<void> {
  try {
    core ??= import(/* @vite-ignore */ ADDRESS) as Promise<Core>;
    const asked = (await core)[name];
    if (!asked) throw new Error(`the core has no '${name}'`);
    self.postMessage({ id, text: asked(...given), fault: null } satisfies Said);
  } catch (fault) {
    core = null;
    self.postMessage({
      id,
      text: '',
      fault: fault instanceof Error ? fault.message : String(fault),
    } satisfies Said);
  }
}
