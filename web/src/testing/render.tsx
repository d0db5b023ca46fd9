import type { ReactElement } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { MemoryRouter } from 'react-router';

/** What is drawn, as a page that can be asked. */
export function render(element: ReactElement): HTMLElement {
  const page = document.createElement('div');
  page.innerHTML = renderToStaticMarkup(<MemoryRouter>{element}</MemoryRouter>);
  return page;
}

export function texts(page: HTMLElement, selector: string): string[] {
  return [...page.querySelectorAll(selector)].map((one) => one.textContent ?? '');
}
