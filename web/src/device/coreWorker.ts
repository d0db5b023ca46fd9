/** A question to the core, and its answer. */
export type Call = { id: number; name: string; given: string[]; picture?: ImageBitmap };
export type Said = { id: number; text: string; fault: string | null };

type Core = Record<string, (...given: unknown[]) => string>;

// A file of its own beside the page's, compiled from the core that the server runs.
const ADDRESS = '/core/core.js';
let core: Promise<Core> | null = null;

self.addEventListener('message', (event: MessageEvent<Call>) => {
  void answer(event.data);
});

async function answer({ id, name, given, picture }: Call): Promise<void> {
  try {
    core ??= import(/* @vite-ignore */ ADDRESS) as Promise<Core>;
    const asked = (await core)[name];
    if (!asked) throw new Error(`the core has no '${name}'`);
    const text = picture ? asked(...pixels(picture), ...given) : asked(...given);
    self.postMessage({ id, text, fault: null } satisfies Said);
  } catch (fault) {
    core = null;
    self.postMessage({
      id,
      text: '',
      fault: fault instanceof Error ? fault.message : String(fault),
    } satisfies Said);
  }
}

/** A picture as the core takes it: its pixels, each a number, and how wide and high it is. */
function pixels(picture: ImageBitmap): [Int32Array, number, number] {
  const { width, height } = picture;
  const pen = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (!pen) throw new Error('this browser does not open pictures here');
  pen.drawImage(picture, 0, 0);
  picture.close();
  return [new Int32Array(pen.getImageData(0, 0, width, height).data.buffer), width, height];
}
