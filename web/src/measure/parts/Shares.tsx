import { show } from '../../ground/format';
import { NumberField } from '../../ground/NumberField';
import { isEmpty } from '../draft';
import { useDrawing } from '../drawings';
import { Tile } from '../drawings/Scene';
import type { TogetherProps } from './grouped';
import { shared, stepped } from './sharing';

const TONES = ['var(--holding)', 'var(--spent)', 'var(--edge)', 'var(--soil-mid)'];
const BY = 5;

/** Parts that make a hundred: a bar that shows what is left, and the last takes the rest when asked. */
export function Shares({ method, fields, path, values, onChange, errorAt }: TogetherProps) {
  const { parts, left } = shared(
    fields.map((field) => field.key),
    values,
  );
  const scales = useDrawing(method.id)?.scales ?? {};
  const scaleOf = (key: string) => Object.keys(scales).find((scale) => scales[scale]?.[key]);
  const rest = fields.findLast((_, i) => parts[i] === 0) ?? fields.at(-1);
  // What is left open is nothing, once the rest makes a hundred.
  const none = Object.fromEntries(
    fields.filter((field) => isEmpty(values[field.key])).map((field) => [field.key, '0']),
  );
  return (
    <div className="grid gap-3" role="group" aria-label="Shares of a hundred">
      <Bar parts={parts} left={left} />
      <p className="flex min-h-11 flex-wrap items-center gap-x-5" role="status">
        {left === 0 ? (
          'They make 100.'
        ) : (
          <span className={left < 0 ? 'text-warn' : ''}>
            <span className="num text-xl">{show(Math.abs(left), 1)}</span> %{' '}
            {left > 0 ? 'left to share out' : 'too many'}
          </span>
        )}
        {left > 0 && left < 100 && rest && (
          <button
            type="button"
            className="button"
            onClick={() =>
              onChange({ ...none, [rest.key]: show((parts[fields.indexOf(rest)] ?? 0) + left, 1) })
            }
          >
            {rest.label}: the rest, {show(left, 1)} %
          </button>
        )}
        {left === 0 && Object.keys(none).length > 0 && (
          <button type="button" className="button" onClick={() => onChange(none)}>
            The others: none
          </button>
        )}
      </p>
      {fields.map((field, i) => {
        const scale = scaleOf(field.key);
        const step = (by: number) => onChange({ [field.key]: show(stepped(parts[i] ?? 0, by, left), 1) });
        return (
          <div
            key={field.key}
            className="grid grid-cols-[auto_1fr_auto] items-end gap-2 border-t border-rule pt-3"
          >
            <button
              type="button"
              className="button min-w-14"
              aria-label={`Less ${field.label.toLowerCase()}`}
              disabled={(parts[i] ?? 0) === 0}
              onClick={() => step(-BY)}
            >
              −
            </button>
            <div className="flex min-w-0 items-end gap-2">
              {scale && <Tile method={method.id} field={scale} word={field.key} />}
              <div className="min-w-0 flex-1">
                <NumberField
                  label={field.label}
                  unit={field.unit}
                  value={String(values[field.key] ?? '')}
                  onChange={(typed) => onChange({ [field.key]: typed })}
                  error={errorAt(`${path}/${field.key}`)}
                />
              </div>
            </div>
            <button
              type="button"
              className="button min-w-14"
              aria-label={`More ${field.label.toLowerCase()}`}
              disabled={left <= 0}
              onClick={() => step(BY)}
            >
              +
            </button>
          </div>
        );
      })}
    </div>
  );
}

function Bar({ parts, left }: { parts: number[]; left: number }) {
  const whole = Math.max(100, 100 - left);
  let x = 0;
  return (
    <svg viewBox="0 0 400 34" className="w-full" aria-hidden="true" preserveAspectRatio="none">
      {parts.map((part, i) => {
        const from = x;
        x += (part / whole) * 400;
        return <rect key={i} x={from} y="0" width={x - from} height="34" fill={TONES[i % TONES.length]} />;
      })}
      <rect x="1" y="1" width="398" height="32" fill="none" stroke="var(--ink)" strokeWidth="1.6" />
      {left < 0 && <path d={`M${(100 / whole) * 400} 0V34`} stroke="var(--warn)" strokeWidth="3" />}
    </svg>
  );
}
