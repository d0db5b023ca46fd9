import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { NoSignal, type Refusal, refusals, sentence } from '../api/problem';
import type { Evaluation, Method, WholeVisit } from '../api/types';
import { Checks } from './Checks';
import type { Draft } from './draft';
import { type Place, placeOf } from './place';
import { Result } from './Result';
import { useEvaluation } from './useEvaluation';

type Props = {
  whole: WholeVisit;
  spot: Place;
  method: Method;
  draft: Draft;
  keep: (change: Partial<Draft>) => void;
  reading: Draft['values'];
  /** What is wrong or missing in it already. */
  wrong: Refusal[];
  /** What the sum finds wrong with it besides. */
  onRefused: (refused: Refusal[]) => void;
  isLast: boolean;
  tried: boolean;
  onTry: () => void;
  onCount: (result: Evaluation | null) => void;
  onScore?: ((score: number | null) => void) | undefined;
};

/** What comes of the reading as it stands, and at the end its checks: an answer draws this alone anew, not the entry above it. */
export function Outcome({
  whole,
  spot,
  method,
  draft,
  keep,
  reading,
  wrong,
  onRefused,
  isLast,
  tried,
  onTry,
  onCount,
  onScore,
}: Props) {
  // What was to count before its sum was there, as it stood when it was tapped.
  const [wanted, setWanted] = useState<string | null>(null);
  const evaluation = useEvaluation(whole, spot.id, method, reading, wrong.length === 0, draft.corrects);
  const score = evaluation.data?.score ?? null;
  useEffect(() => onScore?.(score), [score, onScore]);
  const refused = useMemo(() => refusals(evaluation.error), [evaluation.error]);
  useEffect(() => onRefused(refused), [refused, onRefused]);
  const found = [...wrong, ...refused];
  const checked = method.checks.every((check) => draft.checks[check.id]);
  const settled = evaluation.data !== undefined && !evaluation.isPlaceholderData;
  // Where neither the core nor the server can be asked it counts unscored; the server computes it when it arrives.
  const decided = settled || evaluation.error instanceof NoSignal;

  function count() {
    onTry();
    const reasonMissing = draft.corrects !== null && draft.reason.trim() === '';
    if (found.length > 0 || !checked || reasonMissing) return;
    // Tapped before the sum was there: it counts as soon as it is, unless it is changed meanwhile.
    if (!decided) return setWanted(JSON.stringify(reading));
    setWanted(null);
    left.current = null;
    onCount(settled ? (evaluation.data ?? null) : null);
  }

  const isWanted = wanted === JSON.stringify(reading);
  // Whoever goes on before the sum is there has counted all the same: unscored, too, and before what was typed is sent as a draft.
  const left = useRef<(() => void) | null>(null);
  useEffect(() => {
    left.current = isWanted ? () => onCount(null) : null;
    if (decided && isWanted) count();
  });
  useLayoutEffect(() => () => left.current?.(), []);

  return (
    <>
      <Result
        method={method}
        evaluation={evaluation.data ?? null}
        values={reading}
        others={whole.readings.filter(
          (one) => placeOf(one) === spot.id && one.method === method.id && one.id !== draft.corrects,
        )}
        offline={evaluation.error !== null && refused.length === 0 ? sentence(evaluation.error) : null}
      />
      {isLast && (
        <Checks
          method={method}
          draft={draft}
          keep={keep}
          tried={tried}
          found={tried ? found : []}
          onCount={count}
          waits={isWanted}
        />
      )}
    </>
  );
}
