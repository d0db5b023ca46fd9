import type { Method, Reading } from '../api/types';
import { sayMine } from '../ground/myUnits';
import { standing } from './cell';
import { Result } from './Result';
import { Streams } from './Streams';

const WHEN = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  hour: '2-digit',
  minute: '2-digit',
});

/** A reading that counts: what came of it, who took it and when, and every version there was. */
export function Taken(props: {
  method: Method;
  reading: Reading;
  all: Reading[];
  onCorrect: ((reading: Reading) => void) | null;
}) {
  const { method, reading, all, onCorrect } = props;
  const earlier = versionsBefore(reading, all);
  return (
    <div className="mt-4 grid gap-4">
      <p className="text-lg text-faded">
        {named(reading)} Read by {reading.enteredBy}, {WHEN.format(new Date(reading.takenAt))}.
      </p>
      {reading.note && <p className="text-lg whitespace-pre-wrap">{reading.note}</p>}
      <Result
        method={method}
        evaluation={reading.evaluation}
        values={reading.reading}
        others={standing(all).filter((one) => one.id !== reading.id)}
        offline={null}
      />
      <Streams reading={reading.id} />
      {earlier.length > 0 && (
        <section aria-label="Earlier versions" className="border-t border-rule pt-3">
          <h3>Corrected</h3>
          {reading.correctionReason && <p className="mt-1">“{reading.correctionReason}”</p>}
          {earlier.map((one) => (
            <details key={one.id} className="mt-1">
              <summary className="link flex min-h-11 cursor-pointer items-center">
                The reading before, {WHEN.format(new Date(one.takenAt))}
              </summary>
              <pre className="num overflow-x-auto text-sm">{JSON.stringify(one.reading, null, 1)}</pre>
            </details>
          ))}
        </section>
      )}
      {onCorrect && (
        <button type="button" className="button justify-self-start" onClick={() => onCorrect(reading)}>
          Correct this reading
        </button>
      )}
    </div>
  );
}

/** What tells it from others of its cell, in words. */
function named(reading: Reading): string {
  const depth = reading.reading.depthCm;
  const parts = [
    typeof depth === 'number' && reading.depthClass ? sayMine(`At ${depth} cm.`) : '',
    reading.repeat > 1 ? `Repeat ${reading.repeat}.` : '',
  ];
  return parts.filter(Boolean).join(' ');
}

/** The versions that this one stands in for, newest first. */
function versionsBefore(reading: Reading, all: Reading[]): Reading[] {
  const before = all.find((one) => one.id === reading.corrects);
  return before ? [before, ...versionsBefore(before, all)] : [];
}
