import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, take } from '../api/client';
import { refusals, sentence } from '../api/problem';
import type { Cause, KnownValue, Remedy, RemedyAnswer } from '../api/types';
import { show } from '../ground/format';
import { useKept } from '../ground/useKept';
import { missingIn, toReading, type Values } from '../measure/draft';
import { Answer, places } from './Answer';
import { Doubt } from './Doubt';
import type { Money } from './inMoney';
import { RemedyFoot, RemedyHead } from './RemedyWords';
import { SumEntry } from './SumEntry';

type Props = {
  remedy: Remedy;
  known: { [key: string]: KnownValue };
  place: string;
  serves: Cause[];
  south: boolean;
  money?: Money | undefined;
  /** Takes what was calculated into the plan; missing where there is none to take it into. */
  onPlan?: ((remedy: Remedy, sum: Sum) => void) | undefined;
};

/** What a plan keeps of a sum: what went in, and so much for each hectare. */
export type Sum = { inputs: Record<string, unknown>; perHa: { value: number; unit: string } | null };

/** What a calculator is refused for only once all of it is filled in. */
const NOT_YET = ['missing'];

/** A remedy with its formula filled in; what the readings know stands there already. */
export function Calculator({ remedy, known, place, serves, south, money, onPlan }: Props) {
  const [values, keep] = useKept<Values>(`remedy:${remedy.id}:${place}`, 1, startFrom(remedy, known));
  const { reading, faults } = toReading(remedy.fields, values, '');
  const open = missingIn(remedy.fields, reading, '');
  const start = startFrom(remedy, known);
  const isKnown = (key: string) => known[key] !== undefined && String(values[key]) === String(start[key]);
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
    <article aria-label={remedy.name}>
      <RemedyHead remedy={remedy} serves={serves} />
      <div className="mt-4 grid items-start gap-x-12 gap-y-4 wide:grid-cols-2">
        <div className="grid gap-4 desk:grid-cols-2">
          {remedy.fields.map((field) => (
            <SumEntry
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
          <div>
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
          </div>
        ) : (
          <p className="text-faded" role="status">
            {missing > 0
              ? `${missing} more ${missing === 1 ? 'entry' : 'entries'} to the sum.`
              : answer.error && refusals(answer.error).length === 0
                ? sentence(answer.error)
                : ''}
          </p>
        )}
      </div>
      <RemedyFoot remedy={remedy} south={south} />
    </article>
  );
}

/** The amount of the product, where the sum ends in one for each hectare. */
function perHa(answer: RemedyAnswer): Sum['perHa'] {
  return answer.lines.findLast((line) => line.unit?.endsWith('/ha')) ?? null;
}

function startFrom(remedy: Remedy, known: Props['known']): Values {
  return Object.fromEntries(
    Object.entries(known).map(([key, { value, words }]) => {
      const field = remedy.fields.find((one) => one.key === key);
      return [key, startAt(field?.kind, value, words, field?.unit ?? null)];
    }),
  );
}

function startAt(kind: string | undefined, value: number | null, words: string[], unit: string | null) {
  if (kind === 'choice') return words[0];
  if (kind === 'words') return words;
  return kind === 'yes-no' ? value === 1 : show(value, places(unit));
}
