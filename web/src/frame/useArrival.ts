import { useEffect, useLayoutEffect, useRef } from 'react';
import { useLocation, useNavigationType } from 'react-router';

const HANDS = ['wheel', 'pointerdown', 'keydown'];
const KEPT = 'morphotera-scroll';
/** A page is fetched and drawn first; after that it is as long as it was. */
const FRAMES = 90;

/** By the entry of the browser's history and its address: each page that is opened anew is the entry `default`. */
const left: Record<string, number> = JSON.parse(sessionStorage.getItem(KEPT) ?? '{}');

/** A new page begins at its top with the keyboard in it; one that was left stands where it was left, also after a reload. */
export function useArrival(): void {
  const { pathname, search, key } = useLocation();
  const entry = `${key} ${pathname}${search}`;
  const came = useNavigationType();
  const before = useRef<string | null>(null);

  useLayoutEffect(() => {
    const from = before.current;
    before.current = pathname;
    if (came === 'POP') return scrollBack(left[entry] ?? 0);
    if (from === pathname) return;
    globalThis.scrollTo(0, 0);
    document.getElementById('page')?.focus({ preventScroll: true });
  }, [pathname, entry, came]);

  useEffect(() => {
    globalThis.history.scrollRestoration = 'manual';
    const note = () => {
      left[entry] = scrollY;
    };
    const keep = () => sessionStorage.setItem(KEPT, JSON.stringify(left));
    addEventListener('scroll', note, { passive: true });
    addEventListener('pagehide', keep);
    return () => {
      removeEventListener('scroll', note);
      removeEventListener('pagehide', keep);
    };
  }, [entry]);
}

/** As soon as the page is long enough; a hand on it goes before. */
function scrollBack(to: number): () => void {
  let tries = to > 0 ? FRAMES : 0;
  let frame = 0;
  const stop = () => {
    tries = 0;
    cancelAnimationFrame(frame);
  };
  const go = () => {
    if (tries-- <= 0) return;
    globalThis.scrollTo(0, to);
    if (Math.abs(scrollY - to) > 1) frame = requestAnimationFrame(go);
  };
  go();
  for (const hand of HANDS) addEventListener(hand, stop, { once: true });
  return () => {
    stop();
    for (const hand of HANDS) removeEventListener(hand, stop);
  };
}
