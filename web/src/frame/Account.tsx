import { useQueryClient } from '@tanstack/react-query';
import { CircleUserRound } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { remember, useMe } from '../people/session';

const ITEM =
  'flex min-h-11 cursor-pointer items-center rounded-md px-3 outline-none data-[highlighted]:bg-act data-[highlighted]:text-on-act';

/** Behind the account button: who I am, methods, people, the dusk theme, signing out. */
export function Account() {
  const me = useMe();
  const navigate = useNavigate();
  const queries = useQueryClient();

  function turnTheme() {
    const next = document.documentElement.dataset.theme === 'dusk' ? 'day' : 'dusk';
    document.documentElement.dataset.theme = next;
    localStorage.setItem('morphotera:theme', next);
  }

  async function signOut() {
    remember(null);
    await take(api.DELETE('/api/session')).catch(() => undefined);
    queries.clear();
    void navigate('/');
    location.reload();
  }

  return (
    <DropdownMenu.Root modal={false}>
      <DropdownMenu.Trigger
        className="flex size-11 items-center justify-center rounded-full"
        aria-label={`Account of ${me.name}`}
      >
        <CircleUserRound size={26} strokeWidth={1.6} aria-hidden="true" />
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-40 min-w-56 rounded-[10px] border-[1.5px] border-edge bg-lift p-2 shadow-lg"
        >
          <DropdownMenu.Label className="px-3 py-2">
            <span className="block font-semibold">{me.name}</span>
            <span className="block text-sm text-faded">{me.practice}</span>
          </DropdownMenu.Label>
          <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/account')}>
            Password and devices
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/methods')}>
            Methods
          </DropdownMenu.Item>
          {me.role === 'owner' && (
            <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/people')}>
              People of the practice
            </DropdownMenu.Item>
          )}
          <DropdownMenu.Item className={ITEM} onSelect={turnTheme}>
            Day or dusk colours
          </DropdownMenu.Item>
          <DropdownMenu.Item className={ITEM} onSelect={() => void signOut()}>
            Sign out
          </DropdownMenu.Item>
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
