import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { newId } from '../api/ids';
import { post } from '../api/outbox';
import type { Method, Reading, Spot, WholeVisit } from '../api/types';
import { nowIso } from '../ground/time';
import { mayWrite, useMe } from '../people/session';
import { AtWork } from './AtWork';
import { type Draft, fromReading, lastEntry } from './draft';
import { Taken } from './Taken';
import { newDraft, useDraft } from './useDraft';
import { usePending } from './usePending';

type Props = { whole: WholeVisit; spot: Spot; method: Method };

/** One method at one spot: the step to do now, its drawing and clock, the entry, the result as it is typed, the checks. */
export function Bench({ whole, spot, method }: Props) {
  const me = useMe();
  const [, setSearch] = useSearchParams();
  const { draft, keep, forget, full } = useDraft(whole, spot.id, method, me.id);
  const pending = usePending(whole.visit.id).find(
    (one) => one.spotId === spot.id && one.method === method.id,
  );
  const taken = whole.readings.filter((one) => one.spotId === spot.id && one.method === method.id);
  const standing = taken.find((one) => one.correctedBy === null);
  const [tried, setTried] = useState(false);

  function correct(reading: Reading) {
    const fresh = newDraft(method);
    const last = lastEntry(fresh, method);
    keep({
      ...fresh,
      step: last?.id ?? '',
      values: { ...fresh.values, ...fromReading(reading.reading) },
      corrects: reading.id,
    });
  }

  const head = (
    <header className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <button type="button" className="link min-h-11 wide:hidden" onClick={() => setSearch({})}>
        All tests
      </button>
      <h2 className="text-[1.75rem]">{method.name}</h2>
      <span className="text-faded">
        spot {spot.label}
        {spot.note ? `, ${spot.note}` : ''}
      </span>
      <Link to={`/methods/${method.id}`} className="link ml-auto">
        why and how
      </Link>
    </header>
  );

  if (pending) {
    return (
      <section className="bench" aria-label="Bench">
        {head}
        <p className="mt-6 text-xl">Kept on this device, to send. The score comes with the signal.</p>
      </section>
    );
  }
  if ((standing && draft.corrects === null) || !mayWrite(me)) {
    return (
      <section className="bench" aria-label="Bench">
        {head}
        {standing ? (
          <Taken method={method} reading={standing} all={taken} onCorrect={mayWrite(me) ? correct : null} />
        ) : (
          <p className="mt-6 text-xl">Nothing was read here.</p>
        )}
      </section>
    );
  }

  function count(reading: Draft['values']) {
    const body = {
      visitId: whole.visit.id,
      spotId: spot.id,
      method: method.id,
      reading,
      takenAt: nowIso(),
      device: navigator.maxTouchPoints > 0 ? 'phone' : 'desk',
      corrects: draft.corrects,
      correctionReason: draft.corrects ? draft.reason : null,
    };
    const label = `${method.name}, ${whole.field.name} spot ${spot.label}`;
    post({ person: me.id, path: `/api/readings/${newId()}`, body, label });
    forget();
    setTried(false);
  }

  return (
    <section className="bench grid content-start gap-5" aria-label="Bench">
      {head}
      {full && (
        <p className="text-warn" role="alert">
          This device has no room left: what you type now is not kept. Free some room, or write it on paper.
        </p>
      )}
      <AtWork
        whole={whole}
        spot={spot}
        method={method}
        draft={draft}
        keep={keep}
        forget={forget}
        tried={tried}
        onTry={() => setTried(true)}
        onCount={count}
      />
    </section>
  );
}
