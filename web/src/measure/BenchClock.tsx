import type { Clock } from '../api/types';
import { clockText, waitText } from '../ground/format';
import { Ring } from '../ground/Ring';
import { useStanding } from './useClocks';

/** The wait in hand, large: what is left, and when it was to be. */
export function BenchClock({ clock, onStop }: { clock: Clock; onStop: () => void }) {
  const standing = useStanding(clock);
  if (standing === null) return null;
  const due = standing.state !== 'waiting';
  const watched = standing.step?.wait?.watched ?? false;
  return (
    <div className="grid content-start justify-items-center gap-1">
      <div className="relative flex size-32 items-center desk:size-44 justify-center">
        <span className="absolute inset-0 [&>svg]:size-full">
          <Ring share={standing.share} due={due} size={176} width={8} />
        </span>
        <span className="text-center">
          <span className="num block text-[1.9rem] leading-none desk:text-[2.6rem]" data-testid="clock">
            {due && !watched
              ? `+${clockText(standing.leftS)}`
              : clockText(watched ? standing.ranS : standing.leftS)}
          </span>
          <span className="mt-1 block text-faded">
            {due ? 'now' : watched ? `to ${waitText(standing.leftS + standing.ranS)}` : 'to go'}
          </span>
        </span>
      </div>
      <button type="button" className="link min-h-11" onClick={onStop}>
        stop this clock
      </button>
    </div>
  );
}
