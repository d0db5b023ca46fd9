// @vitest-environment happy-dom
import 'fake-indexeddb/auto';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act } from 'react';
import { expect, it, vi } from 'vitest';
import { keys } from '../api/keys';
import type { Holding, Me } from '../api/types';
import { Session } from '../people/session';
import { live, type, until } from '../testing/live';
import { NewField } from './NewField';

const ME = { id: 'adviser', role: 'adviser', units: null } as unknown as Me;

it('the name of a new holding stays where it is typed when the holdings there are come late', async () => {
  vi.stubGlobal('fetch', () => new Promise(() => undefined));
  const queries = new QueryClient();
  const page = await live(
    <QueryClientProvider client={queries}>
      <Session value={ME}>
        <NewField />
      </Session>
    </QueryClientProvider>,
  );
  const radio = [...page.querySelectorAll('[role=radio]')].find((one) => one.textContent === 'A new holding');
  await act(async () => (radio as HTMLElement).click());
  const named = () =>
    [...page.querySelectorAll('label')].find((one) => one.textContent === 'Name of the holding')
      ?.control as HTMLInputElement | null;
  await type(named(), 'Walked Holding');

  queries.setQueryData(keys.holdings, [{ id: 'tidewrack', name: 'Tidewrack' }] as Holding[]);
  await until(() => expect(page.textContent).toContain('Tidewrack'));

  expect(named()?.value).toBe('Walked Holding');
});
