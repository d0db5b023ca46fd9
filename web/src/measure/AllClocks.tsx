import { Popover } from 'radix-ui';
import type { RefObject } from 'react';
import { Link } from 'react-router';
import { Ring } from '../ground/Ring';
import type { Standing } from './clocks';
import { benchPath, time } from './clockWords';

type Props = { clocks: Standing[]; below: boolean; at: RefObject<HTMLButtonElement>; onClose: () => void };

/** All clocks that run, over or under the one that stands first. */
export default function AllClocks({ clocks, below, at, onClose }: Props) {
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={at} />
      <Popover.Portal>
        <Popover.Content
          align="end"
          side={below ? 'bottom' : 'top'}
          sideOffset={6}
          className="z-40 w-[min(24rem,94vw)] rounded-[10px] border-[1.5px] border-edge bg-lift p-3 text-ink shadow-lg"
          aria-label="Clocks"
          onInteractOutside={(event) => {
            // A press on the clock itself closes it there.
            if (at.current?.contains(event.target as Node)) event.preventDefault();
          }}
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
  );
}
