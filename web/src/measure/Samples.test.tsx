// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState } from 'react';
import { expect, test, vi } from 'vitest';
import type { Me, WholeVisit } from '../api/types';
import { Session } from '../people/session';
import { live, press } from '../testing/live';
import { Samples } from './Samples';

const WHOLE = {
  visit: { id: 'v', state: 'running' },
  field: {
    id: 'f',
    name: 'Main Oval',
    zones: [{ id: 'z', kind: 'main' }],
    spots: [{ id: 'a', label: '1', zoneId: 'z', retiredOn: null }],
    samples: [],
  },
  readings: [],
} as unknown as WholeVisit;

function Tray({ onMixing }: { onMixing: (on: boolean) => void }) {
  const [open, setOpen] = useState(true);
  return (
    <>
      <button type="button" onClick={() => setOpen(false)}>
        To the bench
      </button>
      <Samples whole={WHOLE} methods={[]} toMix={[]} mixing={open} onMixing={onMixing} />
    </>
  );
}

test('whoever has gone on to a bench is not led away from it when the server says that the bag is kept', async () => {
  let answer: (response: Response) => void = () => {};
  globalThis.fetch = vi.fn(
    () =>
      new Promise<Response>((done) => {
        answer = done;
      }),
  ) as typeof fetch;
  const mixing = vi.fn();
  const page = await live(
    <QueryClientProvider client={new QueryClient()}>
      <Session value={{ id: 'p', role: 'adviser' } as Me}>
        <Tray onMixing={mixing} />
      </Session>
    </QueryClientProvider>,
  );
  await press(page, 'It is mixed and in its bag');
  await press(page, 'To the bench');
  answer(new Response(JSON.stringify({ id: 's', label: 'A' }), { status: 200 }));
  await press(page, 'To the bench');
  expect(mixing).not.toHaveBeenCalled();
});
