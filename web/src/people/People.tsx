import { useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, take } from '../api/client';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { refusals, sentence } from '../api/problem';
import type { Holding, PersonView } from '../api/types';
import { Choice } from '../ground/Choice';
import { Show } from '../ground/State';
import { TextField } from '../ground/TextField';

const ROLES = [
  { word: 'adviser', label: 'Adviser', sentence: 'Sees and changes all of the practice.' },
  { word: 'reader', label: 'Grower, reads', sentence: 'Sees the holdings you name, and changes nothing.' },
  { word: 'owner', label: 'Owner', sentence: 'An adviser who also keeps the people.' },
];

export default function People() {
  const people = useQuery({
    queryKey: keys.people,
    queryFn: ({ signal }) => take(api.GET('/api/people', { signal })),
  });
  const holdings = useQuery({
    queryKey: keys.holdings,
    queryFn: ({ signal }) => take(api.GET('/api/holdings', { signal })),
  });
  return (
    <div className="mx-auto max-w-[44rem] py-6">
      <h1>People of the practice</h1>
      <Show of={people}>
        {(all) => (
          <>
            <ul className="mt-5">
              {all.map((person) => (
                <li
                  key={person.id}
                  className="flex flex-wrap justify-between gap-x-6 border-t border-rule py-3"
                >
                  <span className="font-medium">{person.name}</span>
                  <span className="num text-faded">{person.email}</span>
                  <span className="text-sm text-faded">{seen(person, holdings.data ?? [])}</span>
                  <Remove person={person} />
                </li>
              ))}
            </ul>
            <AddPerson holdings={holdings.data ?? []} />
          </>
        )}
      </Show>
    </div>
  );
}

/** Gone from the practice at once, signed out everywhere; their name stays with what they did. */
function Remove({ person }: { person: PersonView }) {
  const queries = useQueryClient();
  const [asked, setAsked] = useState(false);
  const [fault, setFault] = useState<unknown>(null);

  async function remove() {
    try {
      await take(
        api.DELETE('/api/people/{id}', {
          params: { path: { id: person.id }, query: { version: person.version } },
        }),
      );
      setFault(null);
    } catch (error) {
      setFault(error);
    }
    setAsked(false);
    await queries.invalidateQueries({ queryKey: keys.people });
  }

  return (
    <span className="flex flex-wrap items-center gap-4">
      {asked ? (
        <>
          <button type="button" className="button" onClick={() => void remove()}>
            Remove {person.name}
          </button>
          <button type="button" className="link min-h-11" onClick={() => setAsked(false)}>
            No, keep
          </button>
        </>
      ) : (
        <button
          type="button"
          className="link min-h-11 text-sm"
          aria-label={`Remove ${person.name}`}
          onClick={() => setAsked(true)}
        >
          Remove
        </button>
      )}
      {fault !== null && (
        <span className="text-warn" role="alert">
          {refusals(fault)[0]?.text ?? sentence(fault)}
        </span>
      )}
    </span>
  );
}

function seen(person: PersonView, holdings: Holding[]): string {
  if (person.role !== 'reader') return person.role;
  const names = holdings.filter((one) => person.holdingIds.includes(one.id)).map((one) => one.name);
  return `reads ${names.join(', ')}`;
}

function AddPerson({ holdings }: { holdings: Holding[] }) {
  const queries = useQueryClient();
  const empty = { name: '', email: '', password: '', role: 'adviser', holdingIds: [] as string[] };
  const [id, setId] = useState(newId);
  const [form, setForm] = useState(empty);
  const [fault, setFault] = useState<unknown>(null);
  const at = (key: string) => refusals(fault).find((one) => one.path === `/${key}`)?.text;

  async function submit(event: FormEvent) {
    event.preventDefault();
    try {
      await take(api.PUT('/api/people/{id}', { params: { path: { id } }, body: { ...form, version: 0 } }));
      setForm(empty);
      setId(newId());
      setFault(null);
      await queries.invalidateQueries({ queryKey: keys.people });
    } catch (error) {
      setFault(error);
    }
  }

  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="mt-10 grid gap-4">
      <h2>Add a person</h2>
      <TextField
        label="Name"
        value={form.name}
        onChange={(name) => setForm({ ...form, name })}
        error={at('name')}
      />
      <TextField
        label="E-mail"
        type="email"
        value={form.email}
        onChange={(email) => setForm({ ...form, email })}
        error={at('email')}
      />
      <TextField
        label="First password"
        type="password"
        value={form.password}
        onChange={(password) => setForm({ ...form, password })}
        error={at('password')}
        hint="Ten characters or more; tell it to them yourself."
        autoComplete="new-password"
      />
      <Choice
        label="What they may do"
        options={ROLES}
        value={form.role}
        onChange={(role) => setForm({ ...form, role })}
        error={at('role')}
      />
      {form.role === 'reader' && (
        <fieldset>
          <legend className="mb-1 font-medium">Holdings they may see</legend>
          {holdings.map((holding) => (
            <label key={holding.id} className="flex min-h-11 items-center gap-3">
              <input
                type="checkbox"
                className="size-5 min-h-0"
                checked={form.holdingIds.includes(holding.id)}
                onChange={(event) =>
                  setForm({
                    ...form,
                    holdingIds: event.target.checked
                      ? [...form.holdingIds, holding.id]
                      : form.holdingIds.filter((one) => one !== holding.id),
                  })
                }
              />
              {holding.name}
            </label>
          ))}
          {at('holdingIds') && <p className="text-warn">{at('holdingIds')}</p>}
        </fieldset>
      )}
      {fault !== null && refusals(fault).length === 0 && (
        <p className="text-warn" role="alert">
          {sentence(fault)}
        </p>
      )}
      <button type="submit" className="button button-main justify-self-start">
        Add
      </button>
    </form>
  );
}
