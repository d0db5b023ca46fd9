import { memo, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { Clock, Reading } from '../api/types';
import { bandOf, Clod } from '../ground/Clod';
import { show } from '../ground/format';
import { Ring } from '../ground/Ring';
import { useStanding } from './useClocks';

/** How a method stands at a spot. */
type Cell =
  | { is: 'empty'; words: string }
  | { is: 'unplanned'; words: string }
  | { is: 'begun'; words: string }
  | { is: 'sending'; words: string }
  | { is: 'clock'; clock: Clock }
  | { is: 'done'; words: string; score: number | null; flagged: boolean; count: number };

export function cellOf(
  readings: Reading[],
  contested: boolean,
  clock: Clock | undefined,
  pending: boolean,
  begun: boolean,
  planned: boolean,
): Cell {
  if (clock) return { is: 'clock', clock };
  if (pending) return { is: 'sending', words: 'done, to send' };
  // The topmost of several depths, and the first of repeats, stands for the cell.
  const reading = [...readings].sort((a, b) => depthOf(a) - depthOf(b) || a.repeat - b.repeat)[0];
  if (reading) {
    const { score, hollow } = reading.evaluation;
    const flagged = contested || hollow.length > 0;
    const count = readings.length;
    return {
      is: 'done',
      words: `${score === null ? 'done, no score' : `${show(score, 0)}, ${bandOf(score)}`}${count > 1 ? `, the first of ${count} readings` : ''}${contested ? ', which of two holds?' : flagged ? ', flagged' : ''}`,
      score,
      flagged,
      count,
    };
  }
  if (begun) return { is: 'begun', words: 'begun' };
  return planned ? { is: 'empty', words: 'empty' } : { is: 'unplanned', words: 'not planned here' };
}

function depthOf(reading: Reading): number {
  return typeof reading.reading.depthCm === 'number' && reading.depthClass ? reading.reading.depthCm : 0;
}

type Props = {
  to: string;
  /** The method and the place, in words. */
  at: string;
  inHand: boolean;
  cell: Cell;
  dense: boolean;
};

/** Drawn again only where it is another: a tray has hundreds, and each key typed beside it would draw them all. */
export const TrayCell = memo(
  ({ to, at, inHand, cell, dense }: Props) =>
    cell.is === 'clock' ? (
      <Running to={to} at={at} inHand={inHand} clock={cell.clock} />
    ) : (
      <Cross to={to} label={`${at}: ${cell.words}`} inHand={inHand}>
        <Mark cell={cell} dense={dense} />
      </Cross>
    ),
  (was, is) =>
    was.to === is.to &&
    was.at === is.at &&
    was.inHand === is.inHand &&
    was.dense === is.dense &&
    isSame(was.cell, is.cell),
);

function isSame(was: Cell, is: Cell): boolean {
  return Object.entries(is).every(([key, value]) => (was as Record<string, unknown>)[key] === value);
}

function Cross({
  to,
  label,
  inHand,
  children,
}: Pick<Props, 'to' | 'inHand'> & { label: string; children: ReactNode }) {
  return (
    <Link
      to={to}
      className={`mx-auto flex min-h-12 min-w-11 items-center justify-center gap-1.5 rounded-md border-2 ${
        inHand ? 'border-act' : 'border-transparent'
      }`}
      aria-label={label}
    >
      {children}
    </Link>
  );
}

function Running({ to, at, inHand, clock }: Pick<Props, 'to' | 'at' | 'inHand'> & { clock: Clock }) {
  const standing = useStanding(clock);
  const due = standing !== null && standing.state !== 'waiting';
  return (
    <Cross to={to} label={`${at}: ${due ? 'due now' : 'waiting'}`} inHand={inHand}>
      <Ring share={standing?.share ?? 0} due={due} size={26} />
    </Cross>
  );
}

/** Many spots leave no room for numbers: the clod and its name for a screen reader say the band. */
function Mark({ cell, dense }: { cell: Exclude<Cell, { is: 'clock' }>; dense: boolean }) {
  switch (cell.is) {
    case 'empty':
      return <span className="size-2 rounded-full border border-edge" />;
    case 'unplanned':
      return null;
    case 'begun':
      return <span className="size-3 rounded-full border-2 border-act" />;
    case 'sending':
      return <span className="size-3 rounded-full bg-act" />;
    case 'done':
      return (
        <>
          <span className="relative">
            <Clod band={bandOf(cell.score)} size={18} />
            {cell.flagged && <span className="absolute -top-1 -right-1.5 size-2 rounded-full bg-warn" />}
          </span>
          {cell.count > 1 && <sup className="num text-xs">{cell.count}</sup>}
          {cell.score !== null && !dense && (
            <span className="num max-desk:hidden">{show(cell.score, 0)}</span>
          )}
        </>
      );
  }
}
