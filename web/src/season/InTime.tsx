import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { FieldCard, Visit } from '../api/types';
import { save } from '../device/save';
import { clockText, day, inSentence, month } from '../ground/format';
import { Ring } from '../ground/Ring';
import { useHere } from '../ground/useHere';
import { benchPath } from '../measure/clockWords';
import { useClocks } from '../measure/useClocks';
import { mayWrite, useMe } from '../people/session';
import { spanOf, type Waiting, waitingOf } from './attention';
import { planAgain } from './planAgain';

/** What runs: clocks, soonest first, then visits. */
export function Now({ cards }: { cards: FieldCard[] }) {
  const clocks = useClocks();
  const running = cards.flatMap((card) =>
    card.visits.filter((visit) => visit.state === 'running').map((visit) => ({ card, visit })),
  );
  if (clocks.length === 0 && running.length === 0) return null;
  return (
    <section aria-labelledby="now">
      <h2 id="now">Now</h2>
      <ul className="mt-2">
        {clocks.map((one) => (
          <li key={one.clock.id} className="border-t border-rule">
            <Link
              to={benchPath(one)}
              className="grid grid-cols-[1.75rem_1fr_auto] items-start gap-x-2 py-2.5"
            >
              <span className="pt-0.5">
                <Ring share={one.share} due={one.state !== 'waiting'} />
              </span>
              <span>
                <span className="block font-semibold">
                  {one.clock.fieldName}, spot {one.clock.spotLabel}
                </span>
                <span className="block text-sm text-faded">
                  {inSentence(one.methodName)}, {one.step?.title.toLowerCase()}
                </span>
              </span>
              <span className="num">
                {one.state === 'waiting'
                  ? clockText(one.leftS)
                  : one.state === 'due'
                    ? 'now'
                    : `+${clockText(one.leftS)}`}
              </span>
            </Link>
          </li>
        ))}
        {running.map(({ card, visit }) => (
          <li key={visit.id} className="border-t border-rule">
            <Link to={`/fields/${card.field.id}/visits/${visit.id}/measure`} className="block py-2.5 pl-9">
              <span className="block font-semibold">{card.field.name}, visit running</span>
              <span className="block text-sm text-faded">go on measuring</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** As many as one looks at; the later ones are a tap away. */
const SHOWN = 9;

const SOON = ['Late', 'This week'];

type DueProps = {
  cards: FieldCard[];
  today: string;
  /** On a phone what is late or due this week stands before the maps, the rest after them. */
  part?: 'soon' | 'later' | undefined;
};

/** What waits, by when: late, this week, this month, then month by month. */
export function Due({ cards, today, part }: DueProps) {
  const all = cards
    .flatMap((card) => waitingOf(card, today))
    .filter((one) => one.is !== 'running')
    .filter((one) => part === undefined || SOON.includes(spanOf(one, today)) === (part === 'soon'))
    .sort((a, b) => Number(b.is === 'late') - Number(a.is === 'late') || a.when.localeCompare(b.when));
  if (all.length === 0) return null;
  return (
    <>
      <Spans all={all.slice(0, SHOWN)} today={today} />
      {all.length > SHOWN && (
        <details>
          <summary className="link flex min-h-11 cursor-pointer items-center">
            {all.length - SHOWN} more, later
          </summary>
          <div className="grid gap-6">
            <Spans all={all.slice(SHOWN)} today={today} />
          </div>
        </details>
      )}
    </>
  );
}

function Spans({ all, today }: { all: Waiting[]; today: string }) {
  const me = useMe();
  const spans = new Map<string, Waiting[]>();
  for (const one of all) {
    const span = spanOf(one, today);
    spans.set(span, [...(spans.get(span) ?? []), one]);
  }
  return [...spans].map(([span, waiting]) => (
    <section key={span} aria-label={span}>
      <h2 className={span === 'Late' ? 'text-warn' : ''}>{span}</h2>
      <ul className="mt-2">
        {waiting.map((one) => (
          <li key={one.key} className="border-t border-rule">
            <Link
              to={one.to}
              className={`grid grid-cols-[1fr_auto] gap-x-3 ${one.again ? 'pt-2.5' : 'py-2.5'}`}
            >
              <span>
                <span className="block font-semibold">{one.title}</span>
                <span className={`block text-sm ${one.is === 'missed' ? 'text-warn' : 'text-faded'}`}>
                  {one.line}
                </span>
              </span>
              <span className="num text-sm">
                {one.is === 'late' ? month(one.when) : day(one.when).slice(0, -5)}
              </span>
            </Link>
            {one.again && mayWrite(me) && <PlanIt again={one.again} today={today} />}
          </li>
        ))}
      </ul>
    </section>
  ));
}

/** One press makes a planned visit of what is due, and goes to its run sheet. */
function PlanIt({ again, today }: { again: NonNullable<Waiting['again']>; today: string }) {
  const me = useMe();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const here = useHere();
  const { field, due } = again;

  async function plan() {
    // A second tap of a wet finger makes no second visit.
    setBusy(true);
    try {
      const visits = (await take(
        api.GET('/api/fields/{id}/visits', { params: { path: { id: field.id } } }),
      ).catch(() => [])) as Visit[];
      const earlier = visits.find((one) => one.state === 'done') ?? null;
      const { id, body } = planAgain(due, field.id, earlier, today);
      const label = `Visit of ${day(body.day)}, ${field.name}`;
      const saved = await save({ person: me.id, path: `/api/visits/${id}`, was: null, is: body, label });
      void queries.invalidateQueries({ queryKey: keys.season });
      if (saved.kept) setFault('Kept on this device: it is planned once it is sent.');
      else if (here.current) void navigate(`/fields/${field.id}/visits/${id}/scout`);
    } catch (error) {
      setFault(sentence(error));
      setBusy(false);
    }
  }

  return (
    <>
      <button type="button" className="link min-h-11 text-sm" disabled={busy} onClick={() => void plan()}>
        Plan it: {due.methods.length} {due.methods.length === 1 ? 'test' : 'tests'}, same spots
      </button>
      {fault && <p className="text-sm text-warn">{fault}</p>}
    </>
  );
}
