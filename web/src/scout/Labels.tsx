import { renderSVG } from 'uqr';
import type { LandField, Method } from '../api/types';
import { day as dayText } from '../ground/format';
import { printed } from '../ground/printed';
import { useMe } from '../people/session';
import type { DayPlan } from './dayPlan';
import { livingSpots, testsOf, variantOf } from './plan';

type Props = { field: LandField; methods: Method[]; plan: DayPlan; day: string };

type Label = { id: string; place: string; method: Method };

/** One label for each bag, jar or box that leaves the field, on plain A4, with what it is and a code that says so, too. */
export function Labels({ field, methods, plan, day }: Props) {
  const me = useMe();
  const labels = labelsOf(field, methods, plan, day);
  if (labels.length === 0) return null;
  return (
    <section aria-labelledby="labels" className="labels border-t border-rule pt-4 print:border-0 print:pt-0">
      <div className="no-print flex flex-wrap items-baseline gap-x-5">
        <h3 id="labels">Labels</h3>
        <button type="button" className="link min-h-11" onClick={() => printed('labels')}>
          Print them on A4
        </button>
      </div>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-3 print:grid-cols-2">
        {labels.map((label) => (
          <li
            key={label.id}
            className="grid grid-cols-[1fr_5.2rem] gap-x-3 border border-dashed border-edge p-3 break-inside-avoid"
          >
            <div>
              <p className="font-semibold">
                {field.holdingName}, {field.name}
              </p>
              <p>{label.place}</p>
              <p className="text-sm">{label.method.name}</p>
              <p className="text-sm">
                {dayText(day)} · {me.name}, {me.practice}
              </p>
              <p className="mt-1 text-sm text-faded">depth ______ cm · taken at ______</p>
            </div>
            <div
              className="self-start"
              role="img"
              aria-label={`Code ${label.id}`}
              // biome-ignore lint/security/noDangerouslySetInnerHtml: drawn by the library from an id, black and white squares alone
              dangerouslySetInnerHTML={{ __html: renderSVG(label.id, { border: 1 }) }}
            />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What leaves the field: tests with a step in the field and one at home after it. */
export function labelsOf(field: LandField, methods: Method[], plan: DayPlan, day: string): Label[] {
  const spots = livingSpots(field);
  return testsOf(field, methods, plan).flatMap((test) => {
    const method = methods.find((one) => one.id === test.method);
    const steps = (method && variantOf(method, plan)?.steps) ?? [];
    const first = steps.findIndex((step) => step.when === 'field');
    const goesHome = first >= 0 && steps.slice(first).some((step) => step.when === 'later');
    if (!method || !goesHome || method.id === 'drain-down') return [];
    const mixed = plan.where[method.id] === 'mixed';
    const spot = spots.find((one) => one.id === test.spot);
    return [
      {
        id: `${day} ${field.name} ${mixed ? 'mixed' : spot?.label} ${method.id}`,
        place: mixed ? 'mixed from all spots' : `spot ${spot?.label}`,
        method,
      },
    ];
  });
}
