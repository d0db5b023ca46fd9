import type { Refusal } from '../api/problem';
import type { Method } from '../api/types';
import type { Draft } from './draft';
import { NoteAndTime } from './NoteAndTime';

/** The questions before a reading counts, and what still stands in its way. */
export function Checks(props: {
  method: Method;
  draft: Draft;
  keep: (change: Partial<Draft>) => void;
  tried: boolean;
  found: Refusal[];
  onCount: () => void;
  /** It is to count, and its sum is not there yet. */
  waits: boolean;
}) {
  const { method, draft, keep, tried, found } = props;
  const open = method.checks.filter((check) => !draft.checks[check.id]);
  return (
    <fieldset className="grid gap-2 border-t border-rule pt-4 text-lg">
      <legend className="sr-only">Before it counts</legend>
      {method.checks.map((check) => (
        <label key={check.id} className="flex min-h-14 cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            className="size-6 min-h-0 shrink-0"
            checked={draft.checks[check.id] ?? false}
            onChange={(event) => keep({ checks: { ...draft.checks, [check.id]: event.target.checked } })}
          />
          {check.question}
        </label>
      ))}
      <NoteAndTime draft={draft} keep={keep} />
      {tried && (found.length > 0 || open.length > 0) && (
        <div role="alert" className="text-warn">
          {found.length > 0 && (
            <p>Not counted yet: {found.length === 1 ? 'one thing' : `${found.length} things`} above.</p>
          )}
          {found.slice(0, 4).map((one) => (
            <p key={one.path + one.code}>{one.text}</p>
          ))}
          {open.length > 0 && <p>Answer the {open.length === 1 ? 'question' : 'questions'} first.</p>}
        </div>
      )}
      <button type="button" className="button button-main button-big" onClick={props.onCount}>
        {draft.corrects ? 'Count the correction' : 'Count this reading'}
      </button>
      <p className="text-faded" role="status">
        {props.waits ? 'It counts as soon as its sum is there.' : 'Kept on this device as you type.'}
      </p>
    </fieldset>
  );
}
