import { Suspense } from 'react';
import { Outlet, useLocation } from 'react-router';
import { Frame } from './frame/Frame';
import { setMyUnits } from './ground/myUnits';
import { useMe } from './people/session';

/** What stands around every page. */
export function App() {
  const me = useMe();
  // A report is read in its grower's units; every other page in one's own.
  if (!useLocation().pathname.startsWith('/reports/')) setMyUnits(me.units);
  return (
    <Frame>
      <Suspense fallback={<p className="py-10 text-faded">Fetching…</p>}>
        <Outlet />
      </Suspense>
    </Frame>
  );
}
