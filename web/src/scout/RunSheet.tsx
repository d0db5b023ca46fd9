import { useState } from 'react';
import type { LandField, Method, Planning, Sheet } from '../api/types';
import { Scrollable } from '../ground/Scrollable';
import { Show } from '../ground/State';
import { useNarrow } from '../ground/useNarrow';
import type { DayPlan } from './dayPlan';
import { Fits } from './Fits';
import { type AskedNow, askedSheet, clockAt, hours, livingSpots, stepOf, takesTwo } from './plan';
import { SheetChart } from './SheetChart';
import { SheetList } from './SheetList';
import type { Stay } from './stays';
import { useSheet } from './useSheet';

type Props = {
  field: LandField;
  planning: Planning;
  methods: Method[];
  chosen: Method[];
  plan: DayPlan;
  /** While the visit runs: how far it is, and the time of day it began. */
  running: { began: string; now: AskedNow } | null;
  visitId: string | null;
  earlierId: string | null;
  onPlan: ((plan: DayPlan) => void) | null;
};

/** The hours of a visit: how long, what it saves, the chart, and each person's list. */
export function RunSheet(props: Props) {
  const { field, planning, chosen, plan, running } = props;
  const asked = askedSheet(field, planning, chosen, plan, running?.now ?? null);
  const sheet = useSheet(asked);
  if (!asked) {
    return (
      <p className="text-lg">
        {livingSpots(field).length === 0
          ? 'Set a spot first: the field has none.'
          : chosen.length === 0
            ? 'Choose the tests first; their hours are laid out here.'
            : 'None of the chosen tests can be done alone: take somebody along.'}
      </p>
    );
  }
  return <Show of={sheet}>{(found) => <Laid {...props} sheet={found} />}</Show>;
}

function Laid({
  field,
  methods,
  chosen,
  plan,
  running,
  visitId,
  earlierId,
  onPlan,
  planning,
  sheet,
}: Props & { sheet: Sheet }) {
  const [stay, setStay] = useState<Stay | null>(null);
  const narrow = useNarrow();
  const spots = livingSpots(field);
  const startsAt = running?.began ?? plan.startsAt;
  const alone = chosen.filter((method) => plan.people === 1 && takesTwo(method, plan));
  const label = (id: string) => spots.find((spot) => spot.id === id)?.label ?? '?';
  const apart = (list: Sheet['dayBefore']) =>
    list.map(
      (one) =>
        `${stepOf(
          methods.find((method) => method.id === one.methods[0]),
          one.step,
        )?.title.toLowerCase()} (spot ${label(one.spot)})`,
    );
  return (
    <section aria-label="Run sheet" className="grid gap-5">
      {onPlan && !running && <Who plan={plan} onPlan={onPlan} />}
      <div className="grid items-start gap-x-8 gap-y-3 desk:grid-cols-[auto_1fr]">
        <p>
          <span
            className="num block text-[2.9rem] leading-none font-bold whitespace-nowrap"
            data-testid="total"
          >
            {hours(running ? Math.max(0, sheet.totalS - running.now.atS) : sheet.totalS)}
          </span>
          <span className="text-faded">
            {sheet.steps.length === 0
              ? 'nothing left to do'
              : `${running ? 'to go; ' : ''}the last step ends ${clockAt(startsAt, sheet.totalS)}`}
          </span>
        </p>
        <div className="grid gap-1.5">
          <p>
            One after another it would take <Figure s={sheet.oneAfterAnotherS} />. Hands-on{' '}
            <Figure s={sheet.handsOnS} />, walking <Figure s={sheet.walkS} />; no sheet can be shorter than{' '}
            <Figure s={sheet.lowerBoundS} />.
          </p>
          {alone.map((method) => (
            <p key={method.id} className="text-warn">
              {method.name} is never done alone, and is left out: take somebody along.
            </p>
          ))}
          {sheet.missed.map((one) => (
            <p key={`${one.spot} ${one.method} ${one.step}`} className="text-warn">
              Spot {label(one.spot)}, {methods.find((method) => method.id === one.method)?.name}: the look
              that was due by {clockAt(startsAt, one.byS)} is missed. Take it when you come by; its true time
              counts.
            </p>
          ))}
          {sheet.dayBefore.length > 0 && !running && (
            <p className="text-faded">The day before: {shortened(apart(sheet.dayBefore))}.</p>
          )}
          {sheet.later.length > 0 && !running && (
            <p className="text-faded">At home, later: {shortened(apart(sheet.later))}.</p>
          )}
        </div>
      </div>
      {!narrow && (
        <>
          <Scrollable label="Run sheet">
            <SheetChart
              sheet={sheet}
              spots={spots}
              methods={methods}
              startsAt={startsAt}
              nowS={running?.now.atS ?? null}
              chosen={stay}
              onChoose={setStay}
            />
          </Scrollable>
          <Legend people={plan.people} />
        </>
      )}
      <SheetList
        sheet={sheet}
        spots={spots}
        methods={methods}
        startsAt={startsAt}
        nowS={running?.now.atS ?? null}
        chosen={stay}
        mixed={chosen.map((one) => one.id).filter((id) => plan.where[id] === 'mixed')}
        bench={visitId && running ? `/fields/${field.id}/visits/${visitId}/measure` : null}
      />
      {onPlan && !running && (
        <Fits
          field={field}
          planning={planning}
          methods={methods}
          chosen={chosen}
          plan={plan}
          earlierId={earlierId}
          onPlan={onPlan}
        />
      )}
    </section>
  );
}

