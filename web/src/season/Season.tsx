import { useQuery } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { FieldCard, SeasonPage } from '../api/types';
import { longDay } from '../ground/format';
import { Show } from '../ground/State';
import * as time from '../ground/time';
import { useNarrow } from '../ground/useNarrow';
import { useRunning } from '../measure/useClocks';
import { mayWrite, useMe } from '../people/session';
import { lineOf } from './attention';
import { FieldRows } from './FieldRows';
import { HoldingMap, type Size } from './HoldingMap';
import { byHolding, foundBy, type Look, looked, lookIn, lowest, yearsOf } from './holdings';
import { Due, Now } from './InTime';
import { Looks } from './Looks';
import { NeedsYou } from './NeedsYou';
import { BY_ITSELF, useMoreFields } from './useMoreFields';

/** Up to so many holdings their maps are large, or large enough for names; up to so many fields nobody has to search. */
const LARGE_UP_TO = 6;
const NAMED_UP_TO = 9;
const FEW_FIELDS = 12;
const LOWEST = 8;
/** Fields that are asked for first, and holdings that are drawn at once: more than a screen holds. */
const FIRST = 60;
const AT_ONCE = 12;
const AT_ONCE_NARROW = 3;

const COLUMNS: Record<Size, string> = {
  large: 'grid-cols-[repeat(auto-fill,minmax(min(100%,21rem),1fr))]',
  middle: 'grid-cols-[repeat(auto-fill,minmax(min(100%,15.5rem),1fr))]',
  small: 'grid-cols-[repeat(auto-fill,minmax(9.5rem,1fr))]',
};

function sizeFor(holdings: number): Size {
  if (holdings <= LARGE_UP_TO) return 'large';
  return holdings <= NAMED_UP_TO ? 'middle' : 'small';
}

/** Home: the holdings as maps, a list in time beside them. */
export function Season() {
  const fields = useQuery({
    queryKey: keys.season,
    queryFn: ({ signal }) =>
      take(api.GET('/api/season', { signal, params: { query: { limit: FIRST } } })) as Promise<SeasonPage>,
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
  return <Maps cards={cards} page={page} more={more} />;
}

type Props = { cards: FieldCard[]; page: SeasonPage; more: ReturnType<typeof useMoreFields> };

function Maps({ cards, page, more }: Props) {
  const me = useMe();
  const [search, setSearch] = useSearchParams();
  const clocks = useRunning();
  const look = lookIn(search);
  const found = foundBy(cards, look);
  const holdings = byHolding(found);
  const size = sizeFor(byHolding(cards).length);
  const now = time.today();
  const asList = search.get('as') === 'list';
  const many = page.of > FEW_FIELDS;
  const clocksOf = (ids: string[]) => clocks.filter((one) => ids.includes(one.fieldId)).length;
  const show = (next: Look, list = asList) => setSearch(looked(next, list), { replace: true });
  const narrow = useNarrow();
  const first = (
    <>
      <p className="text-faded">{longDay(new Date(time.now()))}</p>
      <NeedsYou />
      <Now cards={cards} />
      <Due cards={cards} today={now} part={narrow ? 'soon' : undefined} />
    </>
  );
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 wide:grid-cols-[minmax(0,1fr)_21rem]">
      <h1 className="sr-only">The season</h1>
      {narrow && <div className="grid gap-6">{first}</div>}
      <div>
        <Looks look={look} onLook={show} years={yearsOf(cards)} searched={many} />
        {found.length === 0 && <p className="text-lg">No field is like that.</p>}
        {asList ? (
          <FieldRows cards={found} look={look} withHolding />
        ) : (
          <div className={`grid gap-x-7 gap-y-6 ${COLUMNS[size]}`}>
            {holdings.map((holding, i) => (
              <HoldingMap
                key={holding.id}
                holding={holding}
                look={look}
                size={size}
                atOnce={i < (narrow ? AT_ONCE_NARROW : AT_ONCE)}
                line={lineOf(holding.cards, clocksOf(holding.cards.map((card) => card.field.id)), now)}
              />
            ))}
          </div>
        )}
        <p className="mt-5 flex flex-wrap items-center gap-x-6 text-sm text-faded">
          <span>
            What needs someone first: {holdings.length} {holdings.length === 1 ? 'holding' : 'holdings'},{' '}
            {found.length < page.of ? `${found.length} of ${page.of}` : page.of} fields; each at its own
            scale, north up.
          </span>
          {more.after && cards.length >= BY_ITSELF && (
            <button type="button" className="link min-h-11" onClick={() => void more.load()}>
              Show more
            </button>
          )}
          <button type="button" className="link min-h-11" onClick={() => show(look, !asList)}>
            {asList ? 'As maps' : 'As a list'}
          </button>
          {mayWrite(me) && (
            <Link to="/new-field" className="link flex min-h-11 items-center">
              New field
            </Link>
          )}
        </p>
      </div>
      <div className="grid content-start gap-7">
        {narrow ? <Due cards={cards} today={now} part="later" /> : first}
        <section aria-labelledby="fields">
          <h2 id="fields">{many ? 'Lowest fields' : 'Fields, lowest first'}</h2>
          <FieldRows cards={many ? lowest(cards, look, LOWEST) : cards} look={look} />
        </section>
      </div>
    </div>
  );
}
