import { useId } from 'react';
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
export function NumberField({ label, value, unit, onChange, error, hint, hideLabel, big }: Props) {
  const id = useId();
  const parsed = value.trim() === '' ? null : parse(value, unit);
  const fault = error ?? (parsed && !parsed.ok ? parsed.text : undefined);
  const turned =
    parsed?.ok && unit && /[a-z"°%/]/i.test(value) && !fault
      ? `= ${Number(parsed.value.toPrecision(6))} ${unit}`
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
          inputMode="decimal"
          autoComplete="off"
          value={value}
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
          {hint}
        </p>
      )}
    </div>
  );
}
