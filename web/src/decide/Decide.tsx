import { useParams } from 'react-router';
import type { Judgement, WholeVisit } from '../api/types';
import { useVisit } from '../api/useMethods';
import { inSentence, show } from '../ground/format';
import { Show } from '../ground/State';
import { useZone, ZonePick } from '../ground/ZonePick';
import { labelIn } from '../measure/place';
import { mayWrite, useMe } from '../people/session';
import { Balance } from './Balance';
import { GoodGround } from './GoodGround';
import { NextTests } from './NextTests';
import { PlanPart } from './plan/PlanPart';
import { isSouth, withSum } from './plan/plan';
import { usePlan, usePrices } from './plan/usePlan';
import { Remedies } from './Remedies';
import { Ruling } from './Ruling';
import { SuitsPart } from './SuitsPart';
import { Ticks } from './Ticks';
import { TrialPart } from './trial/TrialPart';
import { useCauses } from './useCauses';
import { useRemedies } from './useRemedies';
import { WaterBudget } from './WaterBudget';

/** What causes it, what to test next, what to do and how much of it. */
export function Decide() {
  const { visitId = '' } = useParams();
  const whole = useVisit(visitId);
  return <Show of={whole}>{(visit) => <DecideOf whole={visit} />}</Show>;
}

function DecideOf({ whole }: { whole: WholeVisit }) {
  const [zone, pickZone] = useZone(whole.field);
  const visitId = whole.visit.id;
  const judged = useCauses(visitId, zone);
  const plan = usePlan(whole.field.id);
  const prices = usePrices();
  const me = useMe();
  const remedies = useRemedies();
  return (
    <>
      <div className="mb-2 flex flex-wrap items-center justify-between gap-x-8">
        <h1 className="text-[1.5rem]">{judged.data?.good ? 'What keeps it good' : 'What causes it'}</h1>
        <ZonePick field={whole.field} zone={zone} onPick={pickZone} />
      </div>
      <Show of={judged}>
        {(judgement) => (
          <div className="grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-10 wide:grid-cols-[minmax(0,1fr)_25rem]">
            <Causes judgement={judgement} whole={whole} zone={zone} />
            <div className="grid content-start gap-9">
              <NextTests judgement={judgement} whole={whole} />
              <Questions judgement={judgement} />
              <Patchy judgement={judgement} whole={whole} />
              <Blocked judgement={judgement} />
              <Ticks whole={whole} zone={zone} />
            </div>
            {remedies.data && (
              <PlanPart
                of={plan}
                field={whole.field}
                zone={zone}
                judgement={judgement}
                remedies={remedies.data}
              />
            )}
            <section aria-labelledby="sums" className="wide:col-span-2">
              <h2 id="sums" className="text-[1.5rem]">
                What to do, and how much
              </h2>
              <Show of={remedies}>
                {(all) => (
                  <Remedies
                    remedies={all}
                    judgement={judgement}
                    place={`${visitId}:${zone}`}
                    south={isSouth(whole.field)}
                    money={prices.data && { prices: prices.data, areaHa: whole.field.areaHa }}
                    onPlan={
                      mayWrite(me) && plan.plan.data && prices.data
                        ? (remedy, sum) =>
                            void plan.save(
                              withSum(plan.plan.data?.steps ?? [], {
                                remedy,
                                sum,
                                zone,
                                areaHa: whole.field.areaHa,
                                called: judgement.plan.find((one) => one.remedy === remedy.id),
                                price: prices.data?.prices.find((one) => one.remedy === remedy.id),
                                now: whole.visit.day.slice(0, 7),
                              }),
                            )
                        : undefined
                    }
                  />
                )}
              </Show>
              <WaterBudget known={judgement.known['water-budget'] ?? {}} place={`${visitId}:${zone}`} />
            </section>
            {judgement.suits && <SuitsPart suits={judgement.suits} whole={whole} />}
            <TrialPart field={whole.field} mayWrite={mayWrite(me)} />
          </div>
        )}
      </Show>
    </>
  );
}

