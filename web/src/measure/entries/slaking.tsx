import { useState } from 'react';
import { Choice } from '../../ground/Choice';
import { NumberField } from '../../ground/NumberField';
import type { Values } from '../draft';
import { type EntryProps, optionsOf } from '../entry';
import { DishOf } from '../parts/DishOf';
import { useStanding } from '../useClocks';
import type { MethodEntry } from './index';

const SHARES = [
  { word: '1', label: 'all' },
  { word: '0.75', label: '¾' },
  { word: '0.5', label: '½' },
  { word: '0.25', label: '¼' },
];

/** What a touch means at each step, while crumbs are watched. */
const NOW: Record<string, string> = {
  'note-swirl-gently': 'gentle',
  'swirl-strongly': 'strong',
};

const AT: Record<string, string> = { gentle: 'at the gentle swirl', strong: 'at the strong swirl' };

function words(row: Values): string {
  if (row.stone === true) return 'a stone';
  if (row.fellAt === undefined) return '';
  if (row.fellAt === 'never') return 'stood';
  return row.fellAt === 'still' ? `fell at ${row.seconds ?? '?'} s` : `fell ${AT[String(row.fellAt)] ?? ''}`;
}

const fallen = (row: Values) => row.fellAt !== undefined && row.fellAt !== 'never';

/** The dish: each crumb is touched as it falls, and the clock's time is kept with it; at the end each is gone through. */
function Crumbs({ method, field, path, value, onChange, errorAt, draft, clock }: EntryProps) {
  const rows = (value as Values[] | undefined) ?? [];
  const [chosen, setChosen] = useState(0);
  const standing = useStanding(clock?.step === 'lay' ? clock : null);
  const fellField = field.fields.find((inner) => inner.key === 'fellAt');
  if (!fellField) return null;
  // Once its time is past, the still water is no longer watched.
  const watching = standing?.state === 'waiting';
  const stage = NOW[draft.step];
  // While crumbs fall there is one thing to do; the rest is said at the end.
  const touching = watching || stage !== undefined;
  const open = Math.min(chosen, rows.length - 1);
  const row = rows[open];

  function set(i: number, change: Values) {
    onChange(rows.map((one, at) => (at === i ? { ...one, ...change } : one)));
  }

  function tap(i: number) {
    setChosen(i);
    if (!touching || rows[i]?.fellAt !== undefined) return;
    if (watching) set(i, { fellAt: 'still', seconds: String(Math.max(1, Math.round(standing.ranS))) });
    else set(i, { fellAt: stage ?? 'still', seconds: undefined });
  }

  return (
    <fieldset className="grid gap-4">
      <legend className="font-medium">
        {touching
          ? 'Touch a crumb the moment it has fallen apart'
          : `${field.label}: tap one, say what it did`}
      </legend>
      {watching && <p className="text-base text-faded">Its second is kept.</p>}
      {errorAt(path) && <p className="text-warn">{errorAt(path)}</p>}
      <DishOf
        crumbs={rows.map((one) => ({
          fell: fallen(one) ? Number(one.share ?? 1) || 1 : 0,
          cloud: 0,
          stone: one.stone === true,
          said: words(one),
        }))}
        chosen={touching ? null : open}
        onTap={tap}
      />
      {touching && (
        <ul>
          {rows.map(
            (one, i) =>
              one.fellAt !== undefined && (
                <li key={i} className="flex min-h-11 flex-wrap items-center gap-x-4 border-t border-rule">
                  <span>
                    Crumb {i + 1} {words(one)}
                  </span>
                  <button
                    type="button"
                    className="link ml-auto min-h-11"
                    aria-label={`Crumb ${i + 1} has not fallen after all`}
                    onClick={() => set(i, { fellAt: undefined, seconds: undefined })}
                  >
                    not after all
                  </button>
                </li>
              ),
          )}
        </ul>
      )}
      {!touching && row && (
        <fieldset className="grid gap-4">
          <legend className="mb-1 flex w-full items-center justify-between font-semibold">
            Crumb {open + 1}
            <label className="flex min-h-11 items-center gap-2 font-normal">
              <input
                type="checkbox"
                className="size-6 min-h-0"
                checked={row.stone === true}
                onChange={(event) =>
                  set(
                    open,
                    event.target.checked
                      ? { stone: true, fellAt: 'never', seconds: undefined }
                      : { stone: false },
                  )
                }
              />
              a stone
            </label>
          </legend>
          {row.stone !== true && (
            <Choice
              hideLabel
              label={`Crumb ${open + 1} fell apart`}
              options={optionsOf(method, fellField)}
              value={(row.fellAt as string | undefined) ?? null}
              onChange={(fellAt) =>
                set(open, { fellAt, ...(fellAt === 'still' ? {} : { seconds: undefined }) })
              }
              error={errorAt(`${path}/${open}/fellAt`)}
            />
          )}
          {row.stone !== true && fallen(row) && (
            <div className="grid gap-3 desk:grid-cols-2">
              {row.fellAt === 'still' && (
                <NumberField
                  label="After"
                  unit="s"
                  value={String(row.seconds ?? '')}
                  onChange={(seconds) => set(open, { seconds })}
                  error={errorAt(`${path}/${open}/seconds`)}
                  big
                />
              )}
              <Choice
                label="The part that fell"
                options={SHARES}
                value={String(row.share ?? '1')}
                onChange={(share) => set(open, { share })}
                error={errorAt(`${path}/${open}/share`)}
              />
            </div>
          )}
          {open + 1 < rows.length && (
            <button type="button" className="button" onClick={() => setChosen(open + 1)}>
              The next crumb
            </button>
          )}
        </fieldset>
      )}
      <button type="button" className="button justify-self-start" onClick={() => onChange([...rows, {}])}>
        One crumb more
      </button>
    </fieldset>
  );
}

export default { method: 'slaking', field: 'crumbs', Entry: Crumbs } satisfies MethodEntry;
