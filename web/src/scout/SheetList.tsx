import { Link } from 'react-router';
import type { Method, Sheet, Spot } from '../api/types';
import { inSentence } from '../ground/format';
import { clockAt, hours, stepOf } from './plan';
import { nameOf, type Stay, staysOf } from './stays';

type Props = {
  sheet: Sheet;
  spots: Spot[];
  methods: Method[];
  startsAt: string;
  nowS: number | null;
  chosen: Stay | null;
  /** The address of the bench while the visit runs. */
  bench: string | null;
  /** Tests whose soil is mixed from all spots: their bag comes first. */
  mixed: string[];
};

const WHO = ['You', 'The second person', 'The third person'];

/** What each person does, stay by stay; while the visit runs the one next thing stands above, large. */
export function SheetList({ sheet, spots, methods, startsAt, nowS, chosen, bench, mixed }: Props) {
  const stays = staysOf(sheet.steps);
  const people = [...new Set(stays.map((stay) => stay.person))].sort();
  const labelOf = (id: string) => spots.find((spot) => spot.id === id)?.label ?? '?';
  const next = bench === null ? undefined : sheet.steps.find((step) => step.person === 0);
  return (
    <div className="grid gap-6">
      {next && bench !== null && (
        <Next
          step={next}
          label={labelOf(next.spot)}
          methods={methods}
          startsAt={startsAt}
          nowS={nowS}
          bench={bench}
          mixed={mixed}
        />
      )}
      {people.map((person) => (
        <section key={person} aria-label={WHO[person]}>
          {people.length > 1 && <h3 className="mb-1">{WHO[person]}</h3>}
          <ol>
            {stays
              .filter((stay) => stay.person === person)
              .map((stay) => (
                <li
                  key={stay.startS}
                  className={`grid grid-cols-[4.2rem_1fr] gap-x-3 border-t py-2 ${
                    chosen?.startS === stay.startS && chosen.person === person ? 'border-act' : 'border-rule'
                  }`}
                >
                  <span className="num pt-0.5">{clockAt(startsAt, stay.startS)}</span>
                  <div>
                    <p>
                      <span className="font-semibold">spot {labelOf(stay.spot)}</span>{' '}
                      <span className="text-sm text-faded">{hours(stay.endS - stay.startS)}</span>
                    </p>
                    <Steps
                      stay={stay}
                      methods={methods}
                      startsAt={startsAt}
                      open={chosen?.startS === stay.startS}
                    />
                  </div>
                </li>
              ))}
          </ol>
        </section>
      ))}
    </div>
  );
}

/** A stay in one line by its tests; each step with its minute where it is opened. */
function Steps({
  stay,
  methods,
  startsAt,
  open,
}: {
  stay: Stay;
  methods: Method[];
  startsAt: string;
  open: boolean;
}) {
  return (
    <details open={open}>
      <summary className="flex min-h-8 cursor-pointer items-center text-faded">
        {grouped(stay, methods).join(' · ')}
      </summary>
      <ol className="mt-1 mb-2 grid gap-0.5 text-sm">
        {stay.steps.map((step) => {
          const method = methods.find((one) => one.id === step.methods[0]);
          const found = stepOf(method, step.step);
          return (
            <li key={`${step.step} ${step.methods.join()}`} className="grid grid-cols-[3.6rem_1fr]">
              <span className="num text-faded">{clockAt(startsAt, step.startS)}</span>
              <span>
                {found?.sharedAs ? '' : `${method?.name}: `}
                {found?.sharedAs ? found.title : inSentence(found?.title ?? step.step)}
              </span>
            </li>
          );
        })}
      </ol>
    </details>
  );
}

/** The tests of a stay in their order, one that comes again named again. */
function grouped(stay: Stay, methods: Method[]): string[] {
  const names: string[] = [];
  for (const step of stay.steps) {
    const name = nameOf(step, methods);
    if (names.at(-1) !== name) names.push(name);
  }
  return names;
}

type NextProps = {
  step: Sheet['steps'][number];
  label: string;
  methods: Method[];
  startsAt: string;
  nowS: number | null;
  bench: string;
  mixed: string[];
};

function Next({ step, label, methods, startsAt, nowS, bench, mixed }: NextProps) {
  const isMixed = step.methods.some((id) => mixed.includes(id));
  const method = methods.find((one) => one.id === step.methods[0]);
  const wait = nowS === null ? 0 : step.startS - nowS;
  return (
    <section aria-label="The next thing" className="border-y border-rule py-3">
      <p className="text-faded">
        {wait > 90 ? `In ${hours(wait)}, at ${clockAt(startsAt, step.startS)}` : 'Now'}, spot {label}
      </p>
      <p className="font-head text-[1.55rem] leading-tight font-semibold">
        {stepOf(method, step.step)?.title}
      </p>
      <p className="text-faded">
        {step.methods.map((id) => methods.find((one) => one.id === id)?.name).join(', ')}
      </p>
      <Link
        to={isMixed ? `${bench}?mix=yes` : `${bench}?spot=${step.spot}&method=${step.methods[0]}`}
        className="button button-main mt-3 w-full"
      >
        {isMixed ? 'Mix the sample' : 'Open the bench'}
      </Link>
    </section>
  );
}
