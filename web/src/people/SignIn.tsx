import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, take } from '../api/client';
import { refusals, sentence } from '../api/problem';
import type { Welcome } from '../api/types';
import { TextField } from '../ground/TextField';
import { enter } from './enter';
import { Masthead } from './Masthead';

export function SignIn({ welcome }: { welcome: Welcome }) {
  const queries = useQueryClient();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const [fault, setFault] = useState<unknown>(null);
  const [busy, setBusy] = useState(false);

  async function signIn(withEmail: string, withPassword: string) {
    setBusy(true);
    setFault(null);
    try {
      const me = await take(api.POST('/api/session', { body: { email: withEmail, password: withPassword } }));
      enter(queries, me);
    } catch (error) {
      setFault(error);
      setBusy(false);
    }
  }

  function submit(event: FormEvent) {
    event.preventDefault();
    void signIn(email, password);
  }

  const at = (path: string) => refusals(fault).find((one) => one.path === path)?.text;
  return (
    <>
      <Masthead line="Sign in to your practice" />
      <form onSubmit={submit} noValidate className="grid gap-4">
        <TextField
          label="E-mail"
          type="email"
          value={email}
          onChange={setEmail}
          error={at('/email')}
          autoComplete="username"
        />
        <TextField
          label="Password"
          type="password"
          value={password}
          onChange={setPassword}
          error={at('/password')}
          autoComplete="current-password"
        />
        {fault !== null && refusals(fault).length === 0 && (
          <p className="text-warn" role="alert">
            {sentence(fault)}
          </p>
        )}
        <button type="submit" className="button button-main" disabled={busy}>
          Sign in
        </button>
      </form>
      {welcome.demoLogins.length > 0 && (
        <section className="mt-10" aria-labelledby="demo">
          <h2 id="demo">Try it with the demo's people</h2>
          <p className="mt-1 text-faded">
            Everything in it is made up. The password of all is{' '}
            <span className="num text-ink">{welcome.demoPassword}</span>
          </p>
          <ul className="mt-3">
            {welcome.demoLogins.map((login) => (
              <li key={login} className="flex items-center justify-between border-t border-rule py-1">
                <span className="num text-[0.9rem]">{login}</span>
                <button
                  type="button"
                  className="link min-h-11 px-2"
                  disabled={busy}
                  onClick={() => void signIn(login, welcome.demoPassword ?? '')}
                  aria-label={`Go in as ${login}`}
                >
                  go in
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
