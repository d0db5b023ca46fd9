import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, take } from '../api/client';
import { newId } from '../api/ids';
import { refusals, sentence } from '../api/problem';
import { TextField } from '../ground/TextField';
import { enter } from './enter';
import { Masthead } from './Masthead';

/** An empty product asks for its first owner. */
export function FirstOwner() {
  const queries = useQueryClient();
  const [ids] = useState(() => ({ practiceId: newId(), personId: newId() }));
  const [form, setForm] = useState({ practice: '', name: '', email: '', password: '' });
  const [fault, setFault] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);
  const set = (key: keyof typeof form) => (value: string) => setForm({ ...form, [key]: value });
  const at = (key: keyof typeof form) => refusals(fault).find((one) => one.path === `/${key}`)?.text;

  async function submit(event: FormEvent) {
    event.preventDefault();
    setBusy(true);
    try {
      const me = await take(api.POST('/api/first-owner', { body: { ...ids, ...form } }));
      enter(queries, me);
    } catch (error) {
      setFault(error);
      setBusy(false);
    }
  }

  return (
    <>
      <Masthead line="Nobody is here yet. Who keeps this practice?" />
      <form onSubmit={(event) => void submit(event)} noValidate className="grid gap-4">
        <TextField
          label="Name of the practice"
          value={form.practice}
          onChange={set('practice')}
          error={at('practice')}
        />
        <TextField
          label="Your name"
          value={form.name}
          onChange={set('name')}
          error={at('name')}
          autoComplete="name"
        />
        <TextField
          label="E-mail"
          type="email"
          value={form.email}
          onChange={set('email')}
          error={at('email')}
          autoComplete="username"
          hint="To sign in with. No message is ever sent."
        />
        <TextField
          label="Password"
          type="password"
          value={form.password}
          onChange={set('password')}
          error={at('password')}
          autoComplete="new-password"
          hint="Ten characters or more."
        />
        {fault !== null && refusals(fault).length === 0 && (
          <p className="text-warn" role="alert">
            {sentence(fault)}
          </p>
        )}
        <button type="submit" className="button button-main" disabled={busy}>
          Begin
        </button>
      </form>
    </>
  );
}
