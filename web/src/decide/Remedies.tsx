import { type ReactNode, useState } from 'react';
import type { Cause, Judgement, Remedy } from '../api/types';
import { inSentence, month } from '../ground/format';
import { Calculator, type Sum } from './Calculator';
import type { Money } from './inMoney';
import { Action } from './RemedyWords';

type Props = {
  remedies: Remedy[];
  judgement: Judgement;
  place: string;
  money?: Money | undefined;
  onPlan?: ((remedy: Remedy, sum: Sum) => void) | undefined;
};

/** What serves the likely causes in an order that holds, each opened; what a rule strikes out; the others by name. */
export function Remedies({ remedies, judgement, place, money, onPlan }: Props) {
  const { causes, known, plan } = judgement;
  const likely = causes.filter((cause) => isLikely(cause) || cause.gate !== null);
  const serves = (remedy: Remedy) => likely.filter((cause) => remedy.serves.includes(cause.id));
  const named = (id: string) => remedies.find((one) => one.id === id);
  const name = (id: string) => inSentence(named(id)?.name ?? id);
  const standing = plan.filter((step) => step.struckBy === null);
  const struck = plan.filter((step) => step.struckBy !== null);
  const others = ordered(
    remedies.filter((remedy) => !plan.some((step) => step.remedy === remedy.id)),
    causes,
  );
  const one = (remedy: Remedy) =>
    remedy.fields.length === 0 ? (
      <Action key={`${remedy.id} ${place}`} remedy={remedy} serves={serves(remedy)} />
    ) : (
      <Calculator
        key={`${remedy.id} ${place}`}
        remedy={remedy}
        known={known[remedy.id] ?? {}}
        place={place}
        serves={serves(remedy)}
        money={money}
        onPlan={onPlan}
      />
    );
  return (
    <>
      {plan.length === 0 && (
        <p className="mt-2">No cause is likely or possible yet, so nothing is called for.</p>
      )}
      {standing.length > 0 && (
        <ol className="mt-3 max-w-[52rem]" aria-label="In an order that holds">
          {standing.map((step, i) => (
            <li key={step.remedy} className="grid grid-cols-[2.2rem_1fr_auto] border-t border-rule py-2">
              <span className="num text-faded">{i + 1}</span>
              <span>
                <a className="link font-semibold" href={`#remedy-${step.remedy}`}>
                  {named(step.remedy)?.name ?? step.remedy}
                </a>
                {step.after.map((first) => (
                  <span key={`${first.remedy} ${first.rule}`} className="block text-sm text-faded">
                    after {name(first.remedy)}: {inSentence(first.text)}
                  </span>
                ))}
                {step.withText && <span className="block text-sm text-faded">{step.withText}</span>}
              </span>
              <span className="num pl-4 text-right text-sm">
                {step.from && step.to && monthsOf(step.from, step.to)}
              </span>
            </li>
          ))}
        </ol>
      )}
      {struck.length > 0 && (
        <ul className="max-w-[52rem]" aria-label="Struck out">
          {struck.map((step) => (
            <li key={step.remedy} className="grid grid-cols-[2.2rem_1fr] border-t border-rule py-2">
              <span className="text-faded" aria-hidden="true">
                –
              </span>
              <span>
                <s className="text-faded">{named(step.remedy)?.name ?? step.remedy}</s>
                <span className="block text-sm">{step.struckText}</span>
              </span>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-8 grid gap-x-12 gap-y-10 wide:grid-cols-2">
        {standing.map((step) => {
          const remedy = named(step.remedy);
          return (
            remedy && (
              <div key={step.remedy} id={`remedy-${step.remedy}`}>
                {one(remedy)}
              </div>
            )
          );
        })}
      </div>
      <h3 className="mt-10 text-[1.3rem]">Every other sum and action</h3>
      <div className="grid gap-x-12 wide:grid-cols-2">
        {[...struck.map((step) => named(step.remedy)), ...others].map(
          (remedy) =>
            remedy && (
              <Folded key={`${remedy.id} ${place}`} remedy={remedy}>
                {() => one(remedy)}
              </Folded>
            ),
        )}
      </div>
    </>
  );
}

function Folded({ remedy, children }: { remedy: Remedy; children: () => ReactNode }) {
  const [open, setOpen] = useState(false);
  return (
    <details className="border-t border-rule" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="flex min-h-11 cursor-pointer items-center gap-3">
        <span className="link font-semibold">{remedy.name}</span>
        <span className="text-sm text-faded">{remedy.purpose}</span>
      </summary>
      {open && <div className="pb-6">{children()}</div>}
    </details>
  );
}

/** "Aug to Oct 2031"; over a year's end both years are said. */
export function monthsOf(from: string, to: string): string {
  if (from === to) return month(`${from}-01`);
  const first = month(`${from}-01`);
  return `${from.slice(0, 4) === to.slice(0, 4) ? first.split(' ')[0] : first} to ${month(`${to}-01`)}`;
}

function isLikely(cause: Cause): boolean {
  return cause.word === 'likely' || cause.word === 'possible';
}

/** Remedies of what is likeliest come first. */
function ordered(remedies: Remedy[], causes: Cause[]): Remedy[] {
  const belief = (remedy: Remedy) =>
    Math.max(0, ...causes.filter((cause) => remedy.serves.includes(cause.id)).map((cause) => cause.belief));
  return [...remedies].sort((a, b) => belief(b) - belief(a));
}
