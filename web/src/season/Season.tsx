import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { FieldCard, ReadingBody, SeasonPage, WholeVisit } from '../api/types';
import { needsSomebody, type Parcel } from '../device/parcel';
import { parcels, putAway } from '../device/parcels';
import * as device from '../device/words';
import { Clod } from '../ground/Clod';
import { clockText, day, inSentence, longDay, month, show, today } from '../ground/format';
import { Ring } from '../ground/Ring';
import { Show } from '../ground/State';
import * as time from '../ground/time';
import { benchPath } from '../measure/Dock';
import { placeOf } from '../measure/place';
import { useClocks } from '../measure/useClocks';
import { reopen } from '../measure/useDraft';
import { mayWrite, useMe } from '../people/session';
import { fieldPath } from './fieldPath';
import { SeasonMap } from './SeasonMap';
import { useMoreFields } from './useMoreFields';

/** Home: the map as the page, a list in time beside it. */
export function Season() {
  const fields = useQuery({
    queryKey: keys.season,
    queryFn: ({ signal }) =>
      take(api.GET('/api/season', { signal, params: { query: { limit: 200 } } })) as Promise<SeasonPage>,
  });
  return <Show of={fields}>{(page) => <SeasonOf page={page} />}</Show>;
}

function SeasonOf({ page }: { page: SeasonPage }) {
  const more = useMoreFields(page);
  const cards = more.cards;
  const me = useMe();
  if (cards.length === 0) {
    return (
      <section className="mx-auto max-w-[34rem] py-12">
        <h1>No field yet</h1>
        <p className="mt-3 text-lg">
          This page becomes a map of your fields, tinted by how the soil stands, with what is due beside it.
        </p>
        {mayWrite(me) ? (
          <Link to="/new-field" className="button button-main mt-6">
            Draw the first field
          </Link>
        ) : (
          <p className="mt-3 text-faded">Your adviser has not laid out a field on your holding yet.</p>
        )}
      </section>
    );
  }
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 wide:grid-cols-[minmax(0,1fr)_23.5rem]">
      <div>
        <h1 className="sr-only">The season</h1>
        <SeasonMap cards={cards} />
        <p className="mt-2 text-sm text-faded">
          Drawn from your fields, north up.{' '}
          {more.after && (
            <>
              {cards.length} of {page.of} fields, what needs someone first.{' '}
              <button type="button" className="link" onClick={() => void more.load()}>
                Show more
              </button>{' '}
            </>
          )}
          {mayWrite(me) && (
            <Link to="/new-field" className="link">
              New field
            </Link>
          )}
        </p>
      </div>
      <div className="grid content-start gap-8">
        <p className="text-faded">{longDay(new Date(time.now()))}</p>
        <NeedsYou />
        <Now cards={cards} />
        <Due cards={cards} />
        <Standing cards={cards} />
      </div>
    </div>
  );
}

/** What the server refused, or somebody changed meanwhile: kept here with its words until a person has dealt with it. */
function NeedsYou() {
  const me = useMe();
  const all = useSyncExternalStore(device.onChange, parcels);
  const mine = all.filter((parcel) => parcel.person === me.id && needsSomebody(parcel.state));
  if (mine.length === 0) return null;
  return (
    <section aria-labelledby="needs">
      <h2 id="needs" className="text-warn">
        Needs you
      </h2>
      <ul className="mt-2">
        {mine.map((parcel) => (
          <Needing key={parcel.id} parcel={parcel} />
        ))}
      </ul>
    </section>
  );
}

