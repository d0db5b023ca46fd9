import { type ComponentType, lazy } from 'react';

/** A part that nobody needs before they ask for it: fetched once the page is at rest, so that it is there when they do. */
export function later<P>(fetch: () => Promise<{ default: ComponentType<P> }>) {
  const rest = globalThis.requestIdleCallback ?? ((then: () => void) => setTimeout(then, 2000));
  rest(() => void fetch().catch(() => {}));
  return lazy(fetch);
}
