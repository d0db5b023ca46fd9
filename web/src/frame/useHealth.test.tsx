// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider, useQuery, useQueryClient } from '@tanstack/react-query';
import { act } from 'react';
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { NoSignal } from '../api/problem';
import { live } from '../testing/live';
import { useHealth } from './useHealth';

let signal = true;

beforeEach(() => {
  signal = true;
  vi.useFakeTimers();
  vi.stubGlobal('fetch', () =>
    signal ? Promise.resolve(Response.json({ status: 'up' })) : Promise.reject(new TypeError('no way out')),
  );
});

afterEach(() => vi.useRealTimers());

function Page() {
  const queries = useQueryClient();
  const season = useQuery({
    queryKey: ['season'],
    queryFn: async () => {
      if (!signal) throw new NoSignal();
      return 'three fields';
    },
  });
  return (
    <>
      <p>{useHealth().isError ? 'no signal' : 'a signal'}</p>
      <p>{season.error ? 'not fetched' : (season.data ?? '')}</p>
      <button type="button" onClick={() => void queries.invalidateQueries({ queryKey: ['season'] })}>
        Look again
      </button>
    </>
  );
}

const goesBy = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms));

async function opened(): Promise<HTMLElement> {
  const page = await live(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <Page />
    </QueryClientProvider>,
  );
  await goesBy(100);
  return page;
}

async function lookedAgain(page: HTMLElement) {
  page.querySelector('button')?.click();
  await goesBy(100);
}

test('that the signal is gone is said as soon as one answer did not come', async () => {
  const page = await opened();
  expect(page.textContent).toContain('a signal');
  signal = false;
  await lookedAgain(page);
  expect(page.textContent).toContain('no signal');
});

test('what stayed unanswered is asked for again when the server answers', async () => {
  const page = await opened();
  signal = false;
  await lookedAgain(page);
  expect(page.textContent).toContain('not fetched');
  signal = true;
  await goesBy(60_000);
  expect(page.textContent).toContain('three fields');
});
