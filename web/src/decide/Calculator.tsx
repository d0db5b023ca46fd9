import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, take } from '../api/client';
import { refusals, sentence } from '../api/problem';
import type { Cause, KnownValue, MethodField, Remedy, RemedyAnswer } from '../api/types';
import { Choice } from '../ground/Choice';
import { show } from '../ground/format';
import { figure } from '../ground/myUnits';
import { NumberField } from '../ground/NumberField';
import { useKept } from '../ground/useKept';
import { Words } from '../ground/Words';
import { yesNo } from '../ground/yesNo';
import { missingIn, toReading, type Values } from '../measure/draft';
import { AnswerLists } from './AnswerLists';
import { Doubt } from './Doubt';
import type { Money } from './inMoney';
import { RemedyFoot, RemedyHead } from './RemedyWords';

type Props = {
  remedy: Remedy;
  known: { [key: string]: KnownValue };
  place: string;
  serves: Cause[];
  money?: Money | undefined;
  /** Takes what was calculated into the plan; missing where there is none to take it into. */
  onPlan?: ((remedy: Remedy, sum: Sum) => void) | undefined;
};

/** What a plan keeps of a sum: what went in, and so much for each hectare. */
export type Sum = { inputs: Record<string, unknown>; perHa: { value: number; unit: string } | null };

/** What a calculator is refused for only once all of it is filled in. */
const NOT_YET = ['missing'];

/** A remedy with its formula filled in; what the readings know stands there already. */
export function Calculator({ remedy, known, place, serves, money, onPlan }: Props) {
  const [values, keep] = useKept<Values>(`remedy:${remedy.id}:${place}`, 1, startFrom(remedy, known));
  const { reading, faults } = toReading(remedy.fields, values, '');
  const open = missingIn(remedy.fields, reading, '');
  const start = startFrom(remedy, known);
  const isKnown = (key: string) => known[key] !== undefined && values[key] === start[key];
  // What was read may be out by its own error; what somebody typed is taken as it stands.
  const spread = Object.fromEntries(
    remedy.fields
      .filter((field) => field.kind === 'number' && !field.whole && isKnown(field.key))
      .map((field) => [field.key, known[field.key]?.spread ?? null])
      .filter(([, value]) => value !== null),
  );
  const text = JSON.stringify(Object.keys(spread).length > 0 ? { ...reading, spread } : reading);
  const [rested, setRested] = useState(text);
  useEffect(() => {
    const timer = setTimeout(() => setRested(text), 200);
    return () => clearTimeout(timer);
  }, [text]);
  const answer = useQuery({
    queryKey: ['remedy', remedy.id, rested],
    queryFn: ({ signal }) =>
      take(
        api.POST('/api/remedies/{id}/calculate', {
          signal,
          params: { path: { id: remedy.id } },
          body: JSON.parse(rested),
        }),
      ) as Promise<RemedyAnswer>,
    enabled: faults.length === 0 && open.length === 0 && rested === text,
    placeholderData: keepPreviousData,
  });
  const found = [...faults, ...open, ...refusals(answer.error)];
  const errorAt = (path: string) =>
    found.find((one) => one.path === path && !NOT_YET.includes(one.code))?.text;
  const missing = found.filter((one) => NOT_YET.includes(one.code)).length;
  return (
    <article aria-label={remedy.name} className="border-t-2 border-ink pt-4">
      <RemedyHead remedy={remedy} serves={serves} />
      <div className="mt-4 grid gap-4 desk:grid-cols-2">
        {remedy.fields.map((field) => (
          <Entry
            key={field.key}
            field={field}
            path={`/${field.key}`}
            value={values[field.key]}
            onChange={(value) => keep({ ...values, [field.key]: value })}
            errorAt={errorAt}
            known={isKnown(field.key) ? (known[field.key] ?? null) : null}
          />
        ))}
      </div>
      {answer.data && found.length === 0 ? (
        <>
          <Answer answer={answer.data} />
          {money && <Doubt answer={answer.data} remedy={remedy} money={money} />}
          {onPlan && (
            <button
              type="button"
              className="button mt-3"
              onClick={() => answer.data && onPlan(remedy, { inputs: reading, perHa: perHa(answer.data) })}
            >
              Take this amount into the plan
            </button>
          )}
        </>
      ) : (
        <p className="mt-4 text-faded" role="status">
          {missing > 0
            ? `${missing} more ${missing === 1 ? 'entry' : 'entries'} to the sum.`
            : answer.error && refusals(answer.error).length === 0
              ? sentence(answer.error)
              : ''}
        </p>
      )}
      <RemedyFoot remedy={remedy} />
    </article>
  );
}

/** The amount of the product, where the sum ends in one for each hectare. */
function perHa(answer: RemedyAnswer): Sum['perHa'] {
  return answer.lines.findLast((line) => line.unit?.endsWith('/ha')) ?? null;
}

function presetText(field: MethodField): string {
  return field.preset === null ? '' : String(field.preset);
}

/** As many decimals as the thing can be read to: a depth to the millimetre, a rate to the hundredth. */
function places(unit: string | null): number {
  return unit === 'cm' || unit === '%' ? 1 : 2;
}

