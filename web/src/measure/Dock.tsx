import { Suspense, useEffect, useRef, useState } from 'react';
import { later } from '../frame/later';
import { Ring } from '../ground/Ring';
import { alarm } from './alarm';
import { time, words } from './clockWords';
import { useClocks } from './useClocks';

const AllClocks = later(() => import('./AllClocks'));

/** The running clocks, soonest first, on every screen: along the top at a desk, over the thumb on a phone. */
export function Dock({ compact = false }: { compact?: boolean }) {
  const clocks = useClocks();
  const rung = useRef(new Set<string>());
  const due = clocks.filter((one) => one.state !== 'waiting');
  useEffect(() => {
    for (const one of due) {
      // Long past is no longer news: a clock found late at the start does not ring.
      if (!rung.current.has(one.clock.id)) {
        rung.current.add(one.clock.id);
        if (one.lateS > -60) alarm();
      }
    }
  });
  const button = useRef<HTMLButtonElement>(null as unknown as HTMLButtonElement);
  const [open, setOpen] = useState(false);
  const first = clocks[0];
  if (!first) return null;
  return (
    <div className={compact ? '' : 'bg-ink text-paper'}>
      <span className="sr-only" role="status">
        {due.map((one) => `${words(one)}: now.`).join(' ')}
      </span>
      <button
        type="button"
        ref={button}
        aria-haspopup="dialog"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
        className={`flex items-center gap-3 ${compact ? 'min-h-11' : 'min-h-14 w-full px-4 text-left'}`}
        aria-label={`${words(first)}, ${time(first)}. ${clocks.length} clocks run; show all`}
      >
        <Ring share={first.share} due={first.state !== 'waiting'} size={compact ? 20 : 26} />
        <span className="num text-lg font-semibold">{time(first)}</span>
        <span className={`min-w-0 truncate ${compact ? 'max-w-44' : ''}`}>{words(first)}</span>
        {!compact && <span className="ml-auto shrink-0 text-sm opacity-80">{clocks.length} clocks</span>}
        {compact && clocks.length > 1 && <span className="text-sm text-faded">+{clocks.length - 1}</span>}
      </button>
      {open && (
        <Suspense>
          <AllClocks clocks={clocks} below={compact} at={button} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </div>
  );
}
