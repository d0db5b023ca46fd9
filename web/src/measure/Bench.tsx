import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { newId } from '../api/ids';
import type { Evaluation, Method, Reading, WholeVisit } from '../api/types';
import { mend, post } from '../device/parcels';
import { nowIso } from '../ground/time';
import { useHere } from '../ground/useHere';
import { useOneTap } from '../ground/useOneTap';
import { mayWrite, useMe } from '../people/session';
import { AtWork } from './AtWork';
import { CameBack } from './CameBack';
import { Aside, Contested } from './Contested';
import { nextSlot, repeatFor, standing } from './cell';
import { type Draft, fromReading, lastEntry } from './draft';
import { Pictures } from './pictures/Pictures';
import { type Place, placeOf } from './place';
import { Result } from './Result';
import { Taken } from './Taken';
import { counted } from './undo';
import { draftPath, newDraft, useDraft } from './useDraft';
import { usePending } from './usePending';

type Props = {
  whole: WholeVisit;
  spot: Place;
  method: Method;
  /** The spots it may stand beside; none where it does already. */
  besides?: Place[];
  onBeside?: (placeId: string) => void;
  /** What it comes to as it stands, for the bench beside it. */
  onScore?: (score: number | null) => void;
};

/** One method at one spot: the step to do now, its drawing and clock, the entry, the result as it is typed, the checks. */
export function Bench({ whole, spot, method, besides = [], onBeside, onScore }: Props) {
  const me = useMe();
  const [search, setSearch] = useSearchParams();
  const slot = Number(search.get('repeat') ?? '1') || 1;
  const { draft, key, keep, hold, forget, full } = useDraft(whole, spot.id, method, me.id, slot);
  const pending = usePending(whole.visit.id).filter(
    (one) => placeOf(one) === spot.id && one.method === method.id,
  );
  const taken = whole.readings.filter((one) => placeOf(one) === spot.id && one.method === method.id);
  const stand = standing(taken);
  const [tried, setTried] = useState(false);
  const [lost, setLost] = useState(false);
  const here = useHere();
  const countOnce = useOneTap(count);
  const writes = mayWrite(me);
  const placeName = `${spot.sample ? 'sample' : 'spot'} ${spot.label}`;

  function toSlot(next: number | null) {
    const params: Record<string, string> = { spot: spot.id, method: method.id };
    if (next !== null && next > 1) params.repeat = String(next);
    setSearch(params);
  }

  function correct(reading: Reading) {
    const fresh = newDraft(method);
    const last = lastEntry(fresh, method);
    keep({
      ...fresh,
      variant: reading.variant ?? fresh.variant,
      step: last?.id ?? '',
      values: { ...fresh.values, ...fromReading(reading.reading) },
      note: reading.note ?? '',
      takenAt: reading.takenAt,
      corrects: reading.id,
    });
  }

  async function count(reading: Draft['values'], result: Evaluation | null) {
    const variant = method.variants.length > 1 ? draft.variant : null;
    const corrected = taken.find((one) => one.id === draft.corrects);
    const body = {
      visitId: whole.visit.id,
      spotId: spot.sample ? null : spot.id,
      method: method.id,
      variant,
      repeat: corrected?.repeat ?? repeatFor(reading, variant, taken),
      reading,
      note: draft.note.trim() || null,
      sampleId: spot.sample ? spot.id : null,
      takenAt: draft.takenAt ?? nowIso(),
      device: navigator.maxTouchPoints > 0 ? 'phone' : 'desk',
      corrects: draft.corrects,
      correctionReason: draft.corrects ? draft.reason : null,
    };
    const label = `${method.name}, ${whole.field.name} ${placeName}`;
    const id = newId();
    const typed = draft;
    hold();
    const kept = draft.mends
      ? await mend(draft.mends, body, result, key)
      : await post(
          { person: me.id, path: `/api/readings/${id}`, body, label, result },
          { draft: key, replaces: draftPath(whole.visit.id, spot.id, method.id) },
        );
    setLost(!kept);
    if (!kept) return;
    if (typed.streams.length > 0 && !typed.mends) {
      const path = `/api/readings/${id}/streams`;
      await post({ person: me.id, path, body: { streams: typed.streams }, label: `${label}, its probe` });
    }
    if (!typed.mends) {
      counted({
        id,
        visitId: whole.visit.id,
        placeId: spot.id,
        method: method.id,
        repeat: slot,
        name: `${method.name}, ${placeName}`,
        draft: typed,
        corrected: corrected ?? null,
      });
    }
    forget();
    setTried(false);
    if (slot > 1 && here.current) toSlot(null);
  }

  const head = (
    <header className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
      <button type="button" className="link min-h-11 wide:hidden" onClick={() => setSearch({})}>
        All tests
      </button>
      <h2 className="text-[1.75rem]">{method.name}</h2>
      <span className="text-faded">
        {placeName}
        {spot.note ? `, ${spot.note}` : ''}
        {slot > 1 ? ', one more reading' : ''}
      </span>
      <Link to={`/methods/${method.id}`} className="link ml-auto">
        why and how
      </Link>
    </header>
  );

  const counts = stand[0]?.evaluation.score ?? pending[0]?.result?.score ?? null;
  const isCounted = stand.length > 0 || pending.length > 0;
  useEffect(() => {
    if (isCounted) onScore?.(counts);
  }, [isCounted, counts, onScore]);

  const toPair = besides.length > 0 && !spot.sample && (
    <label className="flex flex-wrap items-baseline gap-3 text-lg">
      Stand it beside
      <select
        className="min-h-11 min-w-0 py-1"
        aria-label="Stand it beside another spot"
        value=""
        onChange={(event) => onBeside?.(event.target.value)}
      >
        <option value="">no other</option>
        {besides.map((one) => (
          <option key={one.id} value={one.id}>
            spot {one.label}
            {one.note ? `, ${one.note}` : ''}
          </option>
        ))}
      </select>
    </label>
  );

  const another = slot > 1 && draft.corrects === null;
  const shown =
    !another && draft.corrects === null && draft.mends === null && (stand.length > 0 || pending.length > 0);
  if (shown || !writes) {
    return (
      <section className="bench" aria-label="Bench">
        {head}
        {pending.length > 0 && <p className="mt-6 text-xl">Kept on this device, to send.</p>}
        {pending.map(
          (one) =>
            one.result && (
              <Result
                key={one.id}
                method={method}
                evaluation={one.result}
                values={one.reading}
                offline={null}
              />
            ),
        )}
        {stand.length === 0 && pending.length === 0 && <p className="mt-6 text-xl">Nothing was read here.</p>}
        <Contested readings={taken} visitId={whole.visit.id} mayWrite={writes} />
        {stand.map((reading) => (
          <Taken
            key={reading.id}
            method={method}
            reading={reading}
            all={taken}
            onCorrect={writes ? correct : null}
          />
        ))}
        <Aside readings={taken} visitId={whole.visit.id} mayWrite={writes} />
        <Pictures whole={whole} place={spot} method={method} />
        {toPair}
        {writes && (
          <button
            type="button"
            className="link mt-6 min-h-14 border-t border-rule text-left text-lg"
            onClick={() => toSlot(Math.max(2, nextSlot(taken) + pending.length))}
          >
            One more reading here: another depth, another block, a repeat
          </button>
        )}
      </section>
    );
  }

  return (
    <section className="bench grid content-start gap-5" aria-label="Bench">
      {head}
      {another && (
        <button
          type="button"
          className="link min-h-11 justify-self-start"
          onClick={() => {
            forget();
            toSlot(null);
          }}
        >
          No, leave it at what was read
        </button>
      )}
      {lost && (
        <p className="text-warn" role="alert">
          This reading is not counted: this device has no room left. Free some room, then count it again; what
          you typed is still here.
        </p>
      )}
      {full && !lost && (
        <p className="text-warn" role="alert">
          This device has no room left: what you type now is not kept. Free some room, or write it on paper.
        </p>
      )}
      {method.id === 'laboratory' && spot.sample && !spot.sample.order?.taken && (
        <CameBack
          sample={spot.sample}
          method={method}
          onTake={(figures) =>
            keep({
              values: { ...draft.values, ...fromReading(figures) },
              step: lastEntry(draft, method)?.id ?? '',
            })
          }
        />
      )}
      <AtWork
        whole={whole}
        spot={spot}
        method={method}
        repeat={slot}
        draft={draft}
        keep={keep}
        forget={forget}
        tried={tried}
        onTry={() => setTried(true)}
        onCount={countOnce}
        onScore={onScore}
      />
      <Aside readings={taken} visitId={whole.visit.id} mayWrite={writes} />
      <Pictures whole={whole} place={spot} method={method} />
      {toPair}
    </section>
  );
}
