import { Search as Glass } from 'lucide-react';
import { Suspense, useEffect, useState } from 'react';
import { loneKey } from '../ground/loneKey';
import { later } from './later';

const SearchLine = later(() => import('./SearchLine'));

/** One line that finds fields, spots, tests, visits and written words; `/` opens it. */
export function Search() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    function key(event: globalThis.KeyboardEvent) {
      if (loneKey(event) !== '/') return;
      event.preventDefault();
      setOpen(true);
    }
    document.addEventListener('keydown', key);
    return () => document.removeEventListener('keydown', key);
  }, []);
  return (
    <>
      <button
        type="button"
        className="flex size-11 items-center justify-center rounded-full max-desk:order-2 max-desk:ml-auto"
        aria-label="Search"
        aria-haspopup="dialog"
        onClick={() => setOpen(true)}
      >
        <Glass size={22} strokeWidth={1.8} aria-hidden="true" />
      </button>
      {open && (
        <Suspense>
          <SearchLine onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
