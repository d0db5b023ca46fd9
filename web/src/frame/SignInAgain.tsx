import { Dialog } from 'radix-ui';
import { type FormEvent, useState } from 'react';
import { api, take } from '../api/client';
import { sentence } from '../api/problem';
import { sendNow } from '../device/sender';
import { TextField } from '../ground/TextField';
import { useMe } from '../people/session';

/** Asks for the password over the page; what was open stays. */
export default function SignInAgain({ waiting, onLater }: { waiting: number; onLater: () => void }) {
  const me = useMe();
  const [password, setPassword] = useState('');
  const [fault, setFault] = useState<string | null>(null);

  async function signIn(event: FormEvent) {
    event.preventDefault();
    try {
      await take(api.GET('/api/welcome'));
      await take(api.POST('/api/session', { body: { email: me.email, password } }));
      setPassword('');
      setFault(null);
      await sendNow();
    } catch (error) {
      setFault(sentence(error));
    }
  }

  return (
    <Dialog.Root modal={false} open onOpenChange={(open) => !open && onLater()}>
      <Dialog.Portal>
        <div className="fixed inset-0 z-40 bg-ink/40" />
        <Dialog.Content className="fixed inset-x-4 top-[14vh] z-50 mx-auto max-w-md rounded-[10px] border-[1.5px] border-edge bg-lift p-6 shadow-lg">
          <Dialog.Title className="font-head text-xl font-bold">Sign in again</Dialog.Title>
          <Dialog.Description className="mt-1">
            You are signed out. {waiting} {waiting === 1 ? 'thing waits' : 'things wait'} on this device to be
            sent; nothing is lost.
          </Dialog.Description>
          <form onSubmit={(event) => void signIn(event)} className="mt-4 grid gap-4">
            <p className="num">{me.email}</p>
            <TextField
              label="Password"
              type="password"
              value={password}
              onChange={setPassword}
              error={fault ?? undefined}
              autoComplete="current-password"
            />
            <button type="submit" className="button button-main">
              Sign in and send
            </button>
            <Dialog.Close className="link min-h-11">Later; it is kept here</Dialog.Close>
          </form>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
