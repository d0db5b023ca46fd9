import { useState } from 'react';
import type { Method } from '../api/types';
import { show } from '../ground/format';
import { minutesOf, minutesTogether } from './handsOn';
import type { DayPlan } from './plan';

type Props = {
  methods: Method[];
  chosen: string[];
  spots: number;
  plan: DayPlan;
  onPlan: (plan: DayPlan) => void;
  onChange: (chosen: string[]) => void;
  hint: string | null;
};

/** The tests with what each costs in hands-on minutes at a spot: those of the question, and every other a tap away. */
export function Tests({ methods, chosen, spots, plan, onPlan, onChange, hint }: Props) {
  // A test keeps its place while it is ticked on and off.
  const [asked] = useState(chosen);
  const first = asked.length === 0 ? methods : methods.filter((one) => asked.includes(one.id));
  const others = methods.filter((one) => !first.includes(one));
  const total = minutesTogether(methods.filter((one) => chosen.includes(one.id)));
  const rows = (of: Method[]) => (
    <ul className="mt-1">
      {of.map((method) => (
        <li key={method.id} className="border-t border-rule">
          <label className="grid min-h-12 cursor-pointer grid-cols-[2rem_1fr_auto] items-center gap-x-2 py-1">
            <input
              type="checkbox"
              className="size-5 min-h-0"
              checked={chosen.includes(method.id)}
              onChange={(event) =>
                onChange(
                  methods
                    .map((one) => one.id)
                    .filter((id) => (id === method.id ? event.target.checked : chosen.includes(id))),
                )
              }
            />
            <span>
              <span className="font-medium">{method.name}</span>{' '}
              <span className="text-sm text-faded">{method.purpose}</span>
            </span>
            <span className="num text-sm text-faded">{show(minutesOf(method), 0)} min</span>
          </label>
          {chosen.includes(method.id) && <Ways method={method} plan={plan} onPlan={onPlan} />}
        </li>
      ))}
    </ul>
  );
  return (
    <fieldset>
      <legend className="font-medium">Tests</legend>
      {hint && <p className="text-sm text-faded">{hint}</p>}
      {rows(first)}
      {others.length > 0 && (
        <details className="border-t border-rule">
          <summary className="link flex min-h-12 cursor-pointer items-center">
            {others.length} other tests
          </summary>
          {rows(others)}
        </details>
      )}
      {total > 0 && spots > 0 && (
        <p className="mt-2 text-sm text-faded">
          Hands-on about <span className="num text-ink">{show((total * spots) / 60, 1)} h</span> at {spots}{' '}
          {spots === 1 ? 'spot' : 'spots'}, waits and walking not counted.
        </p>
      )}
    </fieldset>
  );
}

const WHERE = [
  { word: 'every-spot', label: 'at every spot' },
  { word: 'once', label: 'once' },
  { word: 'reference', label: 'at the reference alone' },
  { word: 'mixed', label: 'mixed from all spots' },
];

/** In which way a chosen test is done, and where. */
function Ways({ method, plan, onPlan }: { method: Method; plan: DayPlan; onPlan: (plan: DayPlan) => void }) {
  return (
    <p className="flex flex-wrap gap-x-4 pb-2 pl-10 text-sm text-faded">
      <select
        aria-label={`${method.name}: where`}
        className="min-h-9 border-0 bg-transparent py-0 pl-0 text-sm"
        value={plan.where[method.id] ?? 'every-spot'}
        onChange={(event) => onPlan({ ...plan, where: { ...plan.where, [method.id]: event.target.value } })}
      >
        {WHERE.map((one) => (
          <option key={one.word} value={one.word}>
            {one.label}
          </option>
        ))}
      </select>
      {method.variants.length > 1 && (
        <select
          aria-label={`${method.name}: way of doing it`}
          className="min-h-9 border-0 bg-transparent py-0 pl-0 text-sm"
          value={plan.variants[method.id] ?? method.variants[0]?.id}
          onChange={(event) =>
            onPlan({ ...plan, variants: { ...plan.variants, [method.id]: event.target.value } })
          }
        >
          {method.variants.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name.toLowerCase()}
            </option>
          ))}
        </select>
      )}
    </p>
  );
}
