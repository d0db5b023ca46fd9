import { type ComponentType, lazy } from 'react';

/** By then the first page stands; a pause while it waits for something is no rest. */
const AT_REST_MS = 3000;

type Part<P> = { default: ComponentType<P> };

/**
 * A part that nobody needs before they ask for it: fetched once the page is at rest, so that it is there when they do. One that
 * is there is drawn at once: what is waited for, be it a moment, stays hidden for a third of a second.
 */
export function later<P>(fetch: () => Promise<Part<P>>) {
  let there: Part<P> | null = null;
  const get = async () => {
    there = await fetch();
    return there;
  };
  setTimeout(() => void get().catch(() => {}), AT_REST_MS);
  // biome-ignore lint/suspicious/noThenProperty: the one promise that is kept at once, which React does not wait for
  const atOnce = { then: (kept: (part: Part<P> | null) => void) => kept(there) };
  const part = lazy(() => (there ? (atOnce as unknown as Promise<Part<P>>) : get()));
  return Object.assign(part, { get });
}
