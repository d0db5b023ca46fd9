import { Link } from 'react-router';
import type { Method, WholeVisit } from '../api/types';
import { useCauses } from '../decide/useCauses';
import { useZone } from '../ground/ZonePick';
import { useScores } from '../read/useScores';
import { beforeLeaving, leavingWords } from './leaving';
import type { Place } from './place';
import { useRunning } from './useClocks';
import { findDraft } from './useDraft';
import { usePending } from './usePending';

type Props = { whole: WholeVisit; methods: Method[]; places: Place[] };

/** Asked while one still stands on the field: one list, each a tap from its cell. */
export function BeforeLeaving({ whole, methods, places }: Props) {
  const [zone] = useZone(whole.field);
  const read = whole.readings.length > 0;
  const scores = useScores(read ? whole.visit.id : null, zone);
  const causes = useCauses(whole.visit.id, zone);
  const clocks = useRunning().filter((one) => one.visitId === whole.visit.id);
  const pending = usePending(whole.visit.id);
  const items = beforeLeaving({
    whole,
    methods,
    places,
    pending,
    clocks,
    begun: (place, method) => findDraft(whole, place, method) !== null,
    scores: scores.data,
    judgement: read ? causes.data : undefined,
  });
  return (
    <details className="mt-7 border-t border-rule pt-3">
      <summary className="flex min-h-11 cursor-pointer items-center text-lg font-semibold">
        <span className="link">{leavingWords(items.length)}</span>
      </summary>
      <ol className="mt-1">
        {items.map((item) => (
          <li key={item.text} className="border-t border-rule">
            {item.at ? (
              <Link
                className="flex min-h-12 items-center py-2"
                to={`?spot=${item.at.place}&method=${item.at.method}`}
              >
                {item.text}
              </Link>
            ) : (
              <p className="flex min-h-12 items-center py-2">{item.text}</p>
            )}
          </li>
        ))}
      </ol>
    </details>
  );
}
