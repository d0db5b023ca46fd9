import { Suspense, useState } from 'react';
import { useMe } from '../people/session';
import { AccountButton } from './AccountButton';
import { later } from './later';

const AccountMenu = later(() => import('./AccountMenu'));

/** The account button; its menu takes its place once it is asked for. */
export function Account() {
  const me = useMe();
  const [asked, setAsked] = useState(false);
  const button = <AccountButton name={me.name} onClick={() => setAsked(true)} />;
  return asked ? (
    <Suspense fallback={button}>
      <AccountMenu />
    </Suspense>
  ) : (
    button
  );
}
