import { useState } from 'react';
import type { FieldPlan, Judgement, LandField, PlanStep, PriceList, Remedy } from '../../api/types';
import { inSentence, month, show } from '../../ground/format';
import { promised } from '../../ground/promised';
import { Show } from '../../ground/State';
import { today } from '../../ground/time';
import { mayWrite, useMe } from '../../people/session';
import { PlanBoard } from './PlanBoard';
import { after, costOf, isSouth, moved, stepFor } from './plan';
import { StepForm } from './StepForm';
import { type usePlan, usePrices } from './usePlan';

type Props = {
  of: ReturnType<typeof usePlan>;
  field: LandField;
  zone: string;
  judgement: Judgement;
  remedies: Remedy[];
};

/** The plan of the field: a board over years, the step in hand, what rule it breaks, what comes of it and of doing nothing. */
export function PlanPart(props: Props) {
  const prices = usePrices();
  return (
    <section aria-labelledby="plan" className="wide:col-span-2">
      <h2 id="plan" className="text-[1.5rem]">
        The plan
      </h2>
      <Show of={props.of.plan}>
        {(plan) => <Show of={prices}>{(list) => <PlanOf {...props} kept={plan} prices={list} />}</Show>}
      </Show>
      {props.of.fault && (
        <p className="mt-2 text-warn" role="alert">
          {props.of.fault} What stands now is shown; try again.
        </p>
      )}
    </section>
  );
}

function PlanOf({
  of,
  field,
  zone,
  judgement,
  remedies,
  kept,
  prices,
}: Props & { kept: FieldPlan; prices: PriceList }) {
  const me = useMe();
  const [chosen, setChosen] = useState<string | null>(null);
  const [along, setAlong] = useState<{ ids: string[]; by: number } | null>(null);
  const named = (id: string) => remedies.find((one) => one.id === id);
  const name = (id: string) => named(id)?.name ?? id;
  const step = kept.steps.find((one) => one.id === chosen && one.state !== 'dropped');
  const remedy = step && named(step.remedy);
  const may = mayWrite(me);
  const called = judgement.plan.filter((one) => one.struckBy === null);
  const missing = called.filter(
    (one) =>
      !kept.steps.some(
        (there) => there.remedy === one.remedy && there.zone === zone && there.state !== 'dropped',
      ),
  );

  function takeUp() {
    const more = missing.flatMap((one) => {
      const found = named(one.remedy);
      if (!found) return [];
      const price = prices.prices.find((each) => each.remedy === one.remedy);
      return [stepFor({ step: one, remedy: found, zone }, costOf(price, field.areaHa, null, null))];
    });
    void of.save([...kept.steps, ...more]);
  }

  function change(next: PlanStep, by: number) {
    const follow = by === 0 ? [] : after(next, kept.steps, judgement.plan);
    setAlong(follow.length > 0 ? { ids: follow.map((one) => one.id), by } : null);
    void of.save(kept.steps.map((one) => (one.id === next.id ? next : one)));
  }

  function takeAlong() {
    if (!along) return;
    void of.save(kept.steps.map((one) => (along.ids.includes(one.id) ? moved(one, along.by) : one)));
    setAlong(null);
  }

  return (
    <>
      {kept.steps.length === 0 ? (
        <p className="mt-1">
          Nothing is planned for {field.name} yet.{' '}
          {called.length === 0 &&
            'No cause calls for anything; what keeps the ground as it is can be set here by hand.'}
        </p>
      ) : (
        <div className="mt-3">
          <PlanBoard
            plan={kept}
            remedies={remedies}
            prices={prices}
            south={isSouth(field)}
            now={today(field.timeZone).slice(0, 7)}
            chosen={chosen}
            onChoose={(id) => setChosen(id === chosen ? null : id)}
          />
        </div>
      )}
      <div className="mt-2 flex flex-wrap items-center gap-x-6" aria-live="polite">
        {may && missing.length > 0 && (
          <button type="button" className="button" onClick={takeUp}>
            Put{' '}
            {missing.length === 1 ? inSentence(name(missing[0]?.remedy ?? '')) : `these ${missing.length}`}{' '}
            into the plan
          </button>
        )}
        {along && (
          <button type="button" className="link min-h-11" onClick={takeAlong}>
            Move{' '}
            {along.ids
              .map((id) => inSentence(name(kept.steps.find((one) => one.id === id)?.remedy ?? '')))
              .join(', ')}{' '}
            as well
          </button>
        )}
        {of.undo && (
          <button
            type="button"
            className="link min-h-11"
            onClick={() => {
              setAlong(null);
              void of.undo?.();
            }}
          >
            Take the last change back
          </button>
        )}
      </div>
      {kept.breaks.length > 0 && (
        <ul className="mt-2 text-warn" aria-label="Rules that the plan breaks">
          {kept.breaks.map((one) => {
            const at = kept.steps.find((each) => each.id === one.step);
            return (
              <li key={`${one.step} ${one.rule} ${one.other}`}>
                <strong>{name(at?.remedy ?? '')}:</strong> {one.text}
              </li>
            );
          })}
        </ul>
      )}
      {step && remedy && (
        <StepForm
          key={`${step.id} ${step.amount} ${step.cost}`}
          step={step}
          remedy={remedy}
          currency={prices.currency}
          mayWrite={may}
          onChange={change}
        />
      )}
      <Promised plan={kept} name={name} />
    </>
  );
}

/** What each step promises by the end of its forecast, beside doing nothing. */
function Promised({ plan, name }: { plan: FieldPlan; name: (id: string) => string }) {
  if (plan.forecasts.length === 0) return null;
  return (
    <ul className="mt-4 max-w-[60rem]" aria-label="What the plan promises">
      {plan.forecasts.map((one) => {
        const last = one.points.at(-1);
        const nothing = one.nothing.at(-1);
        const step = plan.steps.find((each) => each.id === one.step);
        if (!last || !nothing || !step) return null;
        return (
          <li key={one.step} className="border-t border-rule py-2">
            <strong>{name(step.remedy)}.</strong> {promised(one.measure).name} in {month(last.day)}:{' '}
            <span className="num">{show(last.middle)}</span>
            {unit(one.unit)}, nine times of ten between {show(last.low)} and {show(last.high)}. If nothing is
            done: <span className="num">{show(nothing.middle)}</span>
            {unit(one.unit)} ({show(nothing.low)} to {show(nothing.high)}).
          </li>
        );
      })}
    </ul>
  );
}

function unit(word: string): string {
  return word === 'pH' || word === 'score' ? '' : ` ${word}`;
}
