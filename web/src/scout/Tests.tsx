import { useState } from 'react';
import type { LandField, Method, Planning } from '../api/types';
import { usePrices } from '../decide/plan/usePlan';
import { show } from '../ground/format';
import { figure } from '../ground/myUnits';
import type { DayPlan } from './dayPlan';
import { minutesOf, priceOf } from './handsOn';
import { Together } from './Together';

type Props = {
  field: LandField;
  planning: Planning;
  methods: Method[];
  chosen: string[];
  plan: DayPlan;
  onPlan: (plan: DayPlan) => void;
  onChange: (chosen: string[]) => void;
  hint: string | null;
};

/** The tests with what each costs at a spot in minutes, water and money: those of the question, and every other a tap away. */
export function Tests({ field, planning, methods, chosen, plan, onPlan, onChange, hint }: Props) {
  const prices = usePrices().data;
  // A test keeps its place while it is ticked on and off.
  const [asked] = useState(chosen);
  const first = asked.length === 0 ? methods : methods.filter((one) => asked.includes(one.id));
  const others = methods.filter((one) => !first.includes(one));
  const costs = (method: Method) => {
    const price = priceOf(method.id, prices);
    return [
      `${show(minutesOf(method, plan), 0)} min`,
      ...(method.waterL > 0 ? [figure(method.waterL, 'l')] : []),
      ...(price === null ? [] : [`${show(price, 1)} ${prices?.currency}`]),
    ];
  };
  const rows = (of: Method[]) => (
    <ul className="mt-1">
      {of.map((method) => (
        <li
          key={method.id}
          className="grid min-h-12 grid-cols-[2rem_1fr_auto] items-center gap-x-2 border-t border-rule py-1 desk:grid-cols-[2rem_1fr_auto_auto]"
        >
          <label className="contents cursor-pointer">
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
            <span className="leading-snug">
              <span className="font-medium">{method.name}</span>{' '}
              <span className="text-sm text-faded desk:block">{method.purpose}</span>
            </span>
          </label>
          <span className="num col-start-3 row-start-1 text-right text-sm text-faded desk:col-start-4 desk:min-w-20">
            {costs(method).map((cost) => (
              <span key={cost} className="block whitespace-nowrap">
                {cost}
              </span>
            ))}
          </span>
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
      <Together
        field={field}
        planning={planning}
        chosen={methods.filter((one) => chosen.includes(one.id))}
        plan={plan}
        prices={prices}
      />
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
    <p className="col-span-2 col-start-2 row-start-2 flex flex-wrap gap-x-4 text-sm text-faded desk:col-span-1 desk:col-start-3 desk:row-start-1 desk:justify-end">
      <select
        aria-label={`${method.name}: where`}
        className="field-sizing-content min-h-9 border-0 bg-transparent py-0 pl-0 text-sm"
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
          className="field-sizing-content min-h-9 border-0 bg-transparent py-0 pl-0 text-sm"
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
