import { Link } from 'react-router';
import type { Method, WholeVisit } from '../api/types';
import { Clod } from '../ground/Clod';
import { afterRain } from '../ground/format';
import { Ring } from '../ground/Ring';
import { Scrollable } from '../ground/Scrollable';
import { contested, standing } from './cell';
import { Enough } from './Enough';
import { type Place, placeOf } from './place';
import { cellOf, TrayCell } from './TrayCell';
import { useRunning } from './useClocks';
import { findDraft } from './useDraft';
import { usePending } from './usePending';

type Props = {
  whole: WholeVisit;
  methods: Method[];
  spots: Place[];
  spot: string | null;
  method: string | null;
  plan: TrayPlan;
};

/** What the day was planned for: cells by place and method, and the tests whose bag is still to be mixed. */
export type TrayPlan = { has: (placeId: string, methodId: string) => boolean; toMix: string[] };

/** Methods down, spots across; each cell says empty, begun, waiting, due, done or flagged. */
export function Tray({ whole, methods, spots, spot, method, plan }: Props) {
  const clocks = useRunning().filter((one) => one.visitId === whole.visit.id);
  const pending = usePending(whole.visit.id);
  const stand = standing(whole.readings);
  const asked = contested(whole.readings).flat();
  // What was read at a spot all the same stands there.
  const isToMix = (id: string) =>
    plan.toMix.includes(id) && ![...stand, ...pending].some((one) => one.method === id);
  const done = new Set([...stand, ...pending].map((one) => `${placeOf(one)} ${one.method}`)).size;
  if (spots.length === 0 || methods.length === 0) {
    return (
      <p className="text-lg">
        {spots.length === 0 ? 'This field has no spot yet. ' : 'No test is chosen for this visit. '}
        <Link className="link" to={`/fields/${whole.field.id}/visits/${whole.visit.id}/scout`}>
          Go to Scout
        </Link>
      </p>
    );
  }
  return (
    <section aria-label="Tray">
      <h1 className="sr-only">
        {whole.field.name}, {whole.visit.day}
      </h1>
      <Scrollable label="Methods and spots">
        <table className="w-full border-collapse">
          <thead>
            <tr>
              <th
                scope="col"
                className="py-2 pr-3 text-left text-sm font-normal whitespace-nowrap text-faded"
              >
                methods ↓ spots →
              </th>
              {spots.map((one) => (
                <th
                  key={one.id}
                  scope="col"
                  className={`min-w-11 border-b-[3px] px-1 py-2 text-center ${one.id === spot ? 'border-act' : 'border-transparent'}`}
                  title={one.note ?? undefined}
                >
                  {one.sample ? <SampleTag label={one.label} /> : one.label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {methods.map((row) => (
              <tr key={row.id} className="border-t border-rule">
                <th
                  scope="row"
                  className={`py-1 pr-3 text-left whitespace-nowrap ${row.id === method ? 'font-bold' : 'font-normal'}`}
                >
                  {row.name}
                </th>
                {isToMix(row.id) && (
                  <td colSpan={spots.length} className="p-0">
                    <Link
                      to="?mix=yes"
                      className="link mx-auto flex min-h-12 items-center justify-center text-sm"
                      aria-label={`${row.name}: mix its sample`}
                    >
                      one bag from all spots, to mix
                    </Link>
                  </td>
                )}
                {(isToMix(row.id) ? [] : spots).map((one) => {
                  if (one.sample && !row.ofSamples) return <td key={one.id} />;
                  const cell = cellOf(
                    stand.filter((reading) => placeOf(reading) === one.id && reading.method === row.id),
                    asked.some((reading) => placeOf(reading) === one.id && reading.method === row.id),
                    clocks.find((clock) => placeOf(clock) === one.id && clock.method === row.id),
                    pending.some((waiting) => placeOf(waiting) === one.id && waiting.method === row.id),
                    findDraft(whole, one.id, row.id) !== null,
                    plan.has(one.id, row.id),
                  );
                  return (
                    <td key={one.id} className="p-0 text-center">
                      <TrayCell
                        to={`?spot=${one.id}&method=${row.id}`}
                        at={`${row.name}, ${one.sample ? 'sample' : 'spot'} ${one.label}`}
                        inHand={one.id === spot && row.id === method}
                        cell={cell}
                        dense={spots.length > 6}
                      />
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </Scrollable>
      <Legend />
      <Enough whole={whole} methods={methods} zoneId={zoneOf(whole, spot)} />
      <Progress whole={whole} done={done} of={plannedOf(methods, spots, plan)} />
    </section>
  );
}

/** The zone of the spot in hand; the first there is without one. */
function zoneOf(whole: WholeVisit, spot: string | null): string {
  const at = whole.field.spots.find((one) => one.id === spot) ?? whole.field.spots[0];
  return at?.zoneId ?? '';
}

function plannedOf(methods: Method[], spots: Place[], plan: TrayPlan): number {
  const cells = spots.reduce((sum, one) => sum + methods.filter((row) => plan.has(one.id, row.id)).length, 0);
  return cells + plan.toMix.length;
}

/** A bag with its label. */
function SampleTag({ label }: { label: string }) {
  return (
    <span className="inline-block rounded-t-sm rounded-b-lg border border-edge px-1.5">
      <span className="sr-only">sample </span>
      {label}
    </span>
  );
}

function Legend() {
  const bands = ['thriving', 'holding', 'slipping', 'spent'] as const;
  return (
    <ul className="mt-4 flex flex-wrap gap-x-5 gap-y-1 text-sm text-faded" aria-label="Marks">
      {bands.map((band) => (
        <li key={band} className="flex items-center gap-1.5">
          <Clod band={band} /> {band}
        </li>
      ))}
      <li className="flex items-center gap-1.5">
        <Ring share={0.6} due={false} size={16} width={2.5} /> waiting
      </li>
      <li className="flex items-center gap-1.5">
        <Ring share={1} due size={16} width={2.5} /> due
      </li>
      <li className="flex items-center gap-1.5">
        <span className="size-2 rounded-full bg-warn" /> flagged: no evidence, or two that differ
      </li>
    </ul>
  );
}

function Progress({ whole, done, of }: { whole: WholeVisit; done: number; of: number }) {
  const { visit, field } = whole;
  const rain = visit.daysSinceRain === null ? 'rain not noted' : afterRain(visit.daysSinceRain);
  return (
    <p className="mt-3 text-sm text-faded">
      {done} of {of} done · soil {visit.moisture ?? 'not noted'}, {rain} · {visit.observerName}
      {visit.state !== 'done' && (
        <>
          {' · '}
          <Link className="link" to={`/fields/${field.id}/visits/${visit.id}/scout`}>
            conditions
          </Link>
        </>
      )}
    </p>
  );
}
