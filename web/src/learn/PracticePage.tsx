import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { Method, Practised, SpecimenAnswer } from '../api/types';
import { useMethods } from '../api/useMethods';
import { Fault } from '../ground/Fault';
import { show } from '../ground/format';
import { Show } from '../ground/State';
import { ErrorsDrawing } from './ErrorsDrawing';
import { errorWords, isJudged, type Seen, type SpecimenMethod, seenWords, skillWords, startOf } from './eye';
import { Judging } from './Judging';

const ASK: Record<SpecimenMethod, string> = {
  'ground-cover': 'How much of the ground is green, and how much of the rest is straw?',
  'structure-spade': 'Firm in the hand, some pores. Which shape, and how many roots?',
  slaking: 'After a gentle swirl: how much of each crumb fell to grains?',
};

/** Drawn specimens with known answers: judge, see the truth, and how far off your eye is by now. */
export default function PracticePage() {
  const methods = useMethods();
  const practised = useQuery({
    queryKey: keys.specimens,
    queryFn: ({ signal }) => take(api.GET('/api/specimens', { signal })) as Promise<Practised[]>,
  });
  const [chosen, setChosen] = useState<SpecimenMethod>('ground-cover');
  return (
    <Show of={methods}>
      {(all) => (
        <Show of={practised}>
          {(mine) => {
            const nameOf = (id: string) => all.find((one) => one.id === id)?.name ?? id;
            const of = mine.find((one) => one.method === chosen);
            const method = all.find((one) => one.id === chosen);
            return (
              <div className="grid gap-6">
                <header>
                  <h1>Practice specimens</h1>
                  <p className="mt-1 max-w-3xl text-lg text-faded">
                    Drawn, so that the answer is known. Your own error by test takes the place of the usual
                    one wherever your visits are compared.
                  </p>
                </header>
                <div className="flex flex-wrap gap-x-7" role="group" aria-label="Which test">
                  {mine.map((one) => (
                    <button
                      key={one.method}
                      type="button"
                      aria-pressed={one.method === chosen}
                      className={`min-h-11 border-b-2 font-semibold ${one.method === chosen ? 'border-ink' : 'border-transparent text-faded'}`}
                      onClick={() => setChosen(one.method as SpecimenMethod)}
                    >
                      {nameOf(one.method)} <span className="num font-normal">{one.errors.length}</span>
                    </button>
                  ))}
                </div>
                {of && method && <Specimen key={chosen} method={method} practised={of} />}
              </div>
            );
          }}
        </Show>
      )}
    </Show>
  );
}

function Specimen({ method, practised }: { method: Method; practised: Practised }) {
  const id = method.id as SpecimenMethod;
  const queries = useQueryClient();
  const [number, setNumber] = useState(practised.next);
  const [seen, setSeen] = useState<Seen>(() => startOf(id));
  const [answer, setAnswer] = useState<SpecimenAnswer | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const words = (said: Seen) => seenWords(id, said, (field, step) => optionOf(method, field, step));

  async function judge() {
    try {
      const told = (await take(
        api.PUT('/api/specimens/{method}/{number}/answer', {
          params: { path: { method: id, number } },
          body: { reading: seen as Record<string, never> },
        }),
      )) as SpecimenAnswer;
      setAnswer(told);
      setFault(null);
      await queries.invalidateQueries({ queryKey: keys.specimens });
    } catch (error) {
      setFault(sentence(error));
    }
  }

  function next() {
    setNumber(number + 1);
    setSeen(startOf(id));
    setAnswer(null);
  }

  return (
    <div className="grid items-start gap-x-11 gap-y-6 desk:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <figure>
        <img
          src={`/api/specimens/${id}/${number}/picture`}
          alt={`Specimen ${number} of ${method.name.toLowerCase()}, drawn`}
          className="aspect-[4/3] w-full rounded-[10px] bg-rule object-cover"
        />
        <figcaption className="mt-1 text-sm text-faded">Specimen {number}, drawn</figcaption>
      </figure>
      <div className="grid gap-5">
        <h2 className="text-2xl">{ASK[id]}</h2>
        <Judging method={method} seen={seen} onSee={setSeen} locked={answer !== null} />
        {answer ? (
          <>
            <dl className="grid grid-cols-[auto_1fr_auto] items-baseline gap-x-5 gap-y-2 border-y border-rule py-3 text-lg">
              <dt className="text-faded">you saw</dt>
              <dd>{words(answer.said as Seen)}</dd>
              <dd className="num text-right">{show(answer.score, 0)}</dd>
              <dt className="text-faded">it was</dt>
              <dd>{words(answer.truth as Seen)}</dd>
              <dd className="num text-right">{show(answer.trueScore, 0)}</dd>
            </dl>
            <p className="text-2xl font-semibold" role="status">
              {errorWords(answer.error)}
            </p>
            <button type="button" className="button button-main button-big" onClick={next}>
              The next specimen
            </button>
          </>
        ) : (
          <button
            type="button"
            className="button button-main button-big"
            disabled={!isJudged(id, seen)}
            onClick={() => void judge()}
          >
            {isJudged(id, seen) ? 'That is what I see' : 'Judge both first'}
          </button>
        )}
        <Fault text={fault} />
        <section aria-labelledby="eye">
          <h2 id="eye">Your eye</h2>
          {practised.errors.length > 0 && <ErrorsDrawing errors={practised.errors} skill={practised.skill} />}
          <p className="mt-2">{skillWords(practised)}</p>
        </section>
      </div>
    </div>
  );
}

function optionOf(method: Method, field: string, step: string): string {
  const fields = method.fields.find((one) => one.key === 'layers')?.fields ?? [];
  const option = fields.find((one) => one.key === field)?.options.find((one) => one.word === step);
  return option?.label ?? step;
}
