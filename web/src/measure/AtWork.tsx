import { useEffect, useState } from 'react';
import { type Refusal, refusals } from '../api/problem';
import type { Evaluation, Method, Step, WholeVisit } from '../api/types';
import { loneKey } from '../ground/loneKey';
import { nowIso } from '../ground/time';
import { useMe } from '../people/session';
import { BenchClock } from './BenchClock';
import { Cautions, useHeeded } from './Cautions';
import { type Draft, type DraftStream, missingIn, toReading, variantOf } from './draft';
import { useDrawing } from './drawings';
import { Scene } from './drawings/Scene';
import { FieldEntry } from './FieldEntry';
import { Outcome } from './Outcome';
import { groups, isTogether } from './parts/grouped';
import { Together } from './parts/Together';
import { type Place, placeOf } from './place';
import { StepBar } from './StepBar';
import { endClock, startClock, useRunning } from './useClocks';

/** What is said only once the reading is to count: nobody is told off for what they have not come to yet. */
const NOT_YET = ['missing', 'empty-list', 'too-few', 'no-readings'];

type Props = {
  whole: WholeVisit;
  spot: Place;
  method: Method;
  repeat: number;
  draft: Draft;
  keep: (change: Partial<Draft>) => void;
  forget: () => void;
  tried: boolean;
  onTry: () => void;
  onCount: (reading: Draft['values'], result: Evaluation | null) => Promise<void>;
  onScore?: ((score: number | null) => void) | undefined;
};

