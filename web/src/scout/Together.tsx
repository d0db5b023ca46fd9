import type { LandField, Method, Planning, PriceList } from '../api/types';
import { show } from '../ground/format';
import { figure } from '../ground/myUnits';
import type { DayPlan } from './dayPlan';
import { costOfTests, minutesTogether } from './handsOn';
import { askedSheet, hours } from './plan';
import { useKit } from './useKit';

type Props = {
  field: LandField;
  planning: Planning;
  chosen: Method[];
  plan: DayPlan;
  prices: PriceList | undefined;
};

/** What the ticked tests come to where they are done: hands-on, water, weight and money. */
export function Together({ field, planning, chosen, plan, prices }: Props) {
  const asked = askedSheet(field, planning, chosen, plan, null);
  const kit = useKit(asked).data;
  if (!asked) return null;
  const minutes = minutesTogether(asked.tests, chosen, plan);
  const cost = costOfTests(asked.tests, prices);
  const water = (kit?.consumables ?? [])
    .filter((one) => one.unit === 'l')
    .reduce((sum, one) => sum + one.quantity, 0);
  const figures = [
    { of: 'hands-on in the field', text: hours(minutes.field * 60) },
    ...(minutes.home > 0 ? [{ of: 'before and at home', text: hours(minutes.home * 60) }] : []),
    ...(water > 0 ? [{ of: 'water', text: figure(water, 'l') }] : []),
    ...(kit ? [{ of: 'to carry', text: `${show(kit.carryKg, 0)} kg` }] : []),
    ...(cost > 0 ? [{ of: 'used up', text: `${show(cost, 0)} ${prices?.currency}` }] : []),
  ];
  return (
    <dl
      className="mt-3 flex flex-wrap gap-x-7 gap-y-2 border-t border-edge pt-3"
      aria-label="All of it together"
    >
      {figures.map((one) => (
        <div key={one.of}>
          <dd className="num text-lg font-semibold whitespace-nowrap">{one.text}</dd>
          <dt className="text-sm text-faded">{one.of}</dt>
        </div>
      ))}
    </dl>
  );
}
