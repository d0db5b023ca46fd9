import { clockText } from '../../ground/format';
import { NumberField } from '../../ground/NumberField';
import { now as instant, nowIso } from '../../ground/time';
import { useNow } from '../../ground/useNow';
import { isEmpty, type Values } from '../draft';
import type { EntryProps } from '../entry';

const TENTH = 10;

/** Seconds from the start to now, to a tenth. */
export function secondsSince(start: string, now: number): number {
  return Math.max(0.1, Math.round(((now - Date.parse(start)) / 1000) * TENTH) / TENTH);
}

/** Something timed, such as a pour: one button starts the clock and stops it; what it took can be put right after. */
export function Timed({ field, path, value, onChange, errorAt, draft, keep }: EntryProps) {
  const rows = (value as Values[] | undefined) ?? [];
  const running = draft.zeroAt;
  // The pour of this step; a step that is not one of the pours shows them all.
  const nth = Number(/-(\d+)$/.exec(draft.step)?.[1] ?? Number.NaN) - 1;
  const shown = Number.isNaN(nth) ? rows.map((_, i) => i) : [Math.min(nth, rows.length)];
  const others = field.fields.filter((inner) => inner.key !== 'seconds');

  function put(i: number, change: Values) {
    const all = i < rows.length ? rows : [...rows, {}];
    return all.map((row, at) => (at === i ? { ...row, ...change } : row));
  }

  /** The same bottle is poured again, unless another was said. */
  function asBefore(i: number): Values {
    const before = rows[i - 1]?.volumeMl;
    return isEmpty(rows[i]?.volumeMl) && !isEmpty(before) ? { volumeMl: before } : {};
  }

  function stop(i: number) {
    if (running === null) return;
    const took = { seconds: String(secondsSince(running, instant())), ...asBefore(i) };
    keep({ zeroAt: null, values: { ...draft.values, [field.key]: put(i, took) } });
  }

  return (
    <fieldset className="grid gap-5">
      <legend className="sr-only">{field.label}</legend>
      {errorAt(path) && <p className="text-warn">{errorAt(path)}</p>}
      {shown.map((i) => {
        const row = rows[i] ?? {};
        const before = rows[i - 1]?.volumeMl;
        return (
          <div
            key={i}
            className="grid gap-4 border-t border-rule pt-3"
            role="group"
            aria-label={`Pour ${i + 1}`}
          >
            <p className="font-medium">{['First', 'Second', 'Third', 'Fourth'][i] ?? `${i + 1}th`} pour</p>
            {running === null ? (
              <button
                type="button"
                className={`button button-big ${isEmpty(row.seconds) ? 'button-main' : ''}`}
                onClick={() => keep({ zeroAt: nowIso() })}
              >
                {isEmpty(row.seconds) ? 'Film off: start' : 'Time it again'}
              </button>
            ) : (
              <>
                <Running since={running} />
                <button type="button" className="button button-main button-big" onClick={() => stop(i)}>
                  All gone: stop
                </button>
                <button type="button" className="link min-h-11" onClick={() => keep({ zeroAt: null })}>
                  It went wrong: no time
                </button>
              </>
            )}
            <div className="grid grid-cols-2 items-end gap-3">
              {others.map((inner) => (
                <NumberField
                  key={inner.key}
                  label={inner.label}
                  unit={inner.unit}
                  value={String(
                    row[inner.key] ?? (inner.key === 'volumeMl' ? (before ?? '') : (inner.preset ?? '')),
                  )}
                  onChange={(typed) => onChange(put(i, { [inner.key]: typed }))}
                  error={errorAt(`${path}/${i}/${inner.key}`)}
                  hint={inner.hint}
                  big
                />
              ))}
              <NumberField
                label="Took"
                unit="s"
                value={String(row.seconds ?? '')}
                onChange={(typed) => onChange(put(i, { seconds: typed, ...asBefore(i) }))}
                error={errorAt(`${path}/${i}/seconds`)}
                hint="As timed; 6:42 is understood."
                big
              />
            </div>
          </div>
        );
      })}
      {Number.isNaN(nth) && (
        <button type="button" className="button justify-self-start" onClick={() => onChange([...rows, {}])}>
          One pour more
        </button>
      )}
    </fieldset>
  );
}

function Running({ since }: { since: string }) {
  const ran = (useNow(true, 100) - Date.parse(since)) / 1000;
  return (
    <p className="num text-center text-6xl font-semibold" role="timer">
      {clockText(ran)}
      <span className="text-3xl text-faded">.{Math.floor((Math.max(0, ran) * TENTH) % TENTH)}</span>
    </p>
  );
}
