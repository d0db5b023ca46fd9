import type { Draft } from './draft';

/** A note, and the time it was taken where that was not now: both stand with the reading. */
export function NoteAndTime({ draft, keep }: { draft: Draft; keep: (change: Partial<Draft>) => void }) {
  return (
    <details open={draft.note !== '' || draft.takenAt !== null || undefined}>
      <summary className="link flex min-h-14 cursor-pointer items-center">A note, or another time</summary>
      <div className="grid gap-4 pb-2">
        <label className="block">
          Note
          <textarea
            className="mt-1 block min-h-24 w-full"
            maxLength={2000}
            value={draft.note}
            onChange={(event) => keep({ note: event.target.value })}
          />
        </label>
        <label className="block">
          Taken at
          <input
            type="datetime-local"
            className="mt-1 block"
            value={local(draft.takenAt)}
            onChange={(event) =>
              keep({
                takenAt: event.target.value === '' ? null : new Date(event.target.value).toISOString(),
              })
            }
          />
          <span className="mt-1 block text-base text-faded">Left open: now, as it is counted.</span>
        </label>
      </div>
    </details>
  );
}

/** An instant in the form that the entry takes, in the device's own zone. */
function local(instant: string | null): string {
  if (instant === null) return '';
  const at = new Date(instant);
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
}
