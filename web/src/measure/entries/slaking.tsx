import { Choice } from '../../ground/Choice';
import { NumberField } from '../../ground/NumberField';
import type { Values } from '../draft';
import { type EntryProps, optionsOf } from '../entry';
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

/** The dish: each crumb is touched as it falls, and the clock's time is kept with it. */
function Crumbs({ method, field, path, value, onChange, errorAt, draft, clock }: EntryProps) {
  const rows = (value as Values[] | undefined) ?? [];
  const fellField = field.fields.find((inner) => inner.key === 'fellAt');
  const secondsField = field.fields.find((inner) => inner.key === 'seconds');
  if (!fellField || !secondsField) return null;
  // Once its time is past, the still water is no longer watched.
  const watching = clock?.clock.step === 'lay' && clock.state === 'waiting';
  const stage = NOW[draft.step];
  // While crumbs fall there is one thing to do; the rest is said at the end.
  const touching = watching || stage !== undefined;

  function set(i: number, change: Values) {
    onChange(rows.map((row, at) => (at === i ? { ...row, ...change } : row)));
  }

  function fell(i: number) {
    if (watching && clock) set(i, { fellAt: 'still', seconds: String(Math.max(1, Math.round(clock.ranS))) });
    else set(i, { fellAt: stage ?? 'still', seconds: undefined });
  }

  return (
    <fieldset className="grid gap-4">
      <legend className="font-medium">{field.label}</legend>
      {watching && <p>Touch a crumb the moment it has fallen apart: its second is kept.</p>}
      {errorAt(path) && <p className="text-warn">{errorAt(path)}</p>}
      {rows.map((row, i) => {
        const fallen = row.fellAt !== undefined && row.fellAt !== 'never';
        return (
          <fieldset key={i} className="grid gap-3 border-t border-rule pt-3">
            <legend className="sr-only">Crumb {i + 1}</legend>
            <div className="flex min-h-14 flex-wrap items-center gap-x-4 gap-y-2">
              <span className="font-semibold">Crumb {i + 1}</span>
              {touching && row.fellAt === undefined && (
                <button type="button" className="button button-main" onClick={() => fell(i)}>
                  {watching ? 'Fell now' : 'Fell at this swirl'}
                </button>
              )}
              {touching && fallen && (
                <>
                  <span>{words(row)}</span>
                  <button
                    type="button"
                    className="link min-h-11"
                    aria-label={`Crumb ${i + 1} has not fallen after all`}
                    onClick={() => set(i, { fellAt: undefined, seconds: undefined })}
                  >
                    not after all
                  </button>
                </>
              )}
              <label
                className={`ml-auto flex min-h-11 items-center gap-2 ${touching && fallen ? 'hidden' : ''}`}
              >
                <input
                  type="checkbox"
                  className="size-6 min-h-0"
                  checked={row.stone === true}
                  onChange={(event) =>
                    set(
                      i,
                      event.target.checked
                        ? { stone: true, fellAt: 'never', seconds: undefined }
                        : { stone: false },
                    )
                  }
                />
                a stone
              </label>
            </div>
            {!touching && row.stone !== true && (
              <>
                <Choice
                  hideLabel
                  label={`Crumb ${i + 1} fell apart`}
                  options={optionsOf(method, fellField)}
                  value={(row.fellAt as string | undefined) ?? null}
                  onChange={(fellAt) =>
                    set(i, { fellAt, ...(fellAt === 'still' ? {} : { seconds: undefined }) })
                  }
                  error={errorAt(`${path}/${i}/fellAt`)}
                />
                {fallen && (
                  <div className="grid gap-3 desk:grid-cols-2">
                    {row.fellAt === 'still' && (
                      <NumberField
                        label="After"
                        unit="s"
                        value={String(row.seconds ?? '')}
                        onChange={(seconds) => set(i, { seconds })}
                        error={errorAt(`${path}/${i}/seconds`)}
                        big
                      />
                    )}
                    <Choice
                      label="The part that fell"
                      options={SHARES}
                      value={String(row.share ?? '1')}
                      onChange={(share) => set(i, { share })}
                      error={errorAt(`${path}/${i}/share`)}
                    />
                  </div>
                )}
              </>
            )}
          </fieldset>
        );
      })}
      <button type="button" className="button justify-self-start" onClick={() => onChange([...rows, {}])}>
        One crumb more
      </button>
    </fieldset>
  );
}

const AT: Record<string, string> = { gentle: 'at the gentle swirl', strong: 'at the strong swirl' };

function words(row: Values): string {
  return row.fellAt === 'still' ? `fell at ${row.seconds ?? '?'} s` : `fell ${AT[String(row.fellAt)] ?? ''}`;
}

export default { method: 'slaking', field: 'crumbs', Entry: Crumbs } satisfies MethodEntry;
