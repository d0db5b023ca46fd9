import { act, type ReactElement } from 'react';
import { createRoot } from 'react-dom/client';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import { open } from './open';

(globalThis as { IS_REACT_ACT_ENVIRONMENT?: boolean }).IS_REACT_ACT_ENVIRONMENT = true;
/** Nothing has a size here. */
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};

Element.prototype.scrollIntoView ??= () => {};

/** What comes later than this is waited for with {@link until}. */
const SETTLED_MS = 30;

/** A page that can be pressed and typed on, opened at an address. */
export async function live(element: ReactElement, at = '/'): Promise<HTMLElement> {
  const page = document.body.appendChild(document.createElement('div'));
  const root = createRoot(page);
  open.add(root);
  await act(async () => root.render(<MemoryRouter initialEntries={[at]}>{element}</MemoryRouter>));
  return page;
}

export async function press(page: HTMLElement, button: string): Promise<void> {
  const found = [...page.querySelectorAll('button')].find((one) => one.textContent === button);
  if (!found) throw new Error(`no button '${button}' on: ${page.textContent}`);
  await act(async () => {
    found.click();
    await new Promise((done) => setTimeout(done, SETTLED_MS));
  });
}

export async function type(field: Element | null, text: string): Promise<void> {
  if (!(field instanceof HTMLInputElement)) throw new Error('nothing to type in');
  // React hears only what goes through the prototype's own setter.
  Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(field, text);
  await act(async () => field.dispatchEvent(new Event('input', { bubbles: true })));
}

/** Until it holds on the page as it is drawn by then. */
export function until(holds: () => void): Promise<void> {
  return vi.waitFor(async () => {
    await act(async () => {});
    holds();
  });
}
