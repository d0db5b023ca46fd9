// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { expect, test } from 'vitest';
import { Failed, NoSignal } from '../api/problem';
import { live, until } from '../testing/live';
import { Show } from './State';

function Bench({ ask }: { ask: () => Promise<string> }) {
  const of = useQuery({ queryKey: ['bench'], queryFn: ask });
  return (
    <main data-of={of.status}>
      <Show of={of}>{(step) => <button type="button">{step}</button>}</Show>
    </main>
  );
}

/** A bench of before is shown while it is asked for anew; then that goes wrong. */
async function asked(wrong: Error): Promise<HTMLElement> {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  queries.setQueryData(['bench'], 'Step 4', { updatedAt: 1 });
  let fail: (why: Error) => void = () => {};
  const ask = () => new Promise<string>((_, reject) => (fail = reject));
  const page = await live(
    <QueryClientProvider client={queries}>
      <Bench ask={ask} />
    </QueryClientProvider>,
  );
  fail(wrong);
  await until(() => expect(page.querySelector('main')?.dataset.of).toBe('error'));
  return page;
}

test('what stands under a finger does not move when no signal is found', async () => {
  const page = await asked(new NoSignal());
  expect(page.querySelector('main')?.innerHTML).toBe('<button type="button">Step 4</button>');
});

test('what the server refused to show anew is shown as it was, and that is said', async () => {
  const page = await asked(
    new Failed({
      status: 500,
      title: 'It broke',
      detail: 'The page is not what was last written.',
      errors: [],
    }),
  );
  expect(page.textContent).toBe('Shown as last fetched. The page is not what was last written.Step 4');
});
