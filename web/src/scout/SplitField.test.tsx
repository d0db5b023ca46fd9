// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, useState } from 'react';
import { useLocation } from 'react-router';
import { expect, test, vi } from 'vitest';
import type { LandField } from '../api/types';
import { live, press, until } from '../testing/live';
import { SplitField } from './SplitField';

vi.mock('./FieldMap', () => ({
  FieldMap: ({ onPlace }: { onPlace: (place: { lat: number; lon: number }) => void }) => (
    <button type="button" onClick={() => onPlace({ lat: 47.6, lon: -29.1 })}>
      Tap the map
    </button>
  ),
}));

const OVAL = { id: 'oval', name: 'Main Oval', version: 3 } as LandField;

function Scout() {
  const [open, setOpen] = useState(true);
  return (
    <>
      <output>{useLocation().pathname}</output>
      <button type="button" onClick={() => setOpen(false)}>
        To another page
      </button>
      {open && <SplitField field={OVAL} onDone={() => setOpen(false)} />}
    </>
  );
}

async function splitAt(then: (page: HTMLElement) => Promise<void>) {
  let answer: (response: Response) => void = () => {};
  vi.stubGlobal(
    'fetch',
    () =>
      new Promise<Response>((done) => {
        answer = done;
      }),
  );
  const page = await live(
    <QueryClientProvider client={new QueryClient()}>
      <Scout />
    </QueryClientProvider>,
    '/fields/oval/scout',
  );
  await press(page, 'Tap the map');
  await press(page, 'Tap the map');
  await press(page, 'Split the field');
  await then(page);
  answer(Response.json({ stays: OVAL, goes: { ...OVAL, id: 'part' } }));
  return page.querySelector('output');
}

test('a field that was split leads to the part split off', async () => {
  const at = await splitAt(async () => {});
  await until(() => expect(at?.textContent).toBe('/fields/part/scout'));
});

test('whoever has gone on while a field is being split is not led away', async () => {
  const at = await splitAt((page) => press(page, 'To another page'));
  await act(async () => new Promise((done) => setTimeout(done, 50)));
  expect(at?.textContent).toBe('/fields/oval/scout');
});
