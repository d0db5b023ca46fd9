import { useState } from 'react';
import type { PlanStep, Remedy } from '../../api/types';
import { month } from '../../ground/format';
import { NumberField } from '../../ground/NumberField';
import { TextField } from '../../ground/TextField';
import { parse } from '../../ground/units';
import { moved } from './plan';

type Props = {
  step: PlanStep;
  remedy: Remedy;
  currency: string;
  mayWrite: boolean;
  onChange: (step: PlanStep, movedBy: number) => void;
};

const DECIDES = [
  ['adviser', 'the adviser'],
  ['grower', 'the grower'],
  ['licensed-design', 'a licensed design'],
  ['authority', 'the authority'],
] as const;

/** A step of the plan in hand: when, how much, what it costs, who has the last word. */
export function StepForm({ step, remedy, currency, mayWrite, onChange }: Props) {
  const [amount, setAmount] = useState(step.amount === null ? '' : String(step.amount));
  const [cost, setCost] = useState(step.cost === null ? '' : String(step.cost));
  const [why, setWhy] = useState(step.why ?? '');
  const move = (by: number) => onChange(moved(step, by), by);

  function keep() {
    const read = (typed: string, unit: string | null) => {
      const found = parse(typed, unit);
      return typed.trim() === '' || !found.ok ? null : found.value;
    };
    const next = read(amount, step.unit);
    onChange(
      {
        ...step,
        amount: next,
        unit: next === null ? step.unit : (step.unit ?? 't'),
        cost: read(cost, null),
        why: why.trim() === '' ? null : why.trim(),
      },
      0,
    );
  }

  return (
    <section
      aria-label={`${remedy.name} in the plan`}
      className="mt-5 max-w-[60rem] border-t-2 border-ink pt-3"
    >
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1">
        <h3 className="text-[1.2rem]">{remedy.name}</h3>
        <span className="num">
          {month(`${step.from}-01`)}
          {step.to !== step.from && ` to ${month(`${step.to}-01`)}`}
        </span>
        {mayWrite && (
          <span className="flex flex-wrap gap-x-5">
            <Move text="half a year earlier" onPress={() => move(-6)} />
            <Move text="a month earlier" onPress={() => move(-1)} />
            <Move text="a month later" onPress={() => move(1)} />
            <Move text="half a year later" onPress={() => move(6)} />
          </span>
        )}
      </div>
      <p className="text-sm text-faded">
        Watch: {step.watch.join(', ') || 'nothing named'}.
        {step.lookAgain && ` Look again in ${month(`${step.lookAgain}-01`)}.`} {remedy.decides ?? ''}
      </p>
      {mayWrite && (
        <>
          <div className="mt-3 grid gap-4 desk:grid-cols-[9rem_9rem_13rem_1fr]">
            <NumberField label="For the field" value={amount} unit={step.unit ?? 't'} onChange={setAmount} />
            <NumberField label="Cost" value={cost} unit={currency} onChange={setCost} />
            <label className="block">
              <span className="mb-1 block font-medium">Who decides</span>
              <select
                className="w-full"
                value={step.decidedBy}
                onChange={(event) => onChange({ ...step, decidedBy: event.target.value }, 0)}
              >
                {DECIDES.map(([word, says]) => (
                  <option key={word} value={word}>
                    {says}
                  </option>
                ))}
              </select>
            </label>
            <TextField label="Why, in a line for the grower" value={why} onChange={setWhy} />
          </div>
          <div className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
            <button type="button" className="button" onClick={keep}>
              Keep these figures
            </button>
            {step.state === 'proposed' && (
              <button
                type="button"
                className="link min-h-11"
                onClick={() => onChange({ ...step, state: 'agreed' }, 0)}
              >
                The grower agrees
              </button>
            )}
            {step.state !== 'done' && (
              <>
                <button
                  type="button"
                  className="link min-h-11"
                  onClick={() => onChange({ ...step, state: 'done' }, 0)}
                >
                  It was done today
                </button>
                <button
                  type="button"
                  className="link min-h-11"
                  onClick={() => onChange({ ...step, state: 'dropped' }, 0)}
                >
                  Take it out
                </button>
              </>
            )}
          </div>
        </>
      )}
    </section>
  );
}

function Move({ text, onPress }: { text: string; onPress: () => void }) {
  return (
    <button type="button" className="link min-h-11" onClick={onPress}>
      {text}
    </button>
  );
}
