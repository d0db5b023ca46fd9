// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act } from 'react';
import { flushSync } from 'react-dom';
import { createRoot } from 'react-dom/client';
import { createMemoryRouter, Link, RouterProvider } from 'react-router';
import { expect, test } from 'vitest';
import { keys } from '../api/keys';
import { open } from '../testing/open';
import { PlaceLine } from './PlaceLine';
import { pathOf, usePlace } from './place';

const acting = globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean };

function Page() {
  const place = usePlace();
  return (
    <>
      <PlaceLine place={place} />
      <Link to={pathOf(place, 'decide')}>decide</Link>
    </>
  );
}

/** Stands at this year's visit. */
async function standing(): Promise<HTMLElement> {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } });
  queries.setQueryData(keys.field('f'), { id: 'f', name: 'Church Piece', holdingName: 'Hallow Quay' });
  const visit = (id: string, day: string) => ({ id, day, state: 'done' });
  queries.setQueryData(keys.visits('f'), [visit('now', '2031-05-14'), visit('first', '2028-05-10')]);
  const router = createMemoryRouter([{ path: '/fields/:fieldId/visits/:visitId/:verb', Component: Page }], {
    initialEntries: ['/fields/f/visits/now/read'],
  });
  const page = document.body.appendChild(document.createElement('div'));
  const root = createRoot(page);
  open.add(root);
  acting.IS_REACT_ACT_ENVIRONMENT = true;
  await act(async () =>
    root.render(
      <QueryClientProvider client={queries}>
        <RouterProvider router={router} flushSync={(draw) => void flushSync(draw)} />
      </QueryClientProvider>,
    ),
  );
  return page;
}

/** However long its page takes to draw: only what is done at once is done. */
test('whoever picks a visit and taps a verb at once comes to that visit', async () => {
  const page = await standing();
  const picked = page.querySelector('select') as HTMLSelectElement;
  acting.IS_REACT_ACT_ENVIRONMENT = false;
  picked.value = 'first';
  picked.dispatchEvent(new Event('change', { bubbles: true }));
  for (let i = 0; i < 50; i++) await Promise.resolve();
  expect(page.querySelector('a[href$="decide"]')?.getAttribute('href')).toBe('/fields/f/visits/first/decide');
});
