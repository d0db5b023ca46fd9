import { type ComponentType, useState } from 'react';
import type { MethodField } from '../api/types';
import { Choice } from '../ground/Choice';
import { Counts } from '../ground/Counts';
import { NumberField } from '../ground/NumberField';
import { TallyOf } from '../ground/TallyOf';
import { TextField } from '../ground/TextField';
import * as time from '../ground/time';
import { Words } from '../ground/Words';
import { yesNo } from '../ground/yesNo';
import { FromChart } from './charts/FromChart';
import { isEmpty, minutesSince, presetText, startValues, type Values } from './draft';
import { entryOf } from './entries';
import { type EntryProps, optionsOf } from './entry';
import { FromProbe } from './FromProbe';
import { Counter } from './parts/Counter';
import { Layers } from './parts/Layers';
import { LevelsCurve } from './parts/LevelsCurve';
import { Profile } from './parts/Profile';
import { Shares } from './parts/Shares';
import { Specimens } from './parts/Specimens';
import { Timed } from './parts/Timed';

/** The parts of the bench that are more than a field, a choice, a row. */
const PARTS: { [part in MethodField['part']]?: ComponentType<EntryProps> } = {
  count: Counter,
  layers: Layers,
  profile: Profile,
  specimens: Specimens,
  timed: Timed,
};

