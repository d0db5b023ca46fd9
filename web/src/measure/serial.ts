/** What a probe says, one figure a line: "0.82 dS/m 17.2 C". */
export type Said = { value: number; unit: string | null; temperatureC: number | null };

const LINE = /^\s*(-?\d+(?:[.,]\d+)?)\s*([^\d\s-]\S*)?(?:\s+(-?\d+(?:[.,]\d+)?)\s*°?C)?\s*$/;

/** A line as it came; null where it is no figure: half a line, a banner, noise. */
export function readLine(line: string): Said | null {
  const match = LINE.exec(line);
  if (!match) return null;
  const number = (text: string) => Number(text.replace(',', '.'));
  const unit = match[2] ?? null;
  return {
    value: number(match[1] ?? ''),
    unit: unit === 'C' ? '°C' : unit,
    temperatureC: match[3] === undefined ? null : number(match[3]),
  };
}

/** Whole lines out of what came, and the rest that waits for more. */
export function lines(before: string, came: string): { whole: string[]; rest: string } {
  const all = (before + came).split(/\r\n|\n|\r/);
  return { whole: all.slice(0, -1), rest: all.at(-1) ?? '' };
}

type Port = {
  open: (how: { baudRate: number }) => Promise<void>;
  close: () => Promise<void>;
  readable: ReadableStream<Uint8Array> | null;
};
type Serial = { requestPort: () => Promise<Port> };

const serial = (): Serial | null => (navigator as unknown as { serial?: Serial }).serial ?? null;

/** Whether this browser reads a serial line at all. */
export const hasSerial = (): boolean => serial() !== null;

const BAUD = 9600;

/**
 * Opens the line that the person chooses and tells each figure, until it is stopped.
 *
 * @returns stops it
 */
export async function listen(onSaid: (said: Said) => void, onLost: () => void): Promise<() => void> {
  const port = await serial()?.requestPort();
  if (!port) throw new Error('This browser does not read a serial line.');
  await port.open({ baudRate: BAUD });
  const reader = port.readable?.getReader();
  const decoder = new TextDecoder();
  let stopped = false;
  async function read() {
    let rest = '';
    for (;;) {
      const part = await reader?.read();
      if (!part || part.done || stopped) return;
      const cut = lines(rest, decoder.decode(part.value, { stream: true }));
      rest = cut.rest;
      for (const line of cut.whole) {
        const said = readLine(line);
        if (said) onSaid(said);
      }
    }
  }
  read().then(
    () => !stopped && onLost(),
    () => !stopped && onLost(),
  );
  return () => {
    stopped = true;
    void reader?.cancel().then(() => port.close());
  };
}
