import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { Judgement, Visit, WholeVisit } from '../api/types';
import { save } from '../device/save';
import { day, inSentence, show } from '../ground/format';
import { mayWrite, useMe } from '../people/session';
import { joinable } from './nextTest';

/** As many next tests as one looks at; the others are a tap away. */
const SHOWN = 6;

type Props = { judgement: Judgement; whole: WholeVisit };

export function NextTests({ judgement, whole }: Props) {
  return (
    <section aria-labelledby="next">
      <h2 id="next">Next best test</h2>
      <p className="text-sm text-faded">what would settle most, for each minute in the field</p>
      {judgement.nextTests.length === 0 && (
        <p className="mt-2">None of these tests would change a word above.</p>
      )}
      <Tests tests={judgement.nextTests.slice(0, SHOWN)} from={1} whole={whole} />
      {judgement.nextTests.length > SHOWN && (
        <details>
          <summary className="link flex min-h-11 cursor-pointer items-center">
            {judgement.nextTests.length - SHOWN} more that would tell less
          </summary>
          <Tests tests={judgement.nextTests.slice(SHOWN)} from={SHOWN + 1} whole={whole} />
        </details>
      )}
    </section>
  );
}

function Tests({ tests, from, whole }: { tests: Judgement['nextTests']; from: number; whole: WholeVisit }) {
  const visits = useQuery({
    queryKey: keys.visits(whole.field.id),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/fields/{id}/visits', { signal, params: { path: { id: whole.field.id } } }),
      ) as Promise<Visit[]>,
  });
  const visit = joinable(visits.data ?? []);
  return (
    <ol className="mt-2" start={from}>
      {tests.map((test, i) => (
        <li
          key={test.method}
          className="grid grid-cols-[1.6rem_1fr_auto] gap-x-2 border-t border-rule py-2.5"
        >
          <span className="font-semibold">{from + i}</span>
          <span>
            <span className="font-semibold">{test.methodName}</span>
            <span className="block text-sm text-faded">
              {test.findingText}? It would tell most about: {inSentence(test.causeText)}.
            </span>
            <Joining method={test.method} visit={visit} whole={whole} />
          </span>
          <span className="num text-right text-sm">
            {show(test.minutes, 0)} min
            <details>
              <summary className="link cursor-pointer font-sans text-sm">why</summary>
              <span className="text-faded">{show(test.bits, 2)} bits of doubt less</span>
            </details>
          </span>
        </li>
      ))}
    </ol>
  );
}

/** The run sheet a test would join: today's where a visit runs, else that of the next planned one; else a visit of its own. */
function Joining({ method, visit, whole }: { method: string; visit: Visit | null; whole: WholeVisit }) {
  const me = useMe();
  const queries = useQueryClient();
  const [fault, setFault] = useState<string | null>(null);
  const field = whole.field.id;
  const spot = whole.field.spots.find((one) => one.retiredOn === null);
  if (!visit) {
    return (
      <Link className="link text-sm" to={`/fields/${field}/scout`}>
        Plan a visit for it
      </Link>
    );
  }
  const sheet = visit.state === 'running' ? 'today’s run sheet' : `the run sheet of ${day(visit.day)}`;
  if (visit.methods.includes(method)) {
    return visit.state === 'running' && spot ? (
      <Link
        className="link text-sm"
        to={`/fields/${field}/visits/${visit.id}/measure?spot=${spot.id}&method=${method}`}
      >
        On {sheet}: begin it
      </Link>
    ) : (
      <Link className="link text-sm" to={`/fields/${field}/visits/${visit.id}/scout`}>
        On {sheet}
      </Link>
    );
  }
  if (!mayWrite(me)) return null;
  async function join(into: Visit) {
    try {
      await save({
        person: me.id,
        path: `/api/visits/${into.id}`,
        was: { version: into.version, methods: into.methods },
        is: { version: into.version, methods: [...into.methods, method] },
        label: `visit of ${whole.field.name}`,
      });
      setFault(null);
      await queries.invalidateQueries({ queryKey: ['field', field] });
      await queries.invalidateQueries({ queryKey: keys.visit(into.id) });
    } catch (error) {
      setFault(sentence(error));
    }
  }
  return (
    <>
      <button type="button" className="link text-left text-sm" onClick={() => void join(visit)}>
        Add it to {sheet}
      </button>
      {fault && <span className="block text-sm text-warn">{fault}</span>}
    </>
  );
}
