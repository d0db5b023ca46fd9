import { type ReactNode, useState } from 'react';
import type { Cause, Judgement, Remedy } from '../api/types';
import { inSentence, month } from '../ground/format';
import { Calculator, type Sum } from './Calculator';
import { doneAlready } from './doneAlready';
import type { Money } from './inMoney';
import { Action } from './RemedyWords';

type Props = {
  remedies: Remedy[];
  judgement: Judgement;
  place: string;
  south: boolean;
  money?: Money | undefined;
  onPlan?: ((remedy: Remedy, sum: Sum) => void) | undefined;
};

/** What serves the likely causes in an order that holds, each opened; what a rule strikes out; the others by name. */
export function Remedies({ remedies, judgement, place, south, money, onPlan }: Props) {
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
      <Action
        remedy={remedy}
        serves={serves(remedy)}
        south={south}
        onPlan={onPlan && (() => onPlan(remedy, { inputs: {}, perHa: null }))}
      />
    ) : (
      <Calculator
        remedy={remedy}
        known={known[remedy.id] ?? {}}
        place={place}
        serves={serves(remedy)}
        south={south}
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
        <ol className="mt-3 border-b border-rule" aria-label="In an order that holds">
          {standing.map((step, i) => {
            const remedy = named(step.remedy);
            return (
              remedy && (
                <li key={`${step.remedy} ${place}`}>
                  <Folded
                    remedy={remedy}
                    number={i + 1}
                    said={[
                      ...step.after.map((first) => `after ${name(first.remedy)}: ${inSentence(first.text)}`),
                      ...(step.withText ? [step.withText] : []),
                      ...doneAlready(step.doneIn),
                    ]}
                    when={step.from && step.to ? monthsOf(step.from, step.to) : ''}
                    opened={i === 0}
                  >
                    {() => one(remedy)}
                  </Folded>
                </li>
              )
            );
          })}
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
      <h2 className="mt-10 text-[1.3rem]">Every other sum and action</h2>
      <div className="mt-1 grid gap-x-12 wide:grid-cols-2">
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

type FoldedProps = {
  remedy: Remedy;
  children: () => ReactNode;
  number?: number;
  said?: string[];
  when?: string;
  opened?: boolean;
};

/** A remedy by name, what it is for and when; its sum opens below, over the whole width. */
function Folded({ remedy, children, number, said = [], when, opened = false }: FoldedProps) {
  const [open, setOpen] = useState(opened);
  return (
    <details
      className="border-t border-rule wide:open:col-span-full"
      open={open}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="flex min-h-11 cursor-pointer items-baseline gap-x-3 py-2">
        {number && <span className="num w-6 shrink-0 text-faded">{number}</span>}
        <span className="flex-1">
          <h3 className="link inline text-base">{remedy.name}</h3>{' '}
          <span className="ml-1 text-sm text-faded">{remedy.purpose}</span>
          {said.map((words) => (
            <span key={words} className="block text-sm text-faded">
              {words}
            </span>
          ))}
        </span>
        {when && <span className="num shrink-0 text-sm">{when}</span>}
      </summary>
      {open && <div className={`pt-1 pb-8 ${number ? 'desk:pl-9' : ''}`}>{children()}</div>}
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
