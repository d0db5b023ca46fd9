// @vitest-environment happy-dom
import { act, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { expect, it } from 'vitest';
import '../testing/live';
import { later } from './later';

let waited = false;
function Waiting() {
  waited = true;
  return null;
}

it('a part that has been fetched is drawn at once, with nothing shown in its place', async () => {
  const Part = later(async () => ({ default: () => <p>the menu</p> }));
  await Part.get();
  const page = document.body.appendChild(document.createElement('div'));
  await act(async () =>
    createRoot(page).render(
      <Suspense fallback={<Waiting />}>
        <Part />
      </Suspense>,
    ),
  );
  expect(page.textContent).toBe('the menu');
  expect(waited).toBe(false);
});
