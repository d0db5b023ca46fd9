import type { Cause, Remedy } from '../api/types';
import { inSentence, show } from '../ground/format';

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

export function RemedyHead({ remedy, serves }: { remedy: Remedy; serves: Cause[] }) {
  return (
    <p className="text-faded">
      {serves.length > 0 && `For: ${serves.map((cause) => inSentence(cause.text)).join('; ')}. `}
      Grade {remedy.grade}.
    </p>
  );
}

/** When it is done, how long it takes, what it costs, where it holds, who decides and what to watch. */
export function RemedyFoot({ remedy, south }: { remedy: Remedy; south: boolean }) {
  const source = remedy.source ? ` ${remedy.source}.` : '';
  return (
    <p className="mt-4 max-w-[60rem] text-sm text-faded">
      {months(remedy.months, south)}. {remedy.effect} {remedy.range}
      {source} {price(remedy)} {remedy.decides ?? ''} Watch: {remedy.watch.join(', ')}.
    </p>
  );
}

type ActionProps = { remedy: Remedy; serves: Cause[]; south: boolean; onPlan?: (() => void) | undefined };

/** An action without a sum. */
export function Action({ remedy, serves, south, onPlan }: ActionProps) {
  return (
    <article aria-label={remedy.name}>
      <RemedyHead remedy={remedy} serves={serves} />
      <ul className="mt-3 list-disc pl-5 text-sm">
        {remedy.cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
      {onPlan && (
        <button type="button" className="button mt-3" onClick={onPlan}>
          Take it into the plan
        </button>
      )}
      <RemedyFoot remedy={remedy} south={south} />
    </article>
  );
}

/** Months, told of the northern half of the world, as runs: "Aug to Oct, Feb to Mar". */
export function months(northern: number[], south: boolean): string {
  if (northern.length === 12) return 'Any month';
  const of = south ? northern.map((month) => ((month + 5) % 12) + 1) : northern;
  const runs: number[][] = [];
  for (const month of of) {
    const run = runs.at(-1);
    const last = run?.at(-1);
    if (run && last !== undefined && month === (last % 12) + 1) run.push(month);
    else runs.push([month]);
  }
  return runs
    .map((run) => [run[0], run.at(-1)].map((month) => MONTHS[(month ?? 1) - 1]))
    .map(([from, to]) => (from === to ? from : `${from} to ${to}`))
    .join(', ');
}

function price({ cost }: Remedy): string {
  if (cost.amount === 0) return 'It costs nothing but time.';
  const saves = cost.amount < 0;
  return `${saves ? 'It saves' : 'About'} ${show(Math.abs(cost.amount), 1)} ${cost.per.startsWith('metre') || cost.per.startsWith('mm') ? 'per' : 'a'} ${cost.per}, a made-up price.`;
}
