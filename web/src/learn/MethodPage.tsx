import { Link, Navigate, useParams } from 'react-router';
import type { Method } from '../api/types';
import { useMethods } from '../api/useMethods';
import { waitText } from '../ground/format';
import { Show } from '../ground/State';
import { useDrawing } from '../measure/drawings';
import { Scene } from '../measure/drawings/Scene';
import { CurvesOf } from './CurvesOf';
import { Scales } from './Scales';

/** What a value asks of the day, by the method's kind of day. */
const NEEDS: Record<string, string> = {
  'moist-soil': 'needs moist soil, some days after rain',
  unfrozen: 'needs soil that is not frozen',
  'not-dry': 'needs soil that is not dry',
};

/** What the grade of a method's evidence means. */
const GRADES: Record<string, string> = {
  A: 'a published standard with published limits',
  B: 'a widely used field rule',
  C: 'a heuristic that others dispute, never in a field’s score',
};

/** A method as it describes itself: what, why, how, gear, cautions, scales, curves, grade, source. */
export default function MethodPage() {
  const { methodId } = useParams();
  const methods = useMethods();
  return (
    <Show of={methods}>
      {(all) => {
        const method = all.find((one) => one.id === methodId);
        return method ? <One method={method} /> : <Navigate to="/methods" replace />;
      }}
    </Show>
  );
}

function One({ method }: { method: Method }) {
  return (
    <article className="grid max-w-[72rem] gap-x-12 gap-y-8 wide:grid-cols-[5fr_6fr]">
      <header className="wide:col-span-2">
        <p>
          <Link to="/methods" className="link">
            Field guide
          </Link>
          <span className="text-faded"> · {method.group}</span>
        </p>
        <h1 className="mt-2">{method.name}</h1>
        <p className="mt-1 text-lg">{method.purpose}</p>
      </header>
      <div className="grid content-start gap-6">
        <p className="text-lg">{method.about}</p>
        {method.cautions.length > 0 && (
          <section aria-label="Cautions" className="border-l-4 border-warn pl-3">
            {method.cautions.map((caution) => (
              <p key={caution}>{caution}</p>
            ))}
          </section>
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
        <CurvesOf keys={method.curves} />
        <p className="text-faded">
          {method.source}. Evidence grade {method.grade}: {GRADES[method.grade]}.
          {method.onTheDay &&
            ' Outside its days, what needs the day is kept and is no evidence; the rest of the reading counts.'}
        </p>
        <p>
          <Link to={`/field-cards?test=${method.id}`} className="button">
            Print its field card
          </Link>
        </p>
      </div>
      <div className="grid content-start gap-8">
        {method.variants.map((variant) => (
          <Way key={variant.id} method={method} variant={variant} />
        ))}
        <Scales method={method} />
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

function Way({ method, variant }: { method: Method; variant: Method['variants'][number] }) {
  const drawing = useDrawing(method.id);
  return (
    <section>
      <h2>{variant.name}</h2>
      <ol className="mt-1">
        {variant.steps.map((step, i) => (
          <li
            key={step.id}
            className="grid grid-cols-[1.6rem_1fr] gap-x-3 border-t border-rule py-2.5 desk:grid-cols-[1.6rem_10.5rem_1fr]"
          >
            <span className="num text-faded">{i + 1}</span>
            <span className="aspect-[36/20] max-desk:col-start-2">
              <Scene drawing={drawing} step={step.id} values={{}} />
            </span>
            <span className="max-desk:col-start-2">
              <span className="font-medium">{step.title}</span>
              <span className="block">{step.how}</span>
              <span className="block text-sm text-faded">
                {step.handsOnS > 0 && `${waitText(step.handsOnS)} of hands`}
                {step.when !== 'field' && `${step.handsOnS > 0 ? ', ' : ''}${step.when.replace('-', ' ')}`}
                {step.wait &&
                  `; then ${step.wait.watched ? 'watch' : 'wait'} ${waitText(step.wait.minS)} to ${waitText(step.wait.maxS)}`}
              </span>
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}
