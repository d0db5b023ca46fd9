import { Link, useParams } from 'react-router';
import type { Method } from '../api/types';
import { useMethods } from '../api/useMethods';
import { waitText } from '../ground/format';
import { Show } from '../ground/State';
import { useDrawing } from '../measure/drawings';
import { Scene } from '../measure/drawings/Scene';

/** What a value asks of the day, by the method's kind of day. */
const NEEDS: Record<string, string> = {
  'moist-soil': 'needs moist soil, some days after rain',
  unfrozen: 'needs soil that is not frozen',
  'not-dry': 'needs soil that is not dry',
};

/** A method as it describes itself: what, why, how, gear, cautions, grade, source. */
export default function MethodPage() {
  const { methodId } = useParams();
  const methods = useMethods();
  return (
    <Show of={methods}>
      {(all) => {
        const method = all.find((one) => one.id === methodId);
        return method ? <One method={method} /> : <All methods={all} />;
      }}
    </Show>
  );
}

function All({ methods }: { methods: Method[] }) {
  return (
    <div className="max-w-[46rem]">
      <h1>Methods</h1>
      <ul className="mt-4">
        {methods.map((method) => (
          <li key={method.id} className="border-t border-rule">
            <Link to={`/methods/${method.id}`} className="grid min-h-14 grid-cols-[1fr_auto] gap-x-4 py-3">
              <span>
                <span className="block font-semibold">{method.name}</span>
                <span className="text-faded">{method.purpose}</span>
              </span>
              <span className="text-faded">
                {method.group}, grade {method.grade}
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </div>
  );
}

function One({ method }: { method: Method }) {
  const drawing = useDrawing(method.id);
  const first = method.variants[0]?.steps.find((step) => step.entry.length > 0);
  return (
    <article className="grid max-w-[68rem] gap-x-12 gap-y-8 wide:grid-cols-2">
      <header className="wide:col-span-2">
        <p>
          <Link to="/methods" className="link">
            All methods
          </Link>
        </p>
        <h1 className="mt-2">{method.name}</h1>
        <p className="mt-1 text-lg">{method.purpose}</p>
      </header>
      <div className="grid content-start gap-5">
        <p className="text-lg">{method.about}</p>
        {method.cautions.length > 0 && (
          <section aria-label="Cautions" className="border-l-4 border-warn pl-3">
            {method.cautions.map((caution) => (
              <p key={caution}>{caution}</p>
            ))}
          </section>
        )}
        {drawing && first && (
          <div className="max-w-md">
            <Scene drawing={drawing} step={first.id} values={{}} />
          </div>
        )}
        <section>
          <h2>Gear</h2>
          <ul className="mt-1 list-disc pl-5">
            {method.gear.map((gear) => (
              <li key={gear.item}>
                {gear.item}
                {gear.perSpot > 0 && gear.unit && (
                  <span className="text-faded">
                    , {gear.perSpot} {gear.unit} for each spot
                  </span>
                )}
              </li>
            ))}
          </ul>
        </section>
        <section>
          <h2>What comes of it</h2>
          <dl className="mt-1">
            {method.results.map((result) => (
              <div key={result.key} className="border-t border-rule py-2">
                <dt className="font-medium">
                  {result.label}
                  {result.unit && <span className="text-faded">, {result.unit}</span>}
                </dt>
                <dd className="text-sm text-faded">
                  {result.formula}
                  {result.needsDay && <span className="block text-ink">{NEEDS[method.day]}</span>}
                </dd>
              </div>
            ))}
          </dl>
        </section>
        <p className="text-faded">
          {method.source}. Evidence grade {method.grade}; group {method.group}.
          {method.onTheDay &&
            ' Outside its days, what needs the day is kept and is no evidence; the rest of the reading counts.'}
        </p>
      </div>
      <div className="grid content-start gap-6">
        {method.variants.map((variant) => (
          <section key={variant.id}>
            <h2>{variant.name}</h2>
            <ol className="mt-1">
              {variant.steps.map((step, i) => (
                <li key={step.id} className="grid grid-cols-[1.8rem_1fr] border-t border-rule py-2.5">
                  <span className="num text-faded">{i + 1}</span>
                  <span>
                    <span className="font-medium">{step.title}</span>
                    <span className="block">{step.how}</span>
                    <span className="block text-sm text-faded">
                      {step.handsOnS > 0 && `${waitText(step.handsOnS)} of hands`}
                      {step.when !== 'field' &&
                        `${step.handsOnS > 0 ? ', ' : ''}${step.when.replace('-', ' ')}`}
                      {step.wait &&
                        `; then ${step.wait.watched ? 'watch' : 'wait'} ${waitText(step.wait.minS)} to ${waitText(step.wait.maxS)}`}
                    </span>
                  </span>
                </li>
              ))}
            </ol>
          </section>
        ))}
        <section>
          <h2>Before it counts</h2>
          <ul className="mt-1 list-disc pl-5">
            {method.checks.map((check) => (
              <li key={check.id}>{check.question}</li>
            ))}
          </ul>
        </section>
      </div>
    </article>
  );
}