function Figure({ s }: { s: number }) {
  return <span className="num font-semibold whitespace-nowrap">{hours(s)}</span>;
}

/** The first few, and how many more. */
function shortened(all: string[]): string {
  const once = [...new Set(all)];
  return once.length <= 4 ? once.join(', ') : `${once.slice(0, 3).join(', ')} and ${once.length - 3} more`;
}

function Who({ plan, onPlan }: { plan: DayPlan; onPlan: (plan: DayPlan) => void }) {
  return (
    <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
      <div role="group" aria-label="How many go" className="flex gap-2">
        {[1, 2, 3].map((people) => (
          <button
            key={people}
            type="button"
            aria-pressed={plan.people === people}
            className={`min-h-11 border-b-2 px-1 font-medium ${plan.people === people ? 'border-act' : 'border-transparent text-faded'}`}
            onClick={() => onPlan({ ...plan, people })}
          >
            {people === 1 ? 'alone' : people === 2 ? 'two people' : 'three'}
          </button>
        ))}
      </div>
      <label className="flex items-center gap-2">
        from
        <input
          type="time"
          className="num min-h-11 w-40"
          value={plan.startsAt}
          onChange={(event) => event.target.value && onPlan({ ...plan, startsAt: event.target.value })}
        />
      </label>
    </div>
  );
}

function Legend({ people }: { people: number }) {
  return (
    <ul className="flex flex-wrap gap-x-6 gap-y-1 text-sm text-faded" aria-label="Marks">
      <li className="flex items-center gap-2">
        <svg width="20" height="12" aria-hidden="true">
          <rect width="20" height="12" rx="2" fill="var(--ink)" />
        </svg>
        hands-on
      </li>
      <li className="flex items-center gap-2">
        <svg width="30" height="12" aria-hidden="true">
          <path d="M0 6h30" stroke="var(--water)" strokeWidth="2" strokeDasharray="1.5 4" />
        </svg>
        waiting by itself
      </li>
      <li className="flex items-center gap-2">
        <svg width="20" height="16" aria-hidden="true">
          <rect width="20" height="16" rx="3" fill="var(--water)" fillOpacity="0.28" />
        </svg>
        when the next step may begin
      </li>
      {['you', 'the second person', 'the third'].slice(0, people).map((who, i) => (
        <li key={who} className="flex items-center gap-2">
          <svg width="30" height="12" aria-hidden="true">
            <path
              d="M0 9 30 3"
              stroke="var(--act)"
              strokeWidth="1.4"
              strokeDasharray={['', '7 4', '2 4'][i]}
            />
          </svg>
          {who}
        </li>
      ))}
    </ul>
  );
}
