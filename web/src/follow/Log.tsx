import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, take } from '../api/client';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { refusals, sentence } from '../api/problem';
import type { Intervention, LandField } from '../api/types';
import { Choice } from '../ground/Choice';
import { day } from '../ground/format';
import { TextField } from '../ground/TextField';

const KINDS = ['lime', 'gypsum', 'drains', 'tillage', 'cover-crop', 'compost', 'grazing', 'irrigation'].map(
  (word) => ({
    word,
    label: word.replace('-', ' '),
  }),
);

/** What was done to the field; each stands as a peg on every trend. */
export function Log({
  field,
  done,
  mayWrite,
}: {
  field: LandField;
  done: Intervention[];
  mayWrite: boolean;
}) {
  const queries = useQueryClient();
  const [id, setId] = useState(newId);
  const [form, setForm] = useState({ doneOn: '', kind: '', note: '' });
  const [fault, setFault] = useState<unknown>(null);
  const at = (path: string) => refusals(fault).find((one) => one.path === path)?.text;

  async function submit(event: FormEvent) {
    event.preventDefault();
    try {
      await take(
        api.PUT('/api/interventions/{id}', {
          params: { path: { id } },
          body: {
            fieldId: field.id,
            doneOn: form.doneOn || (null as unknown as string),
            kind: form.kind || (null as unknown as string),
            note: form.note.trim() || null,
            version: 0,
          },
        }),
      );
      setId(newId());
      setForm({ doneOn: '', kind: '', note: '' });
      setFault(null);
      await queries.invalidateQueries({ queryKey: keys.interventions(field.id) });
      await queries.invalidateQueries({ queryKey: keys.season });
    } catch (error) {
      setFault(error);
    }
  }

  return (
    <section aria-labelledby="done" className="max-w-[46rem]">
      <h2 id="done">What was done</h2>
      {done.length === 0 && (
        <p className="text-faded">Nothing is logged yet: lime, tillage, a cover crop, drains.</p>
      )}
      <ul className="mt-2">
        {done.map((one) => (
          <li key={one.id} className="grid grid-cols-[8rem_1fr] gap-x-4 border-t border-rule py-2">
            <span className="num text-sm">{day(one.doneOn)}</span>
            <span>
              {one.kind.replace('-', ' ')}
              {one.note && <span className="text-faded">, {one.note}</span>}
            </span>
          </li>
        ))}
      </ul>
      {mayWrite && (
        <details className="mt-2" open={fault !== null || undefined}>
          <summary className="link flex min-h-11 cursor-pointer items-center">Log something done</summary>
          <form onSubmit={(event) => void submit(event)} noValidate className="grid gap-4 pt-2">
            <Choice
              label="What"
              options={KINDS}
              value={form.kind}
              onChange={(kind) => setForm({ ...form, kind })}
              error={at('/kind')}
            />
            <div className="grid gap-4 desk:grid-cols-2">
              <TextField
                label="Day"
                type="date"
                value={form.doneOn}
                onChange={(doneOn) => setForm({ ...form, doneOn })}
                error={at('/doneOn')}
              />
              <TextField
                label="Rate and place"
                value={form.note}
                onChange={(note) => setForm({ ...form, note })}
                error={at('/note')}
              />
            </div>
            {fault !== null && refusals(fault).length === 0 && (
              <p className="text-warn" role="alert">
                {sentence(fault)}
              </p>
            )}
            <button type="submit" className="button button-main justify-self-start">
              Log it
            </button>
          </form>
        </details>
      )}
    </section>
  );
}
