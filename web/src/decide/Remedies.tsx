import { type ReactNode, useState } from 'react';
import type { Cause, Judgement, Remedy } from '../api/types';
import { Calculator } from './Calculator';
import { Action } from './RemedyWords';

type Props = { remedies: Remedy[]; judgement: Judgement; place: string };

/** What serves the likely causes, open; the others by name, each to be opened. */
export function Remedies({ remedies, judgement, place }: Props) {
  const { causes, known } = judgement;
  const likely = causes.filter(isLikely);
  const serves = (remedy: Remedy) => likely.filter((cause) => remedy.serves.includes(cause.id));
  const first = ordered(
    remedies.filter((remedy) => serves(remedy).length > 0),
    causes,
  );
  const others = ordered(
    remedies.filter((remedy) => !first.includes(remedy)),
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
      />
    );
  return (
    <>
      {first.length === 0 && (
        <p className="mt-2">No cause is likely or possible yet, so nothing is called for.</p>
      )}
      <div className="mt-2 grid gap-x-12 gap-y-10 wide:grid-cols-2">{first.map(one)}</div>
      <h3 className="mt-10 text-[1.3rem]">Every other sum and action</h3>
      <div className="grid gap-x-12 wide:grid-cols-2">
        {others.map((remedy) => (
          <Folded key={`${remedy.id} ${place}`} remedy={remedy}>
            {() => one(remedy)}
          </Folded>
        ))}
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

function isLikely(cause: Cause): boolean {
  return cause.word === 'likely' || cause.word === 'possible';
}

/** Remedies of what is likeliest come first. */
function ordered(remedies: Remedy[], causes: Cause[]): Remedy[] {
  const belief = (remedy: Remedy) =>
    Math.max(0, ...causes.filter((cause) => remedy.serves.includes(cause.id)).map((cause) => cause.belief));
  return [...remedies].sort((a, b) => belief(b) - belief(a));
}
