import type { Cause, Remedy } from '../api/types';
import { inSentence, show } from '../ground/format';

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

export function RemedyHead({ remedy, serves }: { remedy: Remedy; serves: Cause[] }) {
  return (
    <>
      <h3 className="text-[1.3rem]">{remedy.name}</h3>
      <p className="text-faded">
        {remedy.purpose}. Grade {remedy.grade}.
        {serves.length > 0 && ` For: ${serves.map((cause) => inSentence(cause.text)).join('; ')}.`}
      </p>
    </>
  );
}

/** When it is done, how long it takes, what it costs, where it holds, who decides and what to watch. */
export function RemedyFoot({ remedy }: { remedy: Remedy }) {
  const source = remedy.source ? ` ${remedy.source}.` : '';
  return (
    <p className="mt-4 text-sm text-faded">
      {months(remedy.months)}. {remedy.effect} {remedy.range}
      {source} {price(remedy)} {remedy.decides ?? ''} Watch: {remedy.watch.join(', ')}.
    </p>
  );
}

/** An action without a sum. */
export function Action({ remedy, serves }: { remedy: Remedy; serves: Cause[] }) {
  return (
    <article aria-label={remedy.name} className="border-t-2 border-ink pt-4">
      <RemedyHead remedy={remedy} serves={serves} />
      <ul className="mt-3 list-disc pl-5 text-sm">
        {remedy.cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </ul>
      <RemedyFoot remedy={remedy} />
    </article>
  );
}

/** Months of the northern half as runs: "Aug to Oct, Feb to Mar". */
export function months(of: number[]): string {
  if (of.length === 12) return 'Any month';
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
