import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { Planning, Visit, WholeVisit } from '../api/types';
import { knowVisit } from '../device/known';
import { save } from '../device/save';
import { Fault } from '../ground/Fault';
import { mayWrite, useMe } from '../people/session';

type State = 'seen' | 'not-there' | 'not-looked';

/** What only eyes see has three states; unset is not looked. */
export function Ticks({ whole, zone }: { whole: WholeVisit; zone: string }) {
  const me = useMe();
  const queries = useQueryClient();
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const planning = useQuery({
    queryKey: keys.planning,
    queryFn: ({ signal }) => take(api.GET('/api/planning', { signal })) as Promise<Planning>,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const ticks = (whole.visit.ticks as Visit['ticks'])[zone] ?? {};

  async function set(finding: string, state: State) {
    const { [finding]: _, ...others } = ticks;
    const next = state === 'not-looked' ? others : { ...others, [finding]: state === 'seen' };
    const { visit, field } = whole;
    const is = { ...visit, ticks: { ...visit.ticks, [zone]: next } };
    setBusy(true);
    try {
      const saved = await save<Visit>({
        person: me.id,
        path: `/api/visits/${visit.id}`,
        was: visit,
        is,
        label: `What eyes saw, ${field.name}`,
      });
      setFault(null);
      knowVisit(queries, field, saved.kept ? is : saved.stands);
      await queries.invalidateQueries({ queryKey: ['visit', visit.id, 'causes'] });
    } catch (error) {
      setFault(sentence(error));
    } finally {
      setBusy(false);
    }
  }

  const text = (id: string) => planning.data?.ticks.find((one) => one.id === id)?.text ?? id;
  const seen = Object.keys(ticks).filter((id) => ticks[id]);
  const notThere = Object.keys(ticks).filter((id) => ticks[id] === false);
  return (
    <section aria-labelledby="eyes">
      <h2 id="eyes">What eyes saw</h2>
      <p className="text-sm text-faded">Not looked is not the same as not there.</p>
      {seen.length > 0 && <p className="mt-1">Seen: {seen.map(text).join('; ')}.</p>}
      {notThere.length > 0 && (
        <p className="mt-1">Looked for and not there: {notThere.map(text).join('; ')}.</p>
      )}
      <Fault text={fault} />
      <details className="mt-1">
        <summary className="link flex min-h-11 cursor-pointer items-center">Tick what you saw</summary>
        <ul>
          {(planning.data?.ticks ?? []).map((tick) => {
            const state: State =
              ticks[tick.id] === undefined ? 'not-looked' : ticks[tick.id] ? 'seen' : 'not-there';
            return (
              <li key={tick.id} className="border-t border-rule py-2">
                <p id={`tick-${tick.id}`}>{tick.text}</p>
                <div className="mt-1 flex gap-2" role="group" aria-labelledby={`tick-${tick.id}`}>
                  {(['seen', 'not-there', 'not-looked'] as const).map((one) => (
                    <button
                      key={one}
                      type="button"
                      aria-pressed={state === one}
                      disabled={busy || !mayWrite(me)}
                      className={`min-h-11 rounded-lg border-[1.5px] px-3 text-sm ${state === one ? 'border-act bg-act text-on-act' : 'border-edge'}`}
                      onClick={() => void set(tick.id, one)}
                    >
                      {one.replace('-', ' ')}
                    </button>
                  ))}
                </div>
              </li>
            );
          })}
        </ul>
      </details>
    </section>
  );
}