function Causes({ judgement, whole, zone }: { judgement: Judgement; whole: WholeVisit; zone: string }) {
  const me = useMe();
  const weighed = judgement.causes.filter((cause) => cause.evidence.length > 0 || cause.gate);
  const first = weighed
    .filter((cause) => cause.gate || cause.ruling || cause.word !== 'unlikely')
    .slice(0, 6);
  const others = judgement.causes.filter((cause) => !first.includes(cause));
  if (weighed.length === 0) {
    return (
      <p className="text-lg">
        No reading of this zone speaks for or against a cause yet. Measure first, or tick what eyes saw.
      </p>
    );
  }
  return (
    <section aria-label="Causes">
      {judgement.good && <GoodGround good={judgement.good} open={first.length > 0} />}
      {first.length > 0 ? (
        <Balance
          causes={first}
          whole={whole}
          below={(cause) => (
            <Ruling cause={cause} visitId={whole.visit.id} zone={zone} mayWrite={mayWrite(me)} />
          )}
        />
      ) : (
        !judgement.good && (
          <p className="text-lg">
            Every cause that was looked at is unlikely. The tests beside this would settle what is still open.
          </p>
        )
      )}
      <details className="mt-6">
        <summary className="link flex min-h-11 cursor-pointer items-center">
          The other {others.length} causes, unlikely or not looked at
        </summary>
        <ul className="mt-2">
          {others.map((cause) => (
            <li key={cause.id} className="flex justify-between gap-4 border-t border-rule py-2">
              <span>{cause.text}</span>
              <span className="shrink-0 text-faded">
                {cause.evidence.length === 0 ? 'not looked at' : cause.word},{' '}
                <span className="num">{show(cause.belief, 2)}</span>
              </span>
            </li>
          ))}
        </ul>
      </details>
      <p className="mt-3 text-sm text-faded">
        {judgement.table} {judgement.tableVersion}. {judgement.note} Advice to be checked: several causes may
        hold, and a laboratory comes before any large dressing.
      </p>
    </section>
  );
}

/** Readings that do not go together: asked before anything is concluded from either. */
function Questions({ judgement }: { judgement: Judgement }) {
  if (judgement.questions.length === 0) return null;
  return (
    <section aria-labelledby="questions">
      <h2 id="questions">To ask first</h2>
      {judgement.questions.map((question) => (
        <p key={question.text} className="mt-2 border-t border-rule pt-2">
          {question.text}
        </p>
      ))}
    </section>
  );
}

/** Findings on which the spots differ: no evidence either way, and worth a look as a zone. */
function Patchy({ judgement, whole }: { judgement: Judgement; whole: WholeVisit }) {
  if (judgement.patchy.length === 0) return null;
  const label = (id: string) => labelIn(whole.field, id);
  return (
    <section aria-labelledby="patchy">
      <h2 id="patchy">The spots differ</h2>
      {judgement.patchy.map((one) => (
        <p key={one.finding} className="mt-2 border-t border-rule pt-2">
          {one.text}: at {one.yes} of {one.of} spots ({one.spots.map(label).join(', ')}). No evidence for the
          whole; look at them as a zone.
        </p>
      ))}
    </section>
  );
}

/** Readings that could have spoken and may not, and what lifts it. */
function Blocked({ judgement }: { judgement: Judgement }) {
  if (judgement.blocked.length === 0) return null;
  const byReason = new Map<string, Judgement['blocked']>();
  for (const one of judgement.blocked) {
    byReason.set(one.why, [...(byReason.get(one.why) ?? []), one]);
  }
  return (
    <section aria-labelledby="blocked">
      <h2 id="blocked">Read, and no evidence</h2>
      {[...byReason].map(([why, all]) => (
        <div key={why} className="mt-2 border-t border-rule pt-2">
          <p>{why}</p>
          <p className="mt-1">What lifts it: {inSentence(all[0]?.lift.text ?? '')}</p>
          <p className="mt-1 text-sm text-faded">
            Left open by it: {all.map((one) => inSentence(one.text)).join('; ')}.
          </p>
        </div>
      ))}
    </section>
  );
}
