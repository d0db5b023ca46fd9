import { afterEach, beforeEach } from 'vitest';
import { setMyUnits } from '../ground/myUnits';
import { closeAll } from './open';

/** There is no server but the one that a test says. */
beforeEach(() => {
  globalThis.fetch = () => Promise.reject(new TypeError('no server in this test'));
});

/** Modules are shared between tests: what one set for its reader is not the next one's. */
afterEach(() => {
  closeAll();
  setMyUnits(null);
  globalThis.document?.body.replaceChildren();
});
