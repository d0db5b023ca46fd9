import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { refusals } from '../api/problem';
import type { KnownValue } from '../api/types';
import { show } from '../ground/format';
import { figure } from '../ground/myUnits';
import { NumberField } from '../ground/NumberField';
import { parse } from '../ground/units';
import { useKept } from '../ground/useKept';

const FIELDS = [
  { key: 'sand', label: 'Sand', unit: '%' },
  { key: 'clay', label: 'Clay', unit: '%' },
  { key: 'stonePercent', label: 'Stones', unit: '%' },
  { key: 'rootDepthCm', label: 'Roots reach', unit: 'cm' },
  { key: 'expectedDepthCm', label: 'Roots should reach', unit: 'cm' },
  { key: 'useMmPerDay', label: "The crop's daily use", unit: 'mm/day' },
] as const;

/** What a root limit costs in water: held to the depth roots reach, and to the depth they should. */
export function WaterBudget({ known, place }: { known: { [key: string]: KnownValue }; place: string }) {
  const start = Object.fromEntries(
    FIELDS.map(({ key }) => [
      key,
      known[key] ? show(known[key].value, 0) : key === 'stonePercent' ? '0' : '',
    ]),
  );
  const [values, keep] = useKept<Record<string, string>>(`water:${place}`, 1, start);
  const [open, setOpen] = useState(false);
  const parsed = FIELDS.map(
    ({ key, unit }) => [key, parse(values[key] ?? '', unit === 'mm/day' ? null : unit)] as const,
  );
  const ready = parsed.every(([, one]) => one.ok);
  const body = Object.fromEntries(parsed.map(([key, one]) => [key, one.ok ? one.value : null]));
  const budget = useQuery({
    queryKey: ['water-budget', JSON.stringify(body)],
    queryFn: ({ signal }) => take(api.POST('/api/water-budgets/calculate', { signal, body: body as never })),
    enabled: open && ready,
  });
  const at = (key: string) => refusals(budget.error).find((one) => one.path === `/${key}`)?.text;
  const got = budget.data as
    | { nowMm: number; expectedMm: number; gainMm: number; daysNow: number; gainDays: number }
    | undefined;
  return (
    <details
      className="mt-8 border-t-2 border-ink pt-3"
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary className="flex min-h-11 cursor-pointer items-center gap-3">
        <span className="link font-head text-[1.3rem] font-semibold">Water that the roots can reach</span>
        <span className="text-sm text-faded">what removing a limit is worth, in mm and days</span>
      </summary>
      <div className="mt-3 grid max-w-[46rem] gap-4 desk:grid-cols-3">
        {FIELDS.map(({ key, label, unit }) => (
          <NumberField
            key={key}
            label={label}
            unit={unit}
            value={values[key] ?? ''}
            onChange={(value) => keep({ ...values, [key]: value })}
            error={at(key)}
            hint={known[key] && values[key] === start[key] ? 'from the readings and the crop' : null}
          />
        ))}
      </div>
      {got && (
        <p className="mt-4 max-w-[46rem] text-lg" role="status">
          The ground holds <strong className="num">{figure(got.nowMm, 'mm', 0)}</strong> where roots reach
          now, {show(got.daysNow, 0)} days of use, and{' '}
          <strong className="num">{figure(got.expectedMm, 'mm', 0)}</strong> where they should. Removing what
          stops them is worth <strong className="num">{figure(got.gainMm, 'mm', 0)}</strong>,{' '}
          {show(got.gainDays, 0)} days.
        </p>
      )}
      <p className="mt-2 text-sm text-faded">
        Available water by texture (Saxton and Rawls 2006) × (1 − stones) × depth; organic matter 2.5 %.
      </p>
    </details>
  );
}
