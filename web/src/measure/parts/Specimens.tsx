import { useState } from 'react';
import { isEmpty, type Values } from '../draft';
import type { EntryProps } from '../entry';
import { FieldEntry } from '../FieldEntry';
import { DishOf } from './DishOf';

const CLOUD: Record<string, number> = { faint: 0.35, strong: 0.9 };

/** What is looked for at each step: the look of that time, all of them where a step has none. */
function asked(fields: EntryProps['field'][], step: string) {
  const at = /-(\d+)(h)?$/.exec(step);
  const key = at ? `cloudAt${at[2] ? Number(at[1]) * 60 : at[1]}` : '';
  const own = fields.filter((field) => field.key === key);
  return own.length > 0 ? own : fields;
}

/** A dish with its crumbs: one is tapped and it is said what it did, then the next. */
export function Specimens(props: EntryProps) {
  const { field, path, value, onChange, errorAt, draft } = props;
  const rows = (value as Values[] | undefined) ?? [];
  const [chosen, setChosen] = useState(0);
  const open = Math.min(chosen, rows.length - 1);
  const row = rows[open];
  const now = asked(field.fields, draft.step);
  const wordOf = (one: Values) => {
    const key = now.findLast((inner) => !isEmpty(one[inner.key]))?.key ?? '';
    return String(one[key] ?? '');
  };

  function say(key: string, to: unknown) {
    const next = rows.map((one, i) => (i === open ? { ...one, [key]: to } : one));
    onChange(next);
    // The next crumb of which nothing is said comes up by itself.
    const waiting = next.findIndex((one) => now.some((inner) => isEmpty(one[inner.key])));
    if (now.length === 1 && waiting >= 0) setChosen(waiting);
  }

  return (
    <fieldset className="grid gap-4">
      <legend className="font-medium">{field.label}: tap one, say what it did</legend>
      {errorAt(path) && <p className="text-warn">{errorAt(path)}</p>}
      <DishOf
        crumbs={rows.map((one) => ({
          fell: 0,
          cloud: CLOUD[wordOf(one)] ?? 0,
          stone: false,
          said: wordOf(one),
        }))}
        chosen={open}
        onTap={setChosen}
      />
      {row && (
        <fieldset className="grid gap-4">
          <legend className="mb-1 font-semibold">Crumb {open + 1}</legend>
          {now.map((inner) => (
            <FieldEntry
              {...props}
              key={inner.key}
              field={inner}
              path={`${path}/${open}/${inner.key}`}
              value={row[inner.key]}
              onChange={(to) => say(inner.key, to)}
            />
          ))}
        </fieldset>
      )}
      <div className="flex flex-wrap gap-4">
        <button type="button" className="button" onClick={() => onChange([...rows, {}])}>
          One crumb more
        </button>
        {rows.length > 1 && (
          <button
            type="button"
            className="link min-h-11"
            onClick={() => onChange(rows.filter((_, i) => i !== open))}
          >
            take crumb {open + 1} out
          </button>
        )}
      </div>
    </fieldset>
  );
}
