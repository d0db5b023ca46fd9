import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { LandField, Planning, Visit } from '../api/types';
import { show } from '../ground/format';
import { figure } from '../ground/myUnits';
import { Show } from '../ground/State';
import { mayWrite, useMe } from '../people/session';
import { EditField } from './EditField';
import { EditOutline } from './EditOutline';
import { KeepHere } from './KeepHere';
import { SplitField } from './SplitField';
import { Spots } from './Spots';
import { VisitPlan } from './VisitPlan';

/** Where to stand, what to ask, and what to mind before the first step. */
export function Scout() {
  const { fieldId = '', visitId } = useParams();
  const me = useMe();
  const [editing, setEditing] = useState<'facts' | 'outline' | 'split' | null>(null);
  const [into, setInto] = useState<{ zone: string; times: number } | null>(null);
  const field = useQuery({
    queryKey: keys.field(fieldId),
    queryFn: ({ signal }) =>
      take(api.GET('/api/fields/{id}', { signal, params: { path: { id: fieldId } } })) as Promise<LandField>,
  });
  const visits = useQuery({
    queryKey: keys.visits(fieldId),
    queryFn: ({ signal }) =>
      take(api.GET('/api/fields/{id}/visits', { signal, params: { path: { id: fieldId } } })) as Promise<
        Visit[]
      >,
  });
  const planning = useQuery({
    queryKey: keys.planning,
    queryFn: ({ signal }) => take(api.GET('/api/planning', { signal })) as Promise<Planning>,
    staleTime: Number.POSITIVE_INFINITY,
  });
  return (
    <Show of={field}>
      {(land) => (
        <div className="planning grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-8 wide:grid-cols-[minmax(20rem,27rem)_1fr]">
          <section aria-labelledby="spots" className={visitId ? 'max-desk:order-last' : ''}>
            <h1 id="spots">{land.name}</h1>
            <p className="mt-1 text-faded">
              {land.use}, {figure(land.areaHa, 'ha', land.areaHa < 1 ? 2 : 1)},{' '}
              {land.texture?.replaceAll('-', ' ') ?? 'texture not known'}
              {land.clayPercent !== null && `, ${show(land.clayPercent, 0)} % clay`}
            </p>
            {mayWrite(me) &&
              (editing === 'facts' ? (
                <EditField field={land} onDone={() => setEditing(null)} />
              ) : (
                editing === null && (
                  <div className="flex flex-wrap gap-x-5">
                    <button type="button" className="link min-h-11" onClick={() => setEditing('facts')}>
                      Change what is known of it
                    </button>
                    <button type="button" className="link min-h-11" onClick={() => setEditing('outline')}>
                      Its outline
                    </button>
                    <button type="button" className="link min-h-11" onClick={() => setEditing('split')}>
                      Split it in two
                    </button>
                    <KeepHere fieldId={land.id} />
                  </div>
                )
              ))}
            {editing === 'outline' ? (
              <EditOutline field={land} onDone={() => setEditing(null)} />
            ) : editing === 'split' ? (
              <SplitField field={land} onDone={() => setEditing(null)} />
            ) : (
              <Spots key={into?.times} field={land} into={into?.zone ?? null} />
            )}
          </section>
          <Show of={visits}>
            {(all) => (
              <Show of={planning}>
                {(plan) => (
                  <VisitPlan
                    key={visitId ?? 'new'}
                    field={land}
                    onSetSpot={(zone) => {
                      setEditing(null);
                      setInto({ zone, times: (into?.times ?? 0) + 1 });
                      document.getElementById('spots')?.scrollIntoView();
                    }}
                    planning={plan}
                    visit={all.find((one) => one.id === visitId) ?? null}
                    earlier={all.find((one) => one.state === 'done') ?? null}
                  />
                )}
              </Show>
            )}
          </Show>
        </div>
      )}
    </Show>
  );
}
