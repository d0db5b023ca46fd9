import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Method } from '../api/types';
import { useMethods } from '../api/useMethods';
import { waitText } from '../ground/format';
import { Show } from '../ground/State';
import { useDrawing } from '../measure/drawings';
import { Scene } from '../measure/drawings/Scene';
import { byGroup } from './find';

/** Cards for the pocket, one test each, to be printed: what to do with its drawings, what to watch, where to write. */
export default function FieldCards() {
  const methods = useMethods();
  const [search] = useSearchParams();
  const asked = search.getAll('test');
  const [chosen, setChosen] = useState<Set<string>>(new Set(asked));
  const turn = (id: string) =>
    setChosen((before) => {
      const next = new Set(before);
      if (!next.delete(id)) next.add(id);
      return next;
    });
  return (
    <Show of={methods}>
      {(all) => (
        <div>
          <header className="no-print grid gap-3">
            <p>
              <Link to="/methods" className="link">
                Field guide
              </Link>
            </p>
            <h1>Field cards</h1>
            <p className="text-lg text-faded">Choose the tests; each is printed as a card, four to a page.</p>
            {byGroup(all).map(({ group, methods: of }) => (
              <fieldset key={group} className="flex flex-wrap gap-x-5">
                <legend className="font-semibold capitalize">{group}</legend>
                {of.map((method) => (
                  <label key={method.id} className="flex min-h-11 items-center gap-2">
                    <input
                      type="checkbox"
                      className="size-5 min-h-0"
                      checked={chosen.has(method.id)}
                      onChange={() => turn(method.id)}
                    />
                    {method.name}
                  </label>
                ))}
              </fieldset>
            ))}
            <div className="flex flex-wrap gap-4">
              <button
                type="button"
                className="button button-main"
                disabled={chosen.size === 0}
                onClick={() => globalThis.print()}
              >
                {chosen.size === 0 ? 'Print' : `Print ${chosen.size} ${chosen.size === 1 ? 'card' : 'cards'}`}
              </button>
              <button
                type="button"
                className="button"
                onClick={() => setChosen(new Set(all.map((one) => one.id)))}
              >
                All of them
              </button>
            </div>
          </header>
          <div className="mt-6 grid gap-6 desk:grid-cols-2 print:mt-0 print:grid-cols-2 print:gap-3">
            {all
              .filter((method) => chosen.has(method.id))
              .map((method) => (
                <Card key={method.id} method={method} />
              ))}
          </div>
        </div>
      )}
    </Show>
  );
}

function Card({ method }: { method: Method }) {
  const drawing = useDrawing(method.id);
  const steps = method.variants[0]?.steps ?? [];
  return (
    <article
      aria-label={method.name}
      className="break-inside-avoid border-[1.5px] border-edge p-4 text-[0.95rem] leading-snug print:p-2 print:text-[8.5pt]"
    >
      <h2 className="text-lg print:text-[11pt]">{method.name}</h2>
      <p className="text-faded">{method.purpose}</p>
      {method.cautions.map((caution) => (
        <p key={caution} className="mt-1 border-l-4 border-warn pl-2">
          {caution}
        </p>
      ))}
      <ol className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2">
        {steps.map((step, i) => (
          <li key={step.id} className="grid grid-cols-[4.6rem_1fr] gap-2 border-t border-rule pt-1">
            <span>
              <Scene drawing={drawing} step={step.id} values={{}} />
            </span>
            <span>
              <span className="font-semibold">
                {i + 1} {step.title}.
              </span>{' '}
              {step.how}
              {step.wait && (
                <span className="num block text-faded">
                  {waitText(step.wait.minS)} to {waitText(step.wait.maxS)}
                </span>
              )}
            </span>
          </li>
        ))}
      </ol>
      <p className="mt-2 border-t border-rule pt-1 text-faded">
        {method.gear.map((gear) => gear.item).join(', ')}. Grade {method.grade}. {method.source}.
      </p>
    </article>
  );
}
