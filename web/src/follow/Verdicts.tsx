import type { ChangeView, LandField, MethodChange } from '../api/types';
import { show, signed } from '../ground/format';
import { sayMine } from '../ground/myUnits';

const WORDS: Record<string, string> = {
  better: 'better',
  worse: 'worse',
  'no-clear-change': 'no clear change',
  'one-spot': 'one spot cannot tell',
};

/** The verdict of each method in a word, with its interval, what this many spots could have shown, and what was unlike. */
export function Verdicts({ change, field }: { change: ChangeView; field: LandField }) {
  if (change.methods.length === 0) {
    return <p>No test was made at the same spot in both visits: nothing can be compared.</p>;
  }
  return (
    <>
      {change.unlike.map((one) => (
        <p key={one.code} className="text-faded">
          {one.text}
        </p>
      ))}
      <ul>
        {change.methods.map((method) => (
          <li key={rowKey(method)} className="border-t border-rule py-3">
            <p className="flex flex-wrap items-baseline justify-between gap-x-4">
              <span className="font-medium">
                {method.methodName}
                {detail(method) && <span className="font-normal text-faded">, {detail(method)}</span>}
              </span>
              <span className="flex items-baseline gap-2 font-head text-lg font-semibold">
                <VerdictMark verdict={method.change.verdict} />
                {WORDS[method.change.verdict]}
              </span>
            </p>
            <p className="text-[0.95rem]">
              <span className="num">{signed(method.change.difference)}</span> points
              {method.change.low !== null && (
                <>
                  , between <span className="num">{signed(method.change.low)}</span> and{' '}
                  <span className="num">{signed(method.change.high ?? 0)}</span>
                </>
              )}
            </p>
            <Interval method={method} />
            {method.change.verdict === 'no-clear-change' && (
              <p className="text-sm text-faded">
                These {method.pairs.length} spots could have shown {show(method.change.smallestChange)} or
                more
                {method.change.spotsForTenPoints !== null &&
                  `; ${method.change.spotsForTenPoints} would show a change of 10`}
                .
              </p>
            )}
            {method.unlike.map((one) => (
              <p key={one.code} className="text-sm text-warn">
                {one.text}
              </p>
            ))}
            <details>
              <summary className="link cursor-pointer text-sm">spot by spot</summary>
              <p className="num text-sm">
                {method.pairs
                  .map(
                    (pair) =>
                      `${field.spots.find((spot) => spot.id === pair.spot)?.label ?? '?'}: ${show(pair.before, 0)} → ${show(pair.after, 0)}`,
                  )
                  .join(' · ')}
              </p>
            </details>
          </li>
        ))}
      </ul>
      <p className="text-sm text-faded">
        Like with like: one depth, one preparation, spots with clean values in both visits. 90 % interval
        (Student's t); an observer's own spread is the least it can be, an instrument's error is in it.
        {change.methods.length >= 10 && ' Of ten tests one changes by chance.'}
      </p>
    </>
  );
}

function rowKey(method: MethodChange): string {
  return [method.method, method.depthClass, method.preparation, method.plant].join(' ');
}

/** What tells it from another row of the same test. */
function detail(method: MethodChange): string {
  return [
    method.depthClass && sayMine(`${method.depthClass.replace('-', '–')} cm`),
    method.preparation?.replace('-', ' '),
    method.plant,
  ]
    .filter(Boolean)
    .join(', ');
}

/** Up, down, or level: the verdict as a mark, so that it does not hang on a word alone. */
function VerdictMark({ verdict }: { verdict: string }) {
  const d =
    verdict === 'better'
      ? 'M3 13 9 4l6 9'
      : verdict === 'worse'
        ? 'M3 5l6 9 6-9'
        : verdict === 'one-spot'
          ? 'M9 9h.01'
          : 'M2 9h14';
  return (
    <svg width="18" height="18" aria-hidden="true" className="self-center">
      <path
        d={d}
        fill="none"
        stroke="currentColor"
        strokeWidth="2.6"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}

/** The interval on a line with zero in it. */
function Interval({ method }: { method: MethodChange }) {
  const { low, high, difference } = method.change;
  if (low === null || high === null) return null;
  const reach = Math.max(20, Math.abs(low), Math.abs(high)) * 1.08;
  const x = (points: number) => 150 + (points / reach) * 145;
  return (
    <svg viewBox="0 0 300 26" className="my-1 w-full max-w-[20rem]" aria-hidden="true">
      <path d="M5 13H295" stroke="var(--rule)" />
      <path d="M150 3v20" stroke="var(--ink)" strokeWidth="1.4" />
      <path d={`M${x(low)} 13H${x(high)}`} stroke="var(--ink)" strokeWidth="5" strokeOpacity="0.35" />
      <path d={`M${x(low)} 7v12M${x(high)} 7v12`} stroke="var(--ink)" strokeWidth="1.4" />
      <path d={`M${x(difference)} 6l5 7 -5 7 -5 -7Z`} fill="var(--ink)" />
    </svg>
  );
}
