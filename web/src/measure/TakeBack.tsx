import { useQueryClient } from '@tanstack/react-query';
import { useState, useSyncExternalStore } from 'react';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import * as device from '../device/words';
import { useHere } from '../ground/useHere';
import { useNow } from '../ground/useNow';
import { useOneTap } from '../ground/useOneTap';
import { type Counted, lastCounted, onCounted, secondsLeft, takeBack } from './undo';
import { DRAFT_VERSION, keyOf } from './useDraft';

/** For a minute after each count: take it back, and what was typed stands on the bench again. */
export function TakeBack({ visitId, onBack }: { visitId: string; onBack: (one: Counted) => void }) {
  const last = useSyncExternalStore(onCounted, lastCounted);
  const one = last?.visitId === visitId ? last : null;
  const now = useNow(one !== null);
  const queries = useQueryClient();
  const here = useHere();
  const [fault, setFault] = useState<unknown>(null);
  const left = one === null ? 0 : secondsLeft(one, now);
  const backOnce = useOneTap(back);
  if (one === null || left === 0) return null;

  async function back(taken: Counted) {
    try {
      const draft = await takeBack(taken);
      await device.write(
        keyOf(taken.visitId, taken.placeId, taken.method, taken.repeat),
        DRAFT_VERSION,
        draft,
      );
      setFault(null);
      await queries.invalidateQueries({ queryKey: keys.visit(visitId) });
      if (here.current) onBack(taken);
    } catch (error) {
      setFault(error);
    }
  }

  return (
    <>
      {/* What it lies over can be scrolled from under it. */}
      <div className="h-20" />
      <div
        role="status"
        className="fixed inset-x-4 bottom-36 z-30 rounded-[10px] border-[1.5px] border-edge bg-lift px-4 py-2 shadow-lg desk:right-auto desk:bottom-6 desk:left-7"
      >
        <p className="flex flex-wrap items-center gap-x-4">
          <span>{one.name} counted.</span>
          <button type="button" className="link min-h-11 font-semibold" onClick={() => void backOnce(one)}>
            Take it back
          </button>
          <span className="num text-faded" aria-hidden="true">
            {left} s
          </span>
        </p>
        {fault !== null && <p className="text-warn">{sentence(fault)}</p>}
      </div>
    </>
  );
}
