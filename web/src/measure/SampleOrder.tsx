import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { Laboratory, Sample, WholeVisit } from '../api/types';
import { knowSample } from '../device/known';
import { save } from '../device/save';
import { day, show } from '../ground/format';
import { mayWrite, useMe } from '../people/session';

/** A sample's way to the laboratory and back: what is asked for, that it is sent, that its sheet came. */
export function SampleOrder({ whole, sample }: { whole: WholeVisit; sample: Sample }) {
  const me = useMe();
  const [asking, setAsking] = useState(false);
  const laboratory = useLaboratory();
  const { order } = sample;
  if (order?.taken) return <p className="text-sm text-faded">its sheet is taken</p>;
  if (order?.answeredAt) {
    return (
      <p>
        <Link
          className="link flex min-h-11 items-center font-semibold"
          to={`?spot=${sample.id}&method=laboratory`}
        >
          Its sheet came back {day(order.answeredAt.slice(0, 10))}: look at it and take it
        </Link>
      </p>
    );
  }
  if (order) {
    return (
      <p className="text-sm text-faded">
        sent {day(order.sentAt.slice(0, 10))}, an answer is likely by {day(order.likelyAt.slice(0, 10))}
      </p>
    );
  }
  if (!mayWrite(me) || !laboratory.data?.name) return null;
  return asking ? (
    <Ask whole={whole} sample={sample} laboratory={laboratory.data} onDone={() => setAsking(false)} />
  ) : (
    <button type="button" className="link min-h-11 text-left" onClick={() => setAsking(true)}>
      Send {sample.label} to the laboratory
    </button>
  );
}

function useLaboratory() {
  return useQuery({
    queryKey: keys.laboratory,
    queryFn: ({ signal }) => take(api.GET('/api/laboratory', { signal })) as Promise<Laboratory>,
    staleTime: Number.POSITIVE_INFINITY,
  });
}

const plain = (words: string) => words.trim().toLowerCase().replaceAll(' ', '-');

type Asking = { whole: WholeVisit; sample: Sample; laboratory: Laboratory; onDone: () => void };

function Ask({ whole, sample, laboratory, onDone }: Asking) {
  const me = useMe();
  const queries = useQueryClient();
  const [asked, setAsked] = useState(sample.asked.map(plain));
  const [said, setSaid] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { name, tests } = laboratory;
  const chosen = tests.filter((test) => asked.includes(test.id));
  const cost = chosen.reduce((sum, test) => sum + test.cost, 0);

  async function send() {
    setBusy(true);
    try {
      const saved = await save<Sample>({
        person: me.id,
        path: `/api/samples/${sample.id}/order`,
        was: null,
        is: { asked: chosen.map((test) => test.id) },
        label: `sample ${sample.label} to the laboratory, ${whole.field.name}`,
      });
      if (saved.kept) setSaid('Kept on this device: it is ordered once there is a signal.');
      else {
        knowSample(queries, whole.field, saved.stands);
        await queries.invalidateQueries();
        onDone();
      }
    } catch (error) {
      setSaid(sentence(error));
      setBusy(false);
    }
  }

  return (
    <fieldset className="mt-1 grid max-w-xl gap-1">
      <legend className="font-medium">The {name} is asked for</legend>
      {tests.map((test) => (
        <label key={test.id} className="flex min-h-11 items-center gap-3 border-t border-rule">
          <input
            type="checkbox"
            className="size-5"
            checked={asked.includes(test.id)}
            onChange={(event) =>
              setAsked(
                event.target.checked ? [...asked, test.id] : asked.filter((other) => other !== test.id),
              )
            }
          />
          {test.name}
          <span className="num ml-auto text-sm text-faded">{show(test.cost, 0)}</span>
        </label>
      ))}
      <div className="mt-2 flex flex-wrap gap-x-6 gap-y-2">
        <button
          type="button"
          className="button button-main"
          disabled={chosen.length === 0 || busy}
          onClick={() => void send()}
        >
          {chosen.length === 0
            ? 'Choose what it is asked for'
            : `Send ${sample.label}: ${chosen.length} ${chosen.length === 1 ? 'test' : 'tests'}, ${show(cost, 0)}`}
        </button>
        <button type="button" className="link min-h-11" onClick={onDone}>
          Not now
        </button>
      </div>
      {said && <p role="status">{said}</p>}
    </fieldset>
  );
}
