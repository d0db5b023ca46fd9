import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { loneKey } from '../ground/loneKey';
import { type Place, pathOf, type Verb } from './place';

const GO: Record<string, Verb | 'home'> = {
  s: 'scout',
  m: 'measure',
  r: 'read',
  d: 'decide',
  f: 'follow',
  h: 'home',
};

const ALL: [string, string][] = [
  ['g then s m r d f h', 'go to Scout, Measure, Read, Decide, Follow, home'],
  ['[  ]', 'spot before, spot after'],
  [',  .', 'method before, method after'],
  ['t', 'start or mark the clock in hand'],
  ['/', 'find a field, a spot, a test, a visit, a word'],
  ['?', 'this list'],
];

/** Keys at the desk; never while something is being typed. */
export function Shortcuts({ place }: { place: Place }) {
  const navigate = useNavigate();
  const armed = useRef(0);
  const [shown, setShown] = useState(false);
  useEffect(() => {
    function key(event: KeyboardEvent) {
      const alone = loneKey(event);
      const to = GO[alone ?? ''];
      if (to && Date.now() - armed.current < 1500) {
        armed.current = 0;
        void navigate(to === 'home' ? '/' : pathOf(place, to));
      } else if (alone === 'g') {
        armed.current = Date.now();
      } else if (alone === '?') {
        setShown((now) => !now);
      } else if (event.key === 'Escape') {
        setShown(false);
      }
    }
    document.addEventListener('keydown', key);
    return () => document.removeEventListener('keydown', key);
  }, [navigate, place]);
  if (!shown) return null;
  return (
    <aside
      aria-label="Keys"
      className="fixed right-6 bottom-6 z-40 rounded-[10px] border-[1.5px] border-edge bg-lift p-5 shadow-lg"
    >
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {ALL.map(([keys, what]) => (
          <div key={keys} className="contents">
            <dt className="num font-semibold">{keys}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 text-sm text-faded">They are switched off under the account.</p>
    </aside>
  );
}
