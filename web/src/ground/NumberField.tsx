import { useCallback, useId, useLayoutEffect } from 'react';
import { useKeypad } from './Keypad';
import { keptAs, myUnit, sayMine, shownAs } from './myUnits';
import { parse } from './units';

type Props = {
  label: string;
  /** As typed: half a number is kept too. */
  value: string;
  unit: string | null;
  onChange: (typed: string) => void;
  error?: string | undefined;
  hint?: string | null | undefined;
  hideLabel?: boolean;
  big?: boolean;
};

/** A number with its unit on it; "3 1/2 in" and "90mm" are understood. */
export function NumberField({
  label,
  value: kept,
  unit: keptUnit,
  onChange: keep,
  error,
  hint,
  hideLabel,
  big,
}: Props) {
  // What is typed is in this person's unit and is kept with it.
  const unit = myUnit(keptUnit);
  const value = shownAs(kept, keptUnit);
  const onChange = useCallback((typed: string) => keep(keptAs(typed, keptUnit)), [keep, keptUnit]);
  const id = useId();
  const pad = useKeypad();
  const mine = pad?.at === id;
  // The keys go on with what stands in the field now, drawn with it and not after.
  useLayoutEffect(() => {
    if (mine) pad?.take({ id, label, unit, value, onChange });
  }, [mine, pad, id, label, unit, value, onChange]);
  const parsed = kept.trim() === '' ? null : parse(kept, keptUnit);
  const fault = error ?? (parsed && !parsed.ok ? parsed.text : undefined);
  const turned =
    parsed?.ok && unit && /[a-z"°%/]/i.test(value) && !fault
      ? `= ${Number(parsed.value.toPrecision(6))} ${keptUnit}`
      : null;
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-1 block font-medium'}>
        {label}
      </label>
      <div className="relative">
        <input
          id={id}
          className={`num w-full pr-14 ${big ? 'min-h-14 text-xl' : ''}`}
          type="text"
          inputMode={pad ? 'none' : 'decimal'}
          autoComplete="off"
          value={value}
          onFocus={() => pad?.take({ id, label, unit, value, onChange })}
          onBlur={() => pad?.leave(id)}
          aria-invalid={fault ? true : undefined}
          aria-describedby={fault ? `${id}-fault` : hint ? `${id}-hint` : undefined}
          onChange={(event) => onChange(event.target.value)}
        />
        {unit && unit !== 'share' && (
          <span className="pointer-events-none absolute inset-y-0 right-3 flex items-center text-faded">
            {unit}
          </span>
        )}
      </div>
      {turned && <p className="num mt-1 text-sm text-faded">{turned}</p>}
      {fault && (
        <p id={`${id}-fault`} className="mt-1 text-warn">
          {fault}
        </p>
      )}
      {!fault && hint && (
        <p id={`${id}-hint`} className="mt-1 text-sm text-faded">
          {sayMine(hint)}
        </p>
      )}
    </div>
  );
}
