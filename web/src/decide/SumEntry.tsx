import type { KnownValue, MethodField } from '../api/types';
import { Choice } from '../ground/Choice';
import { show } from '../ground/format';
import { NumberField } from '../ground/NumberField';
import { Words } from '../ground/Words';
import { yesNo } from '../ground/yesNo';
import { presetText, type Values } from '../measure/draft';

/** One entry of a sum, with where it was taken from while nobody changed it. */
export function SumEntry(props: {
  field: MethodField;
  path: string;
  value: unknown;
  onChange: (value: unknown) => void;
  errorAt: (path: string) => string | undefined;
  known: KnownValue | null;
}) {
  const { field, path, value, onChange, errorAt, known } = props;
  if (field.kind === 'group') {
    const inner = (value as Values | undefined) ?? {};
    return (
      <fieldset className="grid gap-3 desk:col-span-2 desk:grid-cols-3">
        <legend className="mb-1 font-medium">{field.label}</legend>
        {field.fields.map((one) => (
          <SumEntry
            {...props}
            key={one.key}
            field={one}
            path={`${path}/${one.key}`}
            value={inner[one.key]}
            onChange={(next) => onChange({ ...inner, [one.key]: next })}
            known={null}
          />
        ))}
        {errorAt(path) && <p className="text-warn desk:col-span-3">{errorAt(path)}</p>}
      </fieldset>
    );
  }
  if (field.kind === 'choice') {
    return (
      <div className="desk:col-span-2">
        <Choice
          label={field.label}
          options={field.options}
          value={(value as string | undefined) ?? null}
          onChange={onChange}
          error={errorAt(path)}
          hint={known ? knownFrom(known, null) : field.hint}
          optional={!field.required}
        />
      </div>
    );
  }
  if (field.kind === 'yes-no') {
    return (
      <div className="desk:col-span-2">
        <Choice
          label={field.label}
          options={[
            { word: 'yes', label: 'Yes' },
            { word: 'no', label: 'No' },
          ]}
          value={yesNo(value ?? field.preset)}
          onChange={(word) => onChange(word === 'yes')}
          error={errorAt(path)}
          hint={known ? knownFrom(known, null) : field.hint}
        />
      </div>
    );
  }
  if (field.kind === 'words') {
    return (
      <div className="desk:col-span-2">
        <Words
          label={field.label}
          options={field.options}
          value={(value as string[] | undefined) ?? []}
          onChange={onChange}
          error={errorAt(path)}
          hint={known ? knownFrom(known, null) : field.hint}
        />
      </div>
    );
  }
  const hint = known
    ? knownFrom(known, field.unit)
    : (field.hint ?? (field.range ? `${field.range.min} to ${field.range.max}` : null));
  return (
    <NumberField
      label={field.required || field.preset !== null ? field.label : `${field.label}, if known`}
      unit={field.unit}
      value={value === undefined || value === null ? presetText(field) : String(value)}
      onChange={onChange}
      error={errorAt(path)}
      hint={hint}
    />
  );
}

/** What is known without a reading and not of the field. */
const FROM: Record<string, string> = {
  'causes.limits': 'from the causes that are likely or possible',
  'causes.open': 'from the causes that stand open',
  'day.month': 'the month of this visit',
};

/** Where a value was taken from, and how far it may be out. */
function knownFrom(known: KnownValue, unit: string | null): string {
  const from =
    known.readings.length > 0
      ? `from ${known.readings.length === 1 ? 'a reading' : `${known.readings.length} readings`}`
      : (FROM[known.measure] ?? 'from what is known of the field');
  return known.spread === null
    ? from
    : `${from}, ± ${show(known.spread, known.spread >= 1 ? 1 : 2)} ${unit ?? ''}`.trim();
}
