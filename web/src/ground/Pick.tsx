import type { ReactNode } from 'react';

/** One of a few to pick from, said by a line under it. */
export function Pick({ on, onPick, children }: { on: boolean; onPick: () => void; children: ReactNode }) {
  return (
    <button
      type="button"
      aria-pressed={on}
      className={`min-h-11 border-b-2 ${on ? 'border-ink font-semibold' : 'border-transparent text-faded'}`}
      onClick={onPick}
    >
      {children}
    </button>
  );
}
