import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { api, take } from '../api/client';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { post } from '../api/outbox';
import { type Refusal, refusals, sentence } from '../api/problem';
import type { Evaluation, Method, Reading, Spot, Step, WholeVisit } from '../api/types';
import { mayWrite, useMe } from '../people/session';
import { BenchClock } from './BenchClock';
import { type Draft, fromReading, missingIn, toReading } from './draft';
import { drawingOf } from './drawings';
import { FieldEntry } from './FieldEntry';
import { Result } from './Result';
import { Taken } from './Taken';
import { endClock, startClock, useClocks } from './useClocks';
import { newDraft, useDraft } from './useDraft';
import { usePending } from './usePending';

type Props = { whole: WholeVisit; spot: Spot; method: Method };

/** What is said only once the reading is to count: nobody is told off for what they have not come to yet. */
const NOT_YET = ['missing', 'empty-list', 'too-few', 'no-readings'];

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
    const last = lastStep(fresh, method);
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
      takenAt: new Date().toISOString(),
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

function lastStep(draft: Draft, method: Method): Step | undefined {
  const steps = variantOf(draft, method)?.steps ?? [];
  return [...steps].reverse().find((step) => step.entry.length > 0) ?? steps.at(-1);
}

function variantOf(draft: Draft, method: Method) {
  return method.variants.find((one) => one.id === draft.variant) ?? method.variants[0];
}

type AtWorkProps = Props & {
  draft: Draft;
  keep: (change: Partial<Draft>) => void;
  forget: () => void;
  tried: boolean;
  onTry: () => void;
  onCount: (reading: Draft['values']) => void;
};

function AtWork({ whole, spot, method, draft, keep, forget, tried, onTry, onCount }: AtWorkProps) {
  const me = useMe();
  const steps = variantOf(draft, method)?.steps ?? [];
  const index = Math.max(
    0,
    steps.findIndex((step) => step.id === draft.step),
  );
  const step = steps[index];
  const next = steps[index + 1];
  const isLast = index === steps.length - 1;
  const clock = useClocks().find(
    (one) =>
      one.clock.visitId === whole.visit.id && one.clock.spotId === spot.id && one.clock.method === method.id,
  );
  const { reading, faults } = toReading(method.fields, draft.values);
  const missing = missingIn(method.fields, reading);
  const evaluation = useEvaluation(whole, method, reading, faults.length === 0 && missing.length === 0);
  const found = [...faults, ...missing, ...refusals(evaluation.error)];
  const errorAt = (path: string) =>
    found.find((one) => one.path === path && (tried || !NOT_YET.includes(one.code)))?.text;
  const checked = method.checks.every((check) => draft.checks[check.id]);
  const drawing = drawingOf(method.id);

  function onward() {
    if (!step || !next) return;
    if (clock) endClock(clock.clock, me.id);
    if (step.wait) {
      startClock(
        {
          visitId: whole.visit.id,
          fieldId: whole.field.id,
          fieldName: whole.field.name,
          spotId: spot.id,
          spotLabel: spot.label,
          method: method.id,
          step: step.id,
        },
        me.id,
      );
    }
    keep({ step: next.id });
  }

  // `t` at the desk does what the large button does.
  useEffect(() => {
    function key(event: KeyboardEvent) {
      const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea, select');
      if (event.key === 't' && !typing && !event.ctrlKey && !event.metaKey) onward();
    }
    document.addEventListener('keydown', key);
    return () => document.removeEventListener('keydown', key);
  });

  function count() {
    onTry();
    const reasonMissing = draft.corrects !== null && draft.reason.trim() === '';
    if (found.length > 0 || !checked || reasonMissing || !evaluation.data || evaluation.isPlaceholderData)
      return;
    if (clock) endClock(clock.clock, me.id);
    onCount(reading);
  }

  if (!step) return null;
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
        <div className="flex flex-wrap gap-x-5" role="group" aria-label="Way of doing it">
          {method.variants.map((variant) => (
            <button
              type="button"
              key={variant.id}
              aria-pressed={variant.id === draft.variant}
              className={`min-h-11 border-b-2 font-medium ${variant.id === draft.variant ? 'border-act' : 'border-transparent text-faded'}`}
              onClick={() => keep({ variant: variant.id, step: variant.steps[0]?.id ?? '' })}
            >
              {variant.name}
            </button>
          ))}
        </div>
      )}
      <StepBar steps={steps} index={index} onGo={(id) => keep({ step: id })} />
      <div className="grid grid-cols-[1fr_auto] gap-x-4 desk:gap-x-6">
        <div>
          <h3 className="text-[1.55rem] desk:text-[1.9rem]" aria-live="polite">
            {step.title}
          </h3>
          <p className="mt-2 text-xl">{step.how}</p>
          {drawing?.StepDrawing && (
            <div className={`mt-4 max-w-md ${clock ? 'max-desk:hidden' : ''}`}>
              <drawing.StepDrawing step={step.id} values={draft.values} />
            </div>
          )}
        </div>
        {clock && <BenchClock standing={clock} onStop={() => endClock(clock.clock, me.id)} />}
      </div>
      <div className="grid gap-6 text-lg">
        {method.fields
          .filter((field) => step.entry.includes(field.key))
          .map((field) => (
            <FieldEntry
              key={field.key}
              method={method}
              field={field}
              path={`/reading/${field.key}`}
              value={draft.values[field.key]}
              onChange={(value) => keep({ values: { ...draft.values, [field.key]: value } })}
              errorAt={errorAt}
              draft={draft}
              keep={keep}
              clock={clock ?? null}
            />
          ))}
      </div>
      {next && (
        <button
          type="button"
          className={`button button-main button-big ${isLast ? '' : 'mt-1'}`}
          onClick={onward}
        >
          {step.wait ? 'Done, start the clock' : 'Done, next step'}
        </button>
      )}
      <Result
        method={method}
        evaluation={evaluation.data ?? null}
        offline={
          evaluation.error !== null && refusals(evaluation.error).length === 0
            ? sentence(evaluation.error)
            : null
        }
      />
      {isLast && (
        <Checks
          method={method}
          draft={draft}
          keep={keep}
          tried={tried}
          found={tried ? found : []}
          onCount={count}
          busy={evaluation.isFetching || evaluation.isPlaceholderData}
        />
      )}
    </>
  );
}

