import type { Method, MethodField } from '../api/types';
import { Choice } from '../ground/Choice';
import { NumberField } from '../ground/NumberField';
import type { Standing } from './clocks';
import { type Draft, minutesSince, startValues, type Values } from './draft';
import { drawingOf } from './drawings';
import { entryOf } from './entries';

export type EntryProps = {
  method: Method;
  field: MethodField;
  path: string;
  value: unknown;
  onChange: (value: unknown) => void;
  errorAt: (path: string) => string | undefined;
  draft: Draft;
  keep: (change: Partial<Draft>) => void;
  clock: Standing | null;
  /** Set where the field stands in a row and its label is the column's. */
  inRow?: boolean;
};

/** The entry of one field, made from its description; a method may bring an entry of its own. */
export function FieldEntry(props: EntryProps) {
  const { method, field, path, value, onChange, errorAt, inRow } = props;
  const Own = entryOf(method.id, field.key);
  if (Own) return <Own {...props} />;
  const label = field.required ? field.label : `${field.label}${inRow ? '' : ', if known'}`;
  switch (field.kind) {
    case 'number':
      return (
        <NumberField
          label={label}
          unit={field.unit}
          value={value === undefined || value === null ? presetText(field) : String(value)}
          onChange={onChange}
          error={errorAt(path)}
          hint={field.hint}
          big
        />
      );
    case 'choice':
      return (
        <Choice
          label={label}
          options={optionsOf(method, field)}
          value={(value as string | undefined) ?? (field.preset as string | null)}
          onChange={onChange}
          error={errorAt(path)}
          hint={field.hint}
        />
      );
    case 'yes-no':
      return (
        <Choice
          label={label}
          options={[
            { word: 'yes', label: 'Yes' },
            { word: 'no', label: 'No' },
          ]}
          value={yesNo(value ?? field.preset)}
          onChange={(word) => onChange(word === 'yes')}
          error={errorAt(path)}
          hint={field.hint}
        />
      );
    case 'list':
      return <Rows {...props} />;
    case 'group':
      return (
        <fieldset className="grid gap-3">
          <legend className="font-medium">{field.label}</legend>
          {field.fields.map((inner) => (
            <FieldEntry
              {...props}
              key={inner.key}
              field={inner}
              path={`${path}/${inner.key}`}
              value={(value as Values | undefined)?.[inner.key]}
              onChange={(next) => onChange({ ...((value as Values | undefined) ?? {}), [inner.key]: next })}
            />
          ))}
        </fieldset>
      );
  }
}

export function optionsOf(method: Method, field: MethodField) {
  const Option = drawingOf(method.id)?.OptionDrawing;
  return field.options.map((option) => ({
    word: option.word,
    label: option.label,
    sentence: option.sentence,
    drawing: Option ? <Option field={field.key} word={option.word} /> : undefined,
  }));
}

function presetText(field: MethodField): string {
  return field.preset === null || field.preset === undefined ? '' : String(field.preset);
}

function yesNo(value: unknown): string | null {
  return value === true ? 'yes' : value === false ? 'no' : null;
}

/** A list as rows; where a row has minutes, "now" stamps the true time. */
function Rows(props: EntryProps) {
  const { field, path, value, onChange, errorAt, draft, keep } = props;
  const rows = (value as Values[] | undefined) ?? [];
  const timed = field.fields.some((inner) => inner.key === 'minutes');
  const small = field.fields.filter((inner) => inner.kind === 'number').length;
  const plain = small === field.fields.length;

  function set(i: number, key: string, next: unknown) {
    onChange(rows.map((row, at) => (at === i ? { ...row, [key]: next } : row)));
  }

  function stamp(i: number) {
    const now = Date.now();
    const zeroAt = draft.zeroAt ?? new Date(now).toISOString();
    const next = rows.map((row, at) =>
      at === i ? { ...row, minutes: String(minutesSince(zeroAt, now)) } : row,
    );
    keep({ zeroAt, values: { ...draft.values, [field.key]: next } });
  }

  return (
    <fieldset className="grid gap-4">
      <legend className="font-medium">{field.label}</legend>
      {errorAt(path) && <p className="text-warn">{errorAt(path)}</p>}
      {rows.map((row, i) => (
        <div
          key={i}
          className="grid gap-3 border-t border-rule pt-3"
          role="group"
          aria-label={`${field.label} ${i + 1}`}
        >
          <div className="flex items-center gap-4">
            <span className="font-semibold">{i + 1}</span>
            {timed && (
              <button type="button" className="button" onClick={() => stamp(i)}>
                {row.minutes ? 'Now instead' : 'Read now'}
              </button>
            )}
            <button
              type="button"
              className="link ml-auto min-h-11"
              aria-label={`Take out row ${i + 1} of ${field.label.toLowerCase()}`}
              onClick={() => onChange(rows.filter((_, at) => at !== i))}
            >
              take out
            </button>
          </div>
          <div className={plain ? 'grid grid-cols-2 gap-3 wide:grid-cols-4' : 'grid gap-4'}>
            {field.fields.map((inner) => (
              <FieldEntry
                {...props}
                inRow
                key={inner.key}
                field={inner}
                path={`${path}/${i}/${inner.key}`}
                value={row[inner.key]}
                onChange={(next) => set(i, inner.key, next)}
              />
            ))}
          </div>
        </div>
      ))}
      <button
        type="button"
        className="button justify-self-start"
        onClick={() => onChange([...rows, followOn(field, rows.at(-1))])}
      >
        One more
      </button>
    </fieldset>
  );
}

/** A new row begins where the last one ended, where it is a layer. */
function followOn(field: MethodField, last: Values | undefined): Values {
  const row = startValues(field.fields);
  return last?.bottomCm === undefined ? row : { ...row, topCm: last.bottomCm };
}
