import { Popover } from 'radix-ui';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { clockText, inSentence } from '../ground/format';
import { Ring } from '../ground/Ring';
import { alarm } from './alarm';
import type { Standing } from './clocks';
import { placeOf } from './place';
import { useClocks } from './useClocks';

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
  const first = clocks[0];
  if (!first) return null;
  return (
    <div className={compact ? '' : 'bg-ink text-paper'}>
      <span className="sr-only" role="status">
        {due.map((one) => `${words(one)}: now.`).join(' ')}
      </span>
      <Popover.Root>
        <Popover.Trigger
          className={`flex items-center gap-3 ${compact ? 'min-h-11' : 'min-h-14 w-full px-4 text-left'}`}
          aria-label={`${words(first)}, ${time(first)}. ${clocks.length} clocks run; show all`}
        >
          <Ring share={first.share} due={first.state !== 'waiting'} size={compact ? 20 : 26} />
          <span className="num text-lg font-semibold">{time(first)}</span>
          <span className={`min-w-0 truncate ${compact ? 'max-w-44' : ''}`}>{words(first)}</span>
          {!compact && <span className="ml-auto shrink-0 text-sm opacity-80">{clocks.length} clocks</span>}
          {compact && clocks.length > 1 && <span className="text-sm text-faded">+{clocks.length - 1}</span>}
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            align="end"
            side={compact ? 'bottom' : 'top'}
            sideOffset={6}
            className="z-40 w-[min(24rem,94vw)] rounded-[10px] border-[1.5px] border-edge bg-lift p-3 text-ink shadow-lg"
            aria-label="Clocks"
          >
            <ul>
              {clocks.map((one) => (
                <li key={one.clock.id}>
                  <Popover.Close asChild>
                    <Link to={benchPath(one)} className="flex min-h-14 items-center gap-3 rounded-md px-2">
                      <Ring share={one.share} due={one.state !== 'waiting'} size={24} />
                      <span className="num w-20 shrink-0 text-lg">{time(one)}</span>
                      <span className="min-w-0">
                        <span className="block font-medium">
                          {one.clock.fieldName}, spot {one.clock.spotLabel}
                        </span>
                        <span className="block text-sm text-faded">{one.methodName}</span>
                      </span>
                    </Link>
                  </Popover.Close>
                </li>
              ))}
            </ul>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
    </div>
  );
}

export function benchPath(one: Standing): string {
  const { fieldId, visitId, method } = one.clock;
  return `/fields/${fieldId}/visits/${visitId}/measure?spot=${placeOf(one.clock)}&method=${method}`;
}

function words(one: Standing): string {
  return `${inSentence(one.methodName)}, spot ${one.clock.spotLabel}`;
}

function time(one: Standing): string {
  return one.state === 'waiting'
    ? clockText(one.leftS)
    : one.state === 'due'
      ? 'now'
      : `+${clockText(one.leftS)}`;
}