function StepBar({ steps, index, onGo }: { steps: Step[]; index: number; onGo: (id: string) => void }) {
  return (
    <ol className="grid auto-cols-fr grid-flow-col gap-1.5" aria-label="Steps">
      {steps.map((step, i) => (
        <li key={step.id}>
          <button
            type="button"
            className="block min-h-11 w-full text-left"
            aria-current={i === index ? 'step' : undefined}
            aria-label={`Step ${i + 1} of ${steps.length}: ${step.title}`}
            onClick={() => onGo(step.id)}
          >
            <span
              className={`block h-1 rounded-full ${i < index ? 'bg-ink' : i === index ? 'bg-act' : 'bg-rule'}`}
            />
            <span
              className={`mt-1 line-clamp-2 text-sm leading-tight max-desk:hidden ${i === index ? 'font-semibold' : 'text-faded'}`}
            >
              {step.title}
            </span>
          </button>
        </li>
      ))}
    </ol>
  );
}

function Checks(props: {
  method: Method;
  draft: Draft;
  keep: (change: Partial<Draft>) => void;
  tried: boolean;
  found: Refusal[];
  onCount: () => void;
  busy: boolean;
}) {
  const { method, draft, keep, tried, found } = props;
  const open = method.checks.filter((check) => !draft.checks[check.id]);
  return (
    <fieldset className="grid gap-2 border-t border-rule pt-4 text-lg">
      <legend className="sr-only">Before it counts</legend>
      {method.checks.map((check) => (
        <label key={check.id} className="flex min-h-14 cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            className="size-6 min-h-0 shrink-0"
            checked={draft.checks[check.id] ?? false}
            onChange={(event) => keep({ checks: { ...draft.checks, [check.id]: event.target.checked } })}
          />
          {check.question}
        </label>
      ))}
      {tried && (found.length > 0 || open.length > 0) && (
        <div role="alert" className="text-warn">
          {found.length > 0 && (
            <p>Not counted yet: {found.length === 1 ? 'one thing' : `${found.length} things`} above.</p>
          )}
          {found.slice(0, 4).map((one) => (
            <p key={one.path + one.code}>{one.text}</p>
          ))}
          {open.length > 0 && <p>Answer the {open.length === 1 ? 'question' : 'questions'} first.</p>}
        </div>
      )}
      <button
        type="button"
        className="button button-main button-big"
        onClick={props.onCount}
        disabled={props.busy}
      >
        {draft.corrects ? 'Count the correction' : 'Count this reading'}
      </button>
      <p className="text-faded">Kept on this device as you type.</p>
    </fieldset>
  );
}

/** The reading computed as it stands, once the keys rest. What came before stays in sight until the new one is there. */
function useEvaluation(whole: WholeVisit, method: Method, reading: Draft['values'], readable: boolean) {
  const { field, visit } = whole;
  const context = {
    use: field.use,
    texture: field.texture,
    clayPercent: field.clayPercent,
    crop: field.crop,
    purpose: field.purpose,
    moisture: visit.moisture,
    soilTemperatureC: visit.soilTemperatureC,
    daysSinceRain: visit.daysSinceRain,
  };
  const text = JSON.stringify({ context, reading });
  const [rested, setRested] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setRested(text), 200);
    return () => clearTimeout(timer);
  }, [text]);
  return useQuery({
    queryKey: keys.evaluation(method.id, rested),
    queryFn: ({ signal }) =>
      take(
        api.POST('/api/methods/{id}/evaluate', {
          signal,
          params: { path: { id: method.id } },
          body: JSON.parse(rested),
        }),
      ) as Promise<Evaluation>,
    enabled: readable && rested === text,
    placeholderData: keepPreviousData,
    staleTime: Number.POSITIVE_INFINITY,
  });
}
