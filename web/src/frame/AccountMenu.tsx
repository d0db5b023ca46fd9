import { useQueryClient } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { useState, useSyncExternalStore } from 'react';
import { useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { removeDatabase } from '../device/database';
import { parcels } from '../device/parcels';
import { onChange } from '../device/words';
import { hand, setHand } from '../ground/hand';
import { leave, useMe } from '../people/session';
import { AccountButton } from './AccountButton';
import Leaving from './Leaving';

const ITEM =
  'flex min-h-11 cursor-pointer items-center rounded-md px-3 outline-none data-[highlighted]:bg-act data-[highlighted]:text-on-act';

/** Behind the account button: who I am, methods, people, the dusk theme, signing out. Opens as it comes. */
export default function AccountMenu() {
  const me = useMe();
  const navigate = useNavigate();
  const queries = useQueryClient();

  function turnTheme() {
    const next = document.documentElement.dataset.theme === 'dusk' ? 'day' : 'dusk';
    document.documentElement.dataset.theme = next;
    localStorage.setItem('morphotera:theme', next);
  }

  const waiting = useSyncExternalStore(onChange, parcels).filter((one) => one.state.is !== 'put-away');
  const [asking, setAsking] = useState(false);

  async function signOut() {
    const left = parcels().some((one) => one.state.is !== 'put-away');
    await leave(() => take(api.DELETE('/api/session')));
    queries.clear();
    // What nobody waits for is not left behind for the next one at this device.
    if (!left) await removeDatabase(me.id);
    location.assign('/');
  }

  return (
    <>
      {asking && <Leaving waiting={waiting} onStay={() => setAsking(false)} onLeave={() => void signOut()} />}
      <DropdownMenu.Root modal={false} defaultOpen>
        <DropdownMenu.Trigger asChild>
          <AccountButton name={me.name} />
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
              Field guide
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/practice')}>
              Practice specimens
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/yardsticks')}>
              Yardsticks
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/kit-charts')}>
              Kit charts
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/prices')}>
              Prices
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/tables')}>
              Tables
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/data')}>
              Data
            </DropdownMenu.Item>
            {me.role === 'owner' && (
              <DropdownMenu.Item className={ITEM} onSelect={() => void navigate('/people')}>
                People of the practice
              </DropdownMenu.Item>
            )}
            <DropdownMenu.Item
              className={ITEM}
              onSelect={() => setHand(hand() === 'left' ? 'right' : 'left')}
            >
              Keys for the {hand() === 'left' ? 'right' : 'left'} hand
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={turnTheme}>
              Day or dusk colours
            </DropdownMenu.Item>
            <DropdownMenu.Item
              className={ITEM}
              onSelect={() => (waiting.length > 0 ? setAsking(true) : void signOut())}
            >
              Sign out
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
    </>
  );
}
