// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import { live } from '../testing/live';
import { BringFile } from './BringFile';

const NOTHING = { good: 0, bad: [], sample: [], columns: {}, would: { add: 0, same: 0, change: 0 } };
const at = (state: string, rows: number) => ({ ...NOTHING, id: 'one', kind: 'practice', state, rows });
const asked: string[] = [];
let answers: object[] = [];

/** The server: it answers what is next, and forgets a file that is dropped. */
function answer(request: Request | string, options?: RequestInit): Promise<Response> {
  const verb = request instanceof Request ? request.method : (options?.method ?? 'GET');
  asked.push(verb);
  if (verb === 'DELETE') {
    answers = [];
    return Promise.resolve(new Response(null, { status: 204 }));
  }
  const next = answers.length > 1 ? answers.shift() : answers[0];
  const body = next ?? {
    status: 404,
    code: 'unknown-id',
    title: 'Not found',
    detail: 'It is not here.',
    errors: [],
  };
  return Promise.resolve(new Response(JSON.stringify(body), { status: next ? 200 : 404 }));
}

async function brought(): Promise<HTMLElement> {
  vi.stubGlobal('fetch', answer);
  vi.useFakeTimers({ toFake: ['setTimeout', 'setInterval'] });
  const page = await live(
    <QueryClientProvider client={new QueryClient()}>
      <BringFile kind="practice" title="A package" hint="" accept=".zip" names={['row', 'rows']} />
    </QueryClientProvider>,
  );
  const input = page.querySelector('input');
  Object.defineProperty(input, 'files', { value: [new File(['PK'], 'all.zip')] });
  await act(async () => input?.dispatchEvent(new Event('change', { bubbles: true })));
  await after(0);
  return page;
}

const after = (ms: number) => act(async () => void (await vi.advanceTimersByTimeAsync(ms)));

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  document.body.replaceChildren();
  asked.length = 0;
});

it('a large package says how many rows were looked at, and then what it holds', async () => {
  answers = [
    at('looking', 12_000),
    at('looking', 480_000),
    { ...at('looked-at', 7_000_000), good: 7_000_000 },
  ];
  const page = await brought();
  expect(page.textContent).toContain('12\u202f000 rows looked at');
  await after(1500);
  expect(page.textContent).toContain('480\u202f000 rows looked at');
  await after(1500);
  expect(page.textContent).not.toContain('looked at');
  expect(page.textContent).toContain('7\u202f000\u202f000 rows can be read');
});

it('stopped while it is looked at it is gone, and that is no fault', async () => {
  answers = [at('looking', 12_000)];
  const page = await brought();
  const stop = [...page.querySelectorAll('button')].find((one) => one.textContent?.startsWith('Stop'));
  await act(async () => stop?.click());
  await after(3000);
  expect(asked).toContain('DELETE');
  expect(page.textContent).not.toContain('looked at');
  expect(page.querySelector('[role=alert]')).toBeNull();
});
