// @vitest-environment happy-dom
import { expect, test, vi } from 'vitest';
import type { Method, WholeVisit } from '../api/types';
import { live, press } from '../testing/live';
import { closeAll } from '../testing/open';
import { useDraft } from './useDraft';

const device = vi.hoisted(() => ({ posted: [] as { path: string; body: unknown }[] }));
vi.mock('../device/parcels', async (original) => ({
  ...(await original<object>()),
  post: async (one: { path: string; body: unknown }) => device.posted.push(one),
}));

const SMELL = { id: 'smell', name: 'Smell', fields: [], variants: [] } as unknown as Method;
const WHOLE = { visit: { id: 'v' }, readings: [], drafts: [] } as unknown as WholeVisit;

function Cell() {
  const { keep, hold, forget } = useDraft(WHOLE, 'a', SMELL, 'p', 1);
  return (
    <>
      <button type="button" onClick={() => keep({ note: 'sour' })}>
        Type
      </button>
      <button type="button" onClick={hold}>
        Count
      </button>
      <button type="button" onClick={forget}>
        Give up
      </button>
    </>
  );
}

async function leftAfter(...pressed: string[]) {
  device.posted = [];
  const page = await live(<Cell />);
  for (const button of pressed) await press(page, button);
  closeAll();
  return device.posted;
}

test('what was typed just before another cell is gone to is sent all the same', async () => {
  expect(await leftAfter('Type')).toMatchObject([
    { path: '/api/visits/v/drafts/a/smell', body: { repeat: 1, body: { note: 'sour' } } },
  ]);
});

test('what counts or is given up is sent as a draft no more', async () => {
  expect(await leftAfter('Type', 'Count')).toEqual([]);
  expect(await leftAfter('Type', 'Give up')).toEqual([]);
});
