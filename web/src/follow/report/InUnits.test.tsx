// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { useState } from 'react';
import { expect, test } from 'vitest';
import type { Me, Units } from '../../api/types';
import { figure, setMyUnits } from '../../ground/myUnits';
import { Session } from '../../people/session';
import { live, press } from '../../testing/live';
import { InUnits } from './InUnits';

const CM = { depth: 'cm' } as Units;
const INCHES = { depth: 'in' } as Units;

function Depth() {
  return <p>{figure(25.4, 'cm')}</p>;
}

function Page() {
  const [open, setOpen] = useState(true);
  return open ? (
    <InUnits units={INCHES}>
      <Depth />
      <button type="button" onClick={() => setOpen(false)}>
        Back
      </button>
    </InUnits>
  ) : null;
}

test('what a grower gets is in their units, and on leaving its sentences are asked for again', async () => {
  setMyUnits(CM);
  const queries = new QueryClient();
  queries.setQueryData(['causes'], { text: 'Hard from 25 cm.' });
  queries.setQueryData(['session'], { name: 'Adviser' });
  const page = await live(
    <QueryClientProvider client={queries}>
      <Session value={{ units: CM } as Me}>
        <Page />
      </Session>
    </QueryClientProvider>,
  );
  expect(page.textContent).toBe('10 inBack');
  expect(queries.getQueryData(['causes'])).toBeUndefined();
  expect(queries.getQueryData(['session'])).toBeDefined();
  queries.setQueryData(['causes'], { text: 'Hard from 9.8 in.' });
  await press(page, 'Back');
  expect(queries.getQueryState(['causes'])?.isInvalidated).toBe(true);
});
