import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { takeAlong } from '../device/copies';
import { isPinned, pin, unpin } from '../device/kept';

/** A field that is wanted without a signal though nothing is planned on it. */
export function KeepHere({ fieldId }: { fieldId: string }) {
  const queries = useQueryClient();
  const [kept, setKept] = useState<boolean | null>(null);
  useEffect(() => {
    void isPinned(fieldId).then(setKept);
  }, [fieldId]);

  async function turn() {
    await (kept ? unpin(fieldId) : pin(fieldId));
    setKept(!kept);
    // Without a signal it is fetched with the next list.
    if (!kept) await takeAlong(queries, []).catch(() => {});
  }

  if (kept === null) return null;
  return (
    <button type="button" className="link min-h-11" aria-pressed={kept} onClick={() => void turn()}>
      {kept ? 'Kept on this device' : 'Keep it on this device'}
    </button>
  );
}
