import { useState } from 'react';
import { loneKeysOn, setLoneKeys } from '../ground/loneKey';

/** For whoever dictates, or whose hand strays: no key does anything by itself. */
export function LetterKeys() {
  const [on, setOn] = useState(loneKeysOn);
  return (
    <label className="mt-6 flex min-h-11 items-center gap-3 max-desk:hidden">
      <input
        type="checkbox"
        className="size-5 min-h-0"
        checked={on}
        onChange={(event) => {
          setLoneKeys(event.target.checked);
          setOn(event.target.checked);
        }}
      />
      <span>
        Keys of one letter move and open things <span className="text-faded">(? lists them)</span>
      </span>
    </label>
  );
}
