import { useSyncExternalStore } from 'react';
import type { Method } from '../api/types';
import * as device from '../device/words';
import { nowIso } from '../ground/time';

const VERSION = 1;
const keyOf = (visitId: string, method: string) => `heeded:${visitId}:${method}`;

/** Whether a method's cautions were heeded in this visit, on this device by this person. */
export function useHeeded(visitId: string, method: Method): { heeded: boolean; heed: () => void } {
  const key = keyOf(visitId, method.id);
  const at = useSyncExternalStore(device.onChange, () => device.read<string>(key, VERSION, []));
  return {
    heeded: method.cautions.length === 0 || at !== null,
    heed: () => void device.write(key, VERSION, nowIso()),
  };
}

/** What is said before the first step; heeded once a visit. */
export function Cautions({ method, onHeed }: { method: Method; onHeed: () => void }) {
  return (
    <section aria-label="Before you begin" className="grid gap-3 border-l-4 border-warn pl-4 text-lg">
      <ul>
        {method.cautions.map((caution) => (
          <li key={caution} className="mt-1 first:mt-0">
            {caution}
          </li>
        ))}
      </ul>
      <button
        type="button"
        className={`button justify-self-start ${method.heedFirst ? 'button-main' : ''}`}
        onClick={onHeed}
      >
        I heed it
      </button>
    </section>
  );
}
