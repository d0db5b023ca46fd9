import { afterEach } from 'vitest';
import { setMyUnits } from '../ground/myUnits';

/** Modules are shared between tests: what one set for its reader is not the next one's. */
afterEach(() => {
  setMyUnits(null);
  globalThis.document?.body.replaceChildren();
});
