import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { refusals, sentence } from '../api/problem';
import type { SignedInPlace } from '../api/types';
import { Show } from '../ground/State';
import { TextField } from '../ground/TextField';
import { CalendarAddress } from './CalendarAddress';
import { KeptHere } from './KeptHere';
import { LetterKeys } from './LetterKeys';
import { useMe } from './session';
import { UnitsPick } from './UnitsPick';

const WHEN = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** One's own password, and where one is signed in. */
export default function AccountPage() {
  const me = useMe();
  return (
    <div className="mx-auto max-w-[44rem] py-6">
      <h1>{me.name}</h1>
      <p className="text-faded">
        {me.email}, {me.role} of {me.practice}
      </p>
      <UnitsPick />
      <LetterKeys />
      <KeptHere />
      <CalendarAddress />
      <NewPassword />
      <Places />
    </div>
  );
}

function NewPassword() {
  const queries = useQueryClient();
  const [form, setForm] = useState({ old: '', password: '' });
  const [fault, setFault] = useState<unknown>(null);
  const [done, setDone] = useState(false);
  const at = (path: string) => refusals(fault).find((one) => one.path === path)?.text;

  async function submit(event: FormEvent) {
    event.preventDefault();
    setDone(false);
    try {
      await take(api.PUT('/api/session/password', { body: form }));
      setForm({ old: '', password: '' });
      setFault(null);
      setDone(true);
      await queries.invalidateQueries({ queryKey: keys.sessions });
    } catch (error) {
      setFault(error);
    }
  }

  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="mt-8 grid gap-4">
      <h2>Change the password</h2>
      <TextField
        label="The one you have now"
        type="password"
        value={form.old}
        onChange={(old) => setForm({ ...form, old })}
        error={at('/old')}
        autoComplete="current-password"
      />
      <TextField
        label="The new one"
        type="password"
        value={form.password}
        onChange={(password) => setForm({ ...form, password })}
        error={at('/password')}
        hint="Ten characters or more. Elsewhere you are signed out with it."
        autoComplete="new-password"
      />
      {fault !== null && refusals(fault).length === 0 && (
        <p className="text-warn" role="alert">
          {sentence(fault)}
        </p>
      )}
      <div className="flex items-center gap-4">
        <button type="submit" className="button button-main">
          Change it
        </button>
        <span role="status">{done && 'Changed. Other devices are signed out.'}</span>
      </div>
    </form>
  );
}

function Places() {
  const queries = useQueryClient();
  const [fault, setFault] = useState<unknown>(null);
  const places = useQuery({
    queryKey: keys.sessions,
    queryFn: ({ signal }) => take(api.GET('/api/sessions', { signal })) as Promise<SignedInPlace[]>,
  });

  async function end(id: string) {
    try {
      await take(api.DELETE('/api/sessions/{id}', { params: { path: { id } } }));
      setFault(null);
    } catch (error) {
      setFault(error);
    }
    await queries.invalidateQueries({ queryKey: keys.sessions });
  }

  return (
    <section className="mt-10">
      <h2>Where you are signed in</h2>
      <Show of={places}>
        {(all) => (
          <ul className="mt-2">
            {all.map((place) => (
              <li
                key={place.id}
                className="flex flex-wrap items-center justify-between gap-x-6 border-t border-rule py-2"
              >
                <span>
                  <span className="block">{place.here ? 'This device' : place.device}</span>
                  <span className="text-sm text-faded">
                    since {WHEN.format(new Date(place.begunAt))}, last used{' '}
                    {WHEN.format(new Date(place.seenAt))}
                  </span>
                </span>
                {!place.here && (
                  <button type="button" className="link min-h-11" onClick={() => void end(place.id)}>
                    Sign out there
                  </button>
                )}
              </li>
            ))}
          </ul>
        )}
      </Show>
      {fault !== null && <p className="text-warn">{sentence(fault)}</p>}
    </section>
  );
}
