import { useState } from 'react';
import { Link } from 'react-router';
import type { Method } from '../api/types';
import { useMethods } from '../api/useMethods';
import { Show } from '../ground/State';
import { useDrawing } from '../measure/drawings';
import { Scene } from '../measure/drawings/Scene';
import { byGroup, found, showingStep } from './find';

/** Every method by group, each with its drawing; found by typing. */
export default function FieldGuide() {
  const methods = useMethods();
  const [typed, setTyped] = useState('');
  return (
    <div>
      <header className="flex flex-wrap items-end gap-x-8 gap-y-3">
        <div className="flex-1">
          <h1>Field guide</h1>
          <p className="text-lg text-faded">Every test: what it tells, how it is done, what comes of it.</p>
        </div>
        <label className="block w-full desk:w-80">
          <span className="mb-1 block font-medium">Find a test</span>
          <input
            type="search"
            className="w-full"
            autoComplete="off"
            placeholder="water, dish, worms, pH"
            value={typed}
            onChange={(event) => setTyped(event.target.value)}
          />
        </label>
        <Link to="/field-cards" className="button">
          Print field cards
        </Link>
      </header>
      <Show of={methods}>
        {(all) => {
          const groups = byGroup(found(all, typed));
          return groups.length === 0 ? (
            <p className="mt-8 text-lg">
              No test says “{typed}”. Try what it is done with, or what it tells.
            </p>
          ) : (
            groups.map(({ group, methods: of }) => (
              <section key={group} className="mt-8">
                <h2 className="capitalize">{group}</h2>
                <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(min(100%,16rem),1fr))] gap-x-8 gap-y-4">
                  {of.map((method) => (
                    <li key={method.id}>
                      <Tested method={method} />
                    </li>
                  ))}
                </ul>
              </section>
            ))
          );
        }}
      </Show>
    </div>
  );
}

function Tested({ method }: { method: Method }) {
  const drawing = useDrawing(method.id);
  return (
    <Link to={`/methods/${method.id}`} className="grid border-t border-rule pt-2">
      <span className="block aspect-[36/20]">
        <Scene drawing={drawing} step={showingStep(method)} values={{}} />
      </span>
      <span className="font-head text-lg font-semibold">{method.name}</span>
      <span className="leading-snug text-faded">
        {method.purpose} · grade {method.grade}
      </span>
    </Link>
  );
}