function Needing({ parcel }: { parcel: Parcel }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  if (parcel.state.is !== 'refused' && parcel.state.is !== 'stale') return null;
  const { problem } = parcel.state;
  const body = parcel.body as Partial<ReadingBody>;
  const isReading = parcel.path.startsWith('/api/readings/') && body.visitId !== undefined;

  async function open() {
    const whole = queries.getQueryData<WholeVisit>(keys.visit(body.visitId ?? ''));
    await reopen(parcel);
    const field = whole?.field.id ?? 'of';
    void navigate(
      `/fields/${field}/visits/${body.visitId}/measure?spot=${placeOf(body)}&method=${body.method}${(body.repeat ?? 1) > 1 ? `&repeat=${body.repeat}` : ''}`,
    );
  }

  return (
    <li className="border-t border-rule py-3">
      <p className="font-semibold">{parcel.label}</p>
      <p className="text-sm">{problem.detail}</p>
      {problem.errors.map((one) => (
        <p key={one.path + one.code} className="text-sm text-warn">
          {one.text}
        </p>
      ))}
      <details className="mt-1 text-sm">
        <summary className="link cursor-pointer">What was typed</summary>
        <pre className="num mt-1 overflow-x-auto text-xs">{JSON.stringify(parcel.body, null, 1)}</pre>
      </details>
      {isReading && (
        <button type="button" className="link mr-5 min-h-11 text-sm" onClick={() => void open()}>
          Open it as it was typed
        </button>
      )}
      <button type="button" className="link min-h-11 text-sm" onClick={() => void putAway(parcel.id)}>
        Put it away
      </button>
    </li>
  );
}

function Now({ cards }: { cards: FieldCard[] }) {
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

type Item = { key: string; when: string; late: boolean; title: string; line: string; to: string };

function Due({ cards }: { cards: FieldCard[] }) {
  const now = today(new Date(time.now()));
  const items: Item[] = [];
  for (const card of cards) {
    for (const visit of card.visits.filter((one) => one.state === 'planned')) {
      items.push({
        key: visit.id,
        when: visit.day,
        late: visit.day < now,
        title: `${card.field.name}, planned`,
        line: visit.question.replaceAll('-', ' '),
        to: `/fields/${card.field.id}/visits/${visit.id}/scout`,
      });
    }
    const planned = card.visits.some((one) => one.state !== 'done');
    if (card.lookAgain && !planned) {
      items.push({
        key: card.field.id,
        when: card.lookAgain.from,
        late: card.lookAgain.to < now,
        title: `${card.field.name}, look again`,
        line: card.lookAgain.why,
        to: `/fields/${card.field.id}/scout`,
      });
    }
  }
  items.sort((a, b) => a.when.localeCompare(b.when));
  if (items.length === 0) return null;
  return (
    <section aria-labelledby="due">
      <h2 id="due">Due</h2>
      <ul className="mt-2">
        {items.slice(0, 6).map((item) => (
          <li key={item.key} className="border-t border-rule">
            <Link to={item.to} className="grid grid-cols-[1fr_auto] gap-x-3 py-2.5">
              <span>
                <span className="block font-semibold">{item.title}</span>
                <span className="block text-sm text-faded">{item.line}</span>
              </span>
              <span className={`num text-sm ${item.late ? 'text-warn' : ''}`}>
                {item.late
                  ? 'late'
                  : item.when.slice(0, 7) === now.slice(0, 7)
                    ? day(item.when).slice(0, -5)
                    : month(item.when)}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The same as the map, as a list: the table behind the picture. */
function Standing({ cards }: { cards: FieldCard[] }) {
  const sorted = [...cards].sort((a, b) => (a.score ?? 101) - (b.score ?? 101));
  return (
    <section aria-labelledby="fields">
      <h2 id="fields">Fields, lowest first</h2>
      <ul className="mt-2">
        {sorted.map((card) => (
          <li key={card.field.id} className="border-t border-rule">
            <Link
              to={fieldPath(card)}
              className="grid grid-cols-[1.75rem_1fr_auto] items-center gap-x-2 py-2.5"
            >
              <Clod band={card.band} size={18} />
              <span>
                <span className="font-semibold">{card.field.name}</span>{' '}
                <span className="text-sm text-faded">
                  {card.field.use}, {show(card.field.areaHa, card.field.areaHa < 1 ? 2 : 1)} ha
                </span>
              </span>
              <span className="num">
                {card.score === null ? <span className="text-faded">not yet</span> : show(card.score, 0)}
                {card.provisional && <span className="text-faded"> prov.</span>}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
