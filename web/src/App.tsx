import { Suspense } from 'react';
import { Outlet, useLocation, useNavigation } from 'react-router';
import { Frame } from './frame/Frame';
import { setMyUnits } from './ground/myUnits';
import { useMe } from './people/session';

/** What stands around every page. */
export function App() {
  const me = useMe();
  const goes = useNavigation().state !== 'idle';
  // A report is read in its grower's units; every other page in one's own.
  if (!useLocation().pathname.startsWith('/reports/')) setMyUnits(me.units);
  return (
    <Frame>
      <Suspense fallback={<p className="py-10 text-faded">Fetching…</p>}>
        <div aria-busy={goes} className={goes ? 'coming' : undefined}>
          <Outlet />
        </div>
      </Suspense>
    </Frame>
  );
}