/** The step to do now, its drawing and clock, the entry, the result as it is typed, and at the end the checks. */
export function AtWork({
  whole,
  spot,
  method,
  repeat,
  draft,
  keep,
  forget,
  tried,
  onTry,
  onCount,
  onScore,
}: Props) {
  const me = useMe();
  const [refused, setRefused] = useState<Refusal[]>(() => refusals(null));
  const steps = variantOf(draft, method)?.steps ?? [];
  const index = Math.max(
    0,
    steps.findIndex((step) => step.id === draft.step),
  );
  const step = steps[index];
  const next = steps[index + 1];
  const isLast = index === steps.length - 1;
  const clock = useRunning().find(
    (one) =>
      one.visitId === whole.visit.id &&
      placeOf(one) === spot.id &&
      one.method === method.id &&
      one.repeat === repeat,
  );
  const { reading, faults } = toReading(method.fields, draft.values);
  const missing = missingIn(method.fields, reading);
  const wrong = [...faults, ...missing];
  const errorAt = (path: string) =>
    [...wrong, ...refused].find((one) => one.path === path && (tried || !NOT_YET.includes(one.code)))?.text;
  const drawing = useDrawing(method.id);
  const { heeded, heed } = useHeeded(whole.visit.id, method);

  function onward() {
    if (!step || !next) return;
    if (clock) endClock(clock, me.id);
    if (step.wait && !timedBy(method, step)) {
      startClock(
        {
          visitId: whole.visit.id,
          fieldId: whole.field.id,
          fieldName: whole.field.name,
          spotId: spot.sample ? null : spot.id,
          sampleId: spot.sample ? spot.id : null,
          spotLabel: spot.label,
          method: method.id,
          variant: draft.variant || null,
          repeat,
          step: step.id,
        },
        me.id,
      );
    }
    keep({ step: next.id, ended: { ...draft.ended, [step.id]: nowIso() } });
  }

  // `t` at the desk does what the large button does.
  useEffect(() => {
    function key(event: KeyboardEvent) {
      if (loneKey(event) === 't') onward();
    }
    document.addEventListener('keydown', key);
    return () => document.removeEventListener('keydown', key);
  });

  if (!step) return null;
  // Acid, pits and polluted ground: nothing is done before their cautions are heeded.
  if (!heeded && method.heedFirst) return <Cautions method={method} onHeed={heed} />;
  const keepStream = (stream: DraftStream) =>
    keep({ streams: [...draft.streams.filter((one) => one.field !== stream.field), stream] });
  const entry = { whole, place: spot, method, errorAt, draft, keep, keepStream, clock: clock ?? null };
  // The clock of a wait belongs to the step that comes after it; a reading taken early or late still keeps its true time.
  return (
    <>
      {draft.corrects && (
        <div className="border-l-4 border-act pl-3 text-lg">
          <p>Correcting a reading: both versions are kept.</p>
          <label className="mt-2 block">
            Why
            <input
              className="mt-1 w-full"
              value={draft.reason}
              aria-invalid={tried && draft.reason.trim() === '' ? true : undefined}
              onChange={(event) => keep({ reason: event.target.value })}
            />
          </label>
          {tried && draft.reason.trim() === '' && <p className="text-warn">Say why it is corrected.</p>}
          <button type="button" className="link min-h-11" onClick={forget}>
            Leave it as it was
          </button>
        </div>
      )}
      {method.variants.length > 1 && (
        <div
          className="flex gap-x-5 max-desk:-mx-4 max-desk:overflow-x-auto max-desk:px-4 desk:flex-wrap"
          role="group"
          aria-label="Way of doing it"
        >
          {method.variants.map((variant) => (
            <button
              type="button"
              key={variant.id}
              aria-pressed={variant.id === draft.variant}
              className={`min-h-11 shrink-0 border-b-2 font-medium ${variant.id === draft.variant ? 'border-act' : 'border-transparent text-faded'}`}
              onClick={() => keep({ variant: variant.id, step: variant.steps[0]?.id ?? '' })}
            >
              {variant.name}
            </button>
          ))}
        </div>
      )}
      <StepBar steps={steps} index={index} onGo={(id) => keep({ step: id })} />
      {!heeded && <Cautions method={method} onHeed={heed} />}
      <div className="grid grid-cols-[1fr_auto] gap-x-4 desk:gap-x-6">
        <div>
          <h3 className="text-[1.55rem] desk:text-[1.9rem]" aria-live="polite">
            {step.title}
          </h3>
          <p className="mt-2 text-xl">
            {step.how}
            {step.minPeople > 1 && ` ${step.minPeople === 2 ? 'Two' : step.minPeople} people, never alone.`}
          </p>
          {!drawnItself(method, step) && (
            <div className={`mt-4 max-w-md ${clock ? 'max-desk:hidden' : ''}`}>
              <Scene drawing={drawing} step={step.id} values={draft.values} />
            </div>
          )}
        </div>
        {clock && <BenchClock clock={clock} onStop={() => endClock(clock, me.id)} />}
      </div>
      <div className="grid gap-6 text-lg">
        {groups(method.fields.filter((field) => step.entry.includes(field.key))).map((row) =>
          isTogether(row) ? (
            <Together
              {...entry}
              key={row[0]?.key}
              fields={row}
              path="/reading"
              values={draft.values}
              onChange={(change) => keep({ values: { ...draft.values, ...change } })}
            />
          ) : (
            row.map((field) => (
              <FieldEntry
                {...entry}
                key={field.key}
                field={field}
                path={`/reading/${field.key}`}
                value={draft.values[field.key]}
                onChange={(value) => keep({ values: { ...draft.values, [field.key]: value } })}
              />
            ))
          ),
        )}
      </div>
      {next && (
        <button
          type="button"
          className={`button button-main button-big ${isLast ? '' : 'mt-1'}`}
          onClick={onward}
        >
          {step.wait && !timedBy(method, step) ? 'Done, start the clock' : 'Done, next step'}
        </button>
      )}
      <Outcome
        whole={whole}
        spot={spot}
        method={method}
        draft={draft}
        keep={keep}
        reading={reading}
        wrong={wrong}
        onRefused={setRefused}
        isLast={isLast}
        tried={tried}
        onTry={onTry}
        onCount={(result) => {
          if (clock) endClock(clock, me.id);
          void onCount(reading, result);
        }}
        onScore={onScore}
      />
    </>
  );
}

/** What is timed by a button of its own needs no second clock. */
function timedBy(method: Method, step: Step): boolean {
  return method.fields.some((field) => field.part === 'timed' && step.entry.includes(field.key));
}

/** Where what is entered is a drawing of its own, a second one only stands in the way. */
function drawnItself(method: Method, step: Step): boolean {
  return method.fields.some(
    (field) => ['layers', 'specimens', 'marks'].includes(field.part) && step.entry.includes(field.key),
  );
}