function startFrom(remedy: Remedy, known: Props['known']): Values {
  return Object.fromEntries(
    Object.entries(known).map(([key, { value }]) => {
      const field = remedy.fields.find((one) => one.key === key);
      return [key, field?.kind === 'yes-no' ? value === 1 : show(value, places(field?.unit ?? null))];
    }),
  );
}

function Entry(props: {
  field: MethodField;
  path: string;
  value: unknown;
  onChange: (value: unknown) => void;
  errorAt: (path: string) => string | undefined;
  known: KnownValue | null;
}) {
  const { field, path, value, onChange, errorAt, known } = props;
  if (field.kind === 'group') {
    const inner = (value as Values | undefined) ?? {};
    return (
      <fieldset className="grid gap-3 desk:col-span-2 desk:grid-cols-3">
        <legend className="mb-1 font-medium">{field.label}</legend>
        {field.fields.map((one) => (
          <Entry
            {...props}
            key={one.key}
            field={one}
            path={`${path}/${one.key}`}
            value={inner[one.key]}
            onChange={(next) => onChange({ ...inner, [one.key]: next })}
            known={null}
          />
        ))}
        {errorAt(path) && <p className="text-warn desk:col-span-3">{errorAt(path)}</p>}
      </fieldset>
    );
  }
  if (field.kind === 'choice') {
    return (
      <div className="desk:col-span-2">
        <Choice
          label={field.label}
          options={field.options}
          value={(value as string | undefined) ?? null}
          onChange={onChange}
          error={errorAt(path)}
          hint={field.hint}
          optional={!field.required}
        />
      </div>
    );
  }
  if (field.kind === 'yes-no') {
    return (
      <div className="desk:col-span-2">
        <Choice
          label={field.label}
          options={[
            { word: 'yes', label: 'Yes' },
            { word: 'no', label: 'No' },
          ]}
          value={yesNo(value ?? field.preset)}
          onChange={(word) => onChange(word === 'yes')}
          error={errorAt(path)}
          hint={known ? knownFrom(known, null) : field.hint}
        />
      </div>
    );
  }
  if (field.kind === 'words') {
    return (
      <div className="desk:col-span-2">
        <Words
          label={field.label}
          options={field.options}
          value={(value as string[] | undefined) ?? []}
          onChange={onChange}
          error={errorAt(path)}
          hint={field.hint}
        />
      </div>
    );
  }
  const hint = known
    ? knownFrom(known, field.unit)
    : (field.hint ?? (field.range ? `${field.range.min} to ${field.range.max}` : null));
  return (
    <NumberField
      label={field.required || field.preset !== null ? field.label : `${field.label}, if known`}
      unit={field.unit}
      value={value === undefined || value === null ? presetText(field) : String(value)}
      onChange={onChange}
      error={errorAt(path)}
      hint={hint}
    />
  );
}

/** Where a value was taken from, and how far it may be out. */
function knownFrom(known: KnownValue, unit: string | null): string {
  const from =
    known.readings.length > 0
      ? `from ${known.readings.length === 1 ? 'a reading' : `${known.readings.length} readings`}`
      : 'from what is known of the field';
  return known.spread === null
    ? from
    : `${from}, ± ${show(known.spread, known.spread >= 1 ? 1 : 2)} ${unit ?? ''}`.trim();
}

function Answer({ answer }: { answer: RemedyAnswer }) {
  const last = answer.lines.at(-1);
  return (
    <div className="mt-5" role="status">
      {last && (
        <p className="text-lg">
          {last.label}:{' '}
          <strong className="num text-2xl">{figure(last.value, last.unit, places(last.unit))}</strong>
          {answer.ranges[last.key] && (
            <span className="text-faded">
              , nine times of ten between {show(answer.ranges[last.key]?.low, places(last.unit))} and{' '}
              {show(answer.ranges[last.key]?.high, places(last.unit))}: so far may the readings be out
            </span>
          )}
        </p>
      )}
      <table className="mt-2 w-full">
        <tbody>
          {answer.lines.map((line) => (
            <tr key={line.key} className="border-t border-rule align-top">
              <th scope="row" className="py-2 pr-3 text-left font-normal">
                {line.label}
                <span className="block text-sm text-faded">{line.formula}</span>
                <span className="num block text-sm">{line.filled}</span>
              </th>
              <td className="num py-2 text-right whitespace-nowrap">
                {figure(line.value, line.unit, places(line.unit))}
                <Range answer={answer} line={line} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <AnswerLists answer={answer.answer} />
      {answer.because.map((said) => (
        <p key={said.text} className="mt-2">
          {said.text}
        </p>
      ))}
      <ul className="mt-3 list-disc pl-5 text-sm text-faded">
        {answer.cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
    </div>
  );
}

function Range({ answer, line }: { answer: RemedyAnswer; line: RemedyAnswer['lines'][number] }) {
  const range = answer.ranges[line.key];
  if (!range) return null;
  return (
    <span className="block text-sm text-faded">
      {show(range.low, places(line.unit))} to {show(range.high, places(line.unit))}
    </span>
  );
}