/** The entry of one field, made from its description; a method may bring an entry of its own. */
export function FieldEntry(props: EntryProps) {
  const { method, field, path, value, onChange, errorAt, inRow } = props;
  const Own = entryOf(method.id, field.key);
  if (Own) return <Own {...props} />;
  const Part = PARTS[field.part];
  if (Part && (field.part !== 'count' || field.kind === 'number')) return <Part {...props} />;
  /** By a chart mostly the field alone; where a reading keeps its chart, that too. */
  const takeChart = (values: Values) => {
    if (Object.keys(values).length === 1) onChange(values[field.key]);
    else props.keep({ values: { ...props.draft.values, ...values } });
  };
  const label =
    field.required || field.preset !== null ? field.label : `${field.label}${inRow ? '' : ', if known'}`;
  switch (field.kind) {
    case 'number':
      return (
        <div className="grid min-w-0 content-start">
          <NumberField
            label={label}
            unit={field.unit}
            value={value === undefined || value === null ? presetText(field) : String(value)}
            onChange={onChange}
            error={errorAt(path)}
            hint={field.hint}
            big
          />
          <FromProbe
            unit={field.unit}
            method={method.id}
            onTake={(text, stream) => {
              onChange(text);
              props.keepStream({ field: path, ...stream });
            }}
          />
          <FromChart method={method.id} field={field} onTake={takeChart} />
        </div>
      );
    case 'choice':
      return (
        <div className="grid content-start">
          <Choice
            label={label}
            options={optionsOf(method, field)}
            value={(value as string | undefined) ?? (field.preset as string | null)}
            onChange={onChange}
            error={errorAt(path)}
            hint={field.hint}
            optional={!field.required && field.preset === null}
          />
          <FromChart method={method.id} field={field} onTake={takeChart} />
        </div>
      );
    case 'text':
      return (
        <TextField
          label={label}
          value={(value as string | undefined) ?? ''}
          onChange={onChange}
          error={errorAt(path)}
          hint={field.hint ?? undefined}
        />
      );
    case 'words': {
      const words = {
        label,
        options: optionsOf(method, field),
        hint: field.hint,
        error: errorAt(path),
        onChange,
      };
      const chosen = (value as string[] | undefined) ?? [];
      return field.minItems > 1 ? (
        <TallyOf {...words} value={chosen} least={field.minItems} />
      ) : (
        <Words {...words} value={chosen} />
      );
    }
    case 'counts':
      return (
        <Counts
          label={label}
          options={optionsOf(method, field)}
          value={(value as Record<string, string> | undefined) ?? {}}
          onChange={onChange}
          errorAt={(name) => errorAt(`${path}/${name}`)}
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
      if (field.part === 'shares') {
        return (
          <fieldset>
            <legend className="mb-2 font-medium">{field.label}</legend>
            <Shares
              {...props}
              fields={field.fields}
              values={(value as Values | undefined) ?? {}}
              onChange={(change) => onChange({ ...((value as Values | undefined) ?? {}), ...change })}
            />
          </fieldset>
        );
      }
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

/** A list as rows. Rows of plain numbers that are filled in fold into a line; where a row has minutes, "now" stamps the true time. */
function Rows(props: EntryProps) {
  const { field, path, value, onChange, errorAt, draft, keep } = props;
  const [unfolded, setUnfolded] = useState<number | null>(null);
  const timed = field.fields.some((inner) => inner.key === 'minutes');
  const plain = field.fields.every((inner) => inner.kind === 'number');
  const kept = (value as Values[] | undefined) ?? [];
  const open = kept.findIndex(isEmpty);
  // What is read by the clock always has its next row ready.
  const rows = timed && open < 0 ? [...kept, {}] : kept;
  const next = open < 0 ? kept.length : open;

  function set(i: number, key: string, to: unknown) {
    onChange(rows.map((row, at) => (at === i ? { ...row, [key]: to } : row)));
  }

  function stamp(i: number) {
    const now = time.now();
    const zeroAt = draft.zeroAt ?? new Date(now).toISOString();
    const stamped = rows.map((row, at) =>
      at === i ? { ...row, minutes: String(minutesSince(zeroAt, now)) } : row,
    );
    keep({ zeroAt, values: { ...draft.values, [field.key]: stamped } });
  }

  return (
    <fieldset className="grid gap-4">
      <legend className="font-medium">{field.label}</legend>
      {errorAt(path) && <p className="text-warn">{errorAt(path)}</p>}
      {field.part === 'levels' && (
        <LevelsCurve
          rows={rows}
          holeMm={Number(draft.values.holeDepthMm) || 300}
          rising={field.fields.some((inner) => inner.key === 'mm')}
        />
      )}
      {rows.map((row, i) => {
        const faulty = field.fields.some((inner) => errorAt(`${path}/${i}/${inner.key}`));
        if (plain && timed && !isEmpty(row) && i < next - 1 && i !== unfolded && !faulty) {
          return (
            <p key={i} className="flex items-center gap-4 border-t border-rule pt-1">
              <span className="font-semibold">{i + 1}</span>
              <span className="num">{inWords(field, row)}</span>
              <button
                type="button"
                className="link ml-auto min-h-11"
                aria-label={`Change row ${i + 1} of ${field.label.toLowerCase()}`}
                onClick={() => setUnfolded(i)}
              >
                change
              </button>
            </p>
          );
        }
        return (
          <fieldset key={i} className="grid gap-3 border-t border-rule pt-3">
            <legend className="sr-only">
              {field.label} {i + 1}
            </legend>
            <div className="flex items-center gap-4">
              <span className="font-semibold">{i + 1}</span>
              {timed && (
                <button
                  type="button"
                  className={`button ${isEmpty(row.minutes) ? 'button-main' : ''}`}
                  onClick={() => stamp(i)}
                >
                  {isEmpty(row.minutes) ? 'Read now' : 'Now instead'}
                </button>
              )}
              {!isEmpty(row) && (
                <button
                  type="button"
                  className="link ml-auto min-h-11"
                  aria-label={`Take out row ${i + 1} of ${field.label.toLowerCase()}`}
                  onClick={() => onChange(kept.filter((_, at) => at !== i))}
                >
                  take out
                </button>
              )}
            </div>
            <div className={plain ? 'grid grid-cols-2 items-end gap-3' : 'grid gap-4'}>
              {field.fields.map((inner) => (
                <FieldEntry
                  {...props}
                  inRow
                  key={inner.key}
                  field={inner}
                  path={`${path}/${i}/${inner.key}`}
                  value={row[inner.key]}
                  onChange={(to) => set(i, inner.key, to)}
                />
              ))}
            </div>
          </fieldset>
        );
      })}
      {!timed && (
        <button
          type="button"
          className="button justify-self-start"
          onClick={() => onChange([...kept, followOn(field, kept.at(-1))])}
        >
          One more
        </button>
      )}
    </fieldset>
  );
}

/** A row in one line: "41 min, 172 mm". */
function inWords(field: MethodField, row: Values): string {
  return field.fields
    .filter((inner) => !isEmpty(row[inner.key]))
    .map((inner) => `${row[inner.key]} ${inner.unit ?? ''}`.trim())
    .join(', ');
}

/** A new row begins where the last one ended, where it is a layer. */
function followOn(field: MethodField, last: Values | undefined): Values {
  const row = startValues(field.fields);
  return last?.bottomCm === undefined ? row : { ...row, topCm: last.bottomCm };
}
