import type { Kit, LandField, Method, Planning } from '../api/types';
import { day as dayText, inSentence, show } from '../ground/format';
import { figure } from '../ground/myUnits';
import { printed } from '../ground/printed';
import { Show } from '../ground/State';
import { useKept } from '../ground/useKept';
import type { DayPlan } from './dayPlan';
import { Labels } from './Labels';
import { askedSheet, gateOf } from './plan';
import { useKit } from './useKit';
import { wayTo, wind } from './wayBack';

type Props = {
  field: LandField;
  planning: Planning;
  methods: Method[];
  chosen: Method[];
  plan: DayPlan;
  day: string;
  visitId: string | null;
};

type Line = { item: string; amount: string; why: string[] };

/** What goes into the bag: ticked as it is packed, on this device, with or without a signal. */
export function Bag({ field, planning, methods, chosen, plan, day, visitId }: Props) {
  const asked = askedSheet(field, planning, chosen, plan, null);
  const kit = useKit(asked);
  if (!asked) return <p className="text-lg">Choose the tests first; what to carry follows from them.</p>;
  return (
    <Show of={kit}>
      {(packed) => (
        <Packed
          key={visitId ?? field.id}
          kit={packed}
          methods={methods}
          name={`bag:${visitId ?? `new:${field.id}`}`}
          field={field}
          plan={plan}
          chosen={chosen}
          day={day}
        />
      )}
    </Show>
  );
}

type PackedProps = {
  kit: Kit;
  methods: Method[];
  name: string;
  field: LandField;
  plan: DayPlan;
  chosen: Method[];
  day: string;
};

/** Where the water need not be carried from home. */
function source(field: LandField): string {
  const gate = gateOf(field);
  if (!field.water || !gate) return '';
  const { metres, degrees } = wayTo(gate, field.water);
  return `, to be drawn ${figure(Math.max(10, Math.round(metres / 10) * 10), 'm')} ${wind(degrees)} of the gate`;
}

function Packed({ kit, methods, name, field, plan, chosen, day }: PackedProps) {
  const [ticked, keep] = useKept<Record<string, boolean>>(name, 1, {});
  const nameOf = (id: string) => inSentence(methods.find((one) => one.id === id)?.name ?? id);
  const lines: { title: string; of: Line[] }[] = [
    {
      title: 'Worn, always',
      of: kit.protection.map((one) => ({ item: one.item, amount: '', why: [nameOf(one.because)] })),
    },
    {
      title: 'Tools',
      of: kit.tools.map((one) => ({
        item: one.item,
        amount: one.count > 1 ? `${one.count} ×` : '',
        why: one.for.map(nameOf),
      })),
    },
    {
      title: 'Used up',
      of: kit.consumables.map((one) => ({
        item: one.item,
        amount: `${show(one.quantity, 1)} ${one.unit ?? '×'}`,
        why: [...one.for.map(nameOf), ...(one.spare > 0 ? [`${show(one.spare, 1)} of it to spare`] : [])],
      })),
    },
  ];
  const all = lines.flatMap((group) => group.of);
  const packed = all.filter((line) => ticked[line.item]).length;
  const water = kit.consumables.filter((one) => one.unit === 'l').reduce((sum, one) => sum + one.quantity, 0);
  return (
    <section aria-label="Bag" className="bag grid gap-5 print:gap-3">
      <p className="hidden text-lg print:block">
        For {field.holdingName}, {field.name}, {dayText(day)}
      </p>
      <div className="flex flex-wrap items-baseline gap-x-8 gap-y-1">
        <p>
          <span className="num block text-[2.9rem] leading-none font-bold">{show(kit.carryKg, 0)} kg</span>
          <span className="text-faded">
            {water > 0 ? `of it ${figure(water, 'l')} of water${source(field)}` : 'to carry from the gate'}
          </span>
        </p>
        <p className="text-faded">
          {packed} of {all.length} packed
          {kit.labels > 0 && ` · ${kit.labels} ${kit.labels === 1 ? 'label' : 'labels'} to print`}
        </p>
        <button type="button" className="link no-print min-h-11" onClick={() => printed('list')}>
          Print the list
        </button>
      </div>
      <div className="grid gap-x-10 gap-y-5 desk:grid-cols-2 print:grid-cols-2">
        {lines
          .filter((group) => group.of.length > 0)
          .map((group) => (
            <fieldset key={group.title} className={group.title === 'Tools' ? 'desk:row-span-2' : ''}>
              <legend className="mb-1 font-head font-semibold">{group.title}</legend>
              {group.of.map((line) => (
                <label
                  key={line.item}
                  className="grid min-h-11 cursor-pointer grid-cols-[1.8rem_1fr] items-center border-t border-rule py-1 print:min-h-0 print:py-0.5"
                >
                  <input
                    type="checkbox"
                    className="size-5 min-h-0"
                    checked={ticked[line.item] ?? false}
                    onChange={(event) => keep({ ...ticked, [line.item]: event.target.checked })}
                  />
                  <span>
                    {line.amount && <span className="num">{line.amount} </span>}
                    {line.item} <span className="text-sm text-faded">{line.why.join(', ')}</span>
                  </span>
                </label>
              ))}
            </fieldset>
          ))}
      </div>
      {kit.labels > 0 && <Labels field={field} methods={chosen} plan={plan} day={day} />}
    </section>
  );
}
