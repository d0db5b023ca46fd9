// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from 'vitest';

class Worker extends EventTarget {
  state = 'installing';
  said: unknown[] = [];
  postMessage(what: unknown) {
    this.said.push(what);
  }
  becomes(state: string) {
    this.state = state;
    this.dispatchEvent(new Event('statechange'));
  }
}

class Registration extends EventTarget {
  waiting: Worker | null = null;
  installing: Worker | null = null;
}

let registration: Registration;

/** A page that is opened on a device that keeps its code. */
async function opened() {
  vi.resetModules();
  vi.stubEnv('DEV', false);
  vi.stubGlobal('isSecureContext', true);
  const container = Object.assign(new EventTarget(), { controller: {}, register: async () => registration });
  Object.defineProperty(navigator, 'serviceWorker', { value: container, configurable: true });
  const page = await import('./install');
  page.install();
  globalThis.dispatchEvent(new Event('load'));
  await Promise.resolve();
  await Promise.resolve();
  return page;
}

beforeEach(() => {
  registration = new Registration();
});

it('a newer page that was being fetched as this one opened is told of once it is whole, and taken when asked', async () => {
  const newer = new Worker();
  registration.installing = newer;
  const page = await opened();
  expect(page.newerPage()).toBeNull();
  newer.becomes('installed');
  expect(page.newerPage()).toBe(newer);
  page.takeNewerPage();
  expect(newer.said).toEqual([{ type: 'SKIP_WAITING' }]);
});

it('a newer page that the browser holds back after it was asked for is come to by loading anew', async () => {
  vi.useFakeTimers();
  const reload = vi.fn();
  vi.stubGlobal('location', { reload });
  registration.waiting = new Worker();
  registration.waiting.state = 'installed';
  const page = await opened();
  page.takeNewerPage();
  vi.advanceTimersByTime(2900);
  expect(reload).not.toHaveBeenCalled();
  vi.advanceTimersByTime(200);
  expect(reload).toHaveBeenCalledOnce();
  vi.useRealTimers();
});

it('a newer page that is found later takes the place of the one that waits', async () => {
  registration.waiting = new Worker();
  registration.waiting.state = 'installed';
  const page = await opened();
  expect(page.newerPage()).toBe(registration.waiting);
  const newest = new Worker();
  registration.installing = newest;
  registration.dispatchEvent(new Event('updatefound'));
  newest.becomes('installed');
  expect(page.newerPage()).toBe(newest);
});
