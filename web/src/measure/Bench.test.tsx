// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act } from 'react';
import { useSearchParams } from 'react-router';
import { expect, test, vi } from 'vitest';
import type { Me, Method, WholeVisit } from '../api/types';
import { Session } from '../people/session';
import { live, press } from '../testing/live';
import { Bench } from './Bench';

const device = vi.hoisted(() => ({ keep: [] as ((kept: boolean) => void)[] }));
vi.mock('../device/parcels', async (original) => ({
  ...(await original<object>()),
  post: () => new Promise<boolean>((done) => device.keep.push(done)),
}));
vi.mock('./pictures/Pictures', () => ({ Pictures: () => null }));
vi.mock('./AtWork', () => ({
  AtWork: ({ onCount }: { onCount: (reading: object, result: null) => void }) => (
    <button type="button" onClick={() => onCount({ smell: 'earthy' }, null)}>
      Count
    </button>
  ),
}));

const SMELL = { id: 'smell', name: 'Smell', fields: [], variants: [] } as unknown as Method;
const WHOLE = {
  visit: { id: 'v', methods: ['smell'] },
  field: { id: 'f', name: 'Main Oval', zones: [], spots: [], samples: [] },
  readings: [],
  drafts: [],
  photographs: [],
} as unknown as WholeVisit;

function Tray() {
  const [search, setSearch] = useSearchParams();
  const spot = search.get('spot') ?? '';
  return (
    <>
      <output>{search.toString()}</output>
      <button type="button" onClick={() => setSearch({ spot: 'b', method: 'smell' })}>
        The next spot
      </button>
      <Bench
        key={spot}
        whole={WHOLE}
        spot={{ id: spot, label: spot, note: null, sample: null }}
        method={SMELL}
      />
    </>
  );
}

async function at(address: string) {
  device.keep = [];
  const page = await live(
    <QueryClientProvider client={new QueryClient()}>
      <Session value={{ id: 'p', role: 'adviser' } as Me}>
        <Tray />
      </Session>
    </QueryClientProvider>,
    address,
  );
  return {
    press: (button: string) => press(page, button),
    kept: () => act(async () => device.keep.pop()?.(true)),
    address: () => page.querySelector('output')?.textContent,
  };
}

test('whoever counts and is at the next spot before the device has kept it stays there', async () => {
  const tray = await at('/?spot=a&method=smell');
  await tray.press('Count');
  await tray.press('The next spot');
  await tray.kept();
  expect(tray.address()).toBe('spot=b&method=smell');
});

test('one of a pair that is counted stays beside the other', async () => {
  const tray = await at('/?spot=a&method=smell&beside=b');
  await tray.press('Count');
  await tray.kept();
  expect(tray.address()).toBe('spot=a&method=smell&beside=b');
});

test('a further reading of a cell that is counted stands with those before', async () => {
  const tray = await at('/?spot=a&method=smell&repeat=2');
  await tray.press('Count');
  await tray.kept();
  expect(tray.address()).toBe('spot=a&method=smell');
});

test('a wet finger that taps twice counts once', async () => {
  const tray = await at('/?spot=a&method=smell');
  await tray.press('Count');
  await tray.press('Count');
  expect(device.keep).toHaveLength(1);
});

test('what a full device did not keep is counted by the next tap', async () => {
  const tray = await at('/?spot=a&method=smell');
  await tray.press('Count');
  await act(async () => device.keep.pop()?.(false));
  await tray.press('Count');
  expect(device.keep).toHaveLength(1);
});
