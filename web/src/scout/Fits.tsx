import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import type { Judgement, LandField, Method, Planning, Proposal } from '../api/types';
import { show } from '../ground/format';
import { NumberField } from '../ground/NumberField';
import { Show } from '../ground/State';
import { parse } from '../ground/units';
import type { DayPlan } from './dayPlan';
import { askedSheet, hours, livingSpots } from './plan';

type Props = {
  field: LandField;
  planning: Planning;
  methods: Method[];
  chosen: Method[];
  plan: DayPlan;
  earlierId: string | null;
  onPlan: (plan: DayPlan) => void;
};

const NAMES: Record<string, { name: string; says: string }> = {
  'all-at-few': { name: 'Everything at few spots', says: 'A full picture of less ground.' },
  'quick-everywhere': { name: 'The quick ones everywhere', says: 'The whole field, less deeply.' },
  'best-for-the-time': { name: 'Most settled for the time', says: 'Test by test, what tells most a minute.' },
};

/** What can be done in the minutes there are: three ways of leaving out. */
export function Fits({ field, planning, methods, chosen, plan, earlierId, onPlan }: Props) {
  const [typed, setTyped] = useState('120');
  const [minutes, setMinutes] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const asked = askedSheet(field, planning, chosen, { ...plan, leftOut: [] }, null);
  const worth = useWorth(earlierId);
  const found = useQuery({
    queryKey: ['fits', JSON.stringify(asked), minutes, JSON.stringify(worth)],
    queryFn: async ({ signal }) => {
      const body = { ...(asked as NonNullable<typeof asked>), minutes: minutes as number, worth };
      return (await take(api.POST('/api/run-sheets/fit', { signal, body }))).proposals as Proposal[];
    },
    enabled: minutes !== null && asked !== null,
    staleTime: Number.POSITIVE_INFINITY,
  });

  function ask() {
    const parsed = parse(typed, 'min');
    if (!parsed.ok) {
      setFault(parsed.text);
    } else if (parsed.value < 1 || parsed.value > 2880) {
      setFault('Minutes go from 1 to 2880.');
    } else {
      setFault(null);
      setMinutes(Math.floor(parsed.value));
    }
  }

  return (
    <section aria-labelledby="fits" className="border-t border-rule pt-4">
      <h3 id="fits">What fits?</h3>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <div className="w-44">
          <NumberField
            label="The time there is"
            unit="min"
            value={typed}
            onChange={setTyped}
            error={fault ?? undefined}
          />
        </div>
        <button type="button" className="button" onClick={ask}>
          Show what fits
        </button>
        {plan.leftOut.length > 0 && (
          <button type="button" className="link min-h-11" onClick={() => onPlan({ ...plan, leftOut: [] })}>
            Everything again
          </button>
        )}
      </div>
      {minutes !== null && (
        <Show of={found}>
          {(proposals) => (
            <ul className="mt-3 grid gap-x-8 gap-y-4 desk:grid-cols-3">
              {proposals.map((one) => (
                <li key={one.name} className="grid content-start gap-1 border-t border-rule pt-2">
                  <p className="font-semibold">{NAMES[one.name]?.name}</p>
                  <p className="text-sm text-faded">{NAMES[one.name]?.says}</p>
                  {one.tests.length === 0 ? (
                    <p>Nothing fits.</p>
                  ) : (
                    <>
                      <p>
                        <span className="num font-semibold">{hours(one.totalS)}</span>, {one.tests.length}{' '}
                        tests at {new Set(one.tests.map((test) => test.spot)).size} spots
                      </p>
                      <p className="text-sm">{leaves(one, methods, field)}</p>
                      {Object.keys(worth).length > 0 && (
                        <p className="text-sm text-faded">
                          settles about{' '}
                          {show((100 * one.worth) / (one.worth + worthOf(one.leftOut, worth)), 0)} % of what
                          the last visit left open
                        </p>
                      )}
                      <button
                        type="button"
                        className="link min-h-11 justify-self-start"
                        onClick={() => onPlan({ ...plan, leftOut: one.leftOut })}
                      >
                        Take it
                      </button>
                    </>
                  )}
                </li>
              ))}
            </ul>
          )}
        </Show>
      )}
    </section>
  );
}

function worthOf(tests: Proposal['leftOut'], worth: Record<string, number>): number {
  return tests.reduce((sum, test) => sum + (worth[test.method] ?? 1), 0);
}

/** What is left out, by method, and at how many of its spots. */
function leaves(one: Proposal, methods: Method[], field: LandField): string {
  const spots = livingSpots(field).length;
  const by = new Map<string, number>();
  for (const test of one.leftOut) by.set(test.method, (by.get(test.method) ?? 0) + 1);
  if (by.size === 0) return 'Leaves nothing out.';
  const names = [...by].map(([id, n]) => {
    const name = methods.find((method) => method.id === id)?.name ?? id;
    return n < spots ? `${name} at ${n}` : name;
  });
  return `Leaves out ${names.join(', ')}.`;
}

/** What each test would still settle, by what the last visit left open. */
function useWorth(earlierId: string | null): Record<string, number> {
  const causes = useQuery({
    queryKey: ['visit', earlierId, 'causes', 'main'],
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/visits/{id}/causes', {
          signal,
          params: { path: { id: earlierId ?? '' }, query: { zone: 'main' } },
        }),
      ) as Promise<Judgement>,
    enabled: earlierId !== null,
    retry: false,
  });
  return Object.fromEntries((causes.data?.nextTests ?? []).map((one) => [one.method, one.bits]));
}
