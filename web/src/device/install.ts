/**
 * The installed page: its code is kept on the device by a service worker. A newer page waits until it is asked for, and is
 * never taken while one is open that would lose its parts.
 */
let waiting: ServiceWorker | null = null;
const listeners = new Set<() => void>();

export function newerPage(): ServiceWorker | null {
  return waiting;
}

export function onNewerPage(tell: () => void): () => void {
  listeners.add(tell);
  return () => {
    listeners.delete(tell);
  };
}

const PATIENCE_MS = 3000;

/** Takes the newer page now, in every tab. */
export function takeNewerPage(): void {
  waiting?.postMessage({ type: 'SKIP_WAITING' });
  // A browser may hold it back, for minutes, while the former is still at something that a page asked of it.
  setTimeout(() => location.reload(), PATIENCE_MS);
}

export function install(): void {
  if (!('serviceWorker' in navigator) || !isSecureContext || import.meta.env.DEV) return;
  globalThis.addEventListener('load', () => void register());
}

async function register(): Promise<void> {
  const registration = await navigator.serviceWorker.register('/sw.js');
  const look = (worker: ServiceWorker | null) => {
    if (worker?.state !== 'installed' || !navigator.serviceWorker.controller) return;
    waiting = worker;
    for (const tell of listeners) tell();
  };
  const watch = (worker: ServiceWorker | null) => worker?.addEventListener('statechange', () => look(worker));
  look(registration.waiting);
  // One may have been found before anybody listened.
  watch(registration.installing);
  registration.addEventListener('updatefound', () => watch(registration.installing));
  let taken = false;
  navigator.serviceWorker.addEventListener('controllerchange', () => {
    if (waiting !== null && !taken) {
      taken = true;
      location.reload();
    }
  });
}
