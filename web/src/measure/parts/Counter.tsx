import { NumberField } from '../../ground/NumberField';
import type { EntryProps } from '../entry';

/** Whole things by a large plus, one tap each; the figure can be typed as well. */
export function Counter({ field, path, value, onChange, errorAt, inRow }: EntryProps) {
  const typed = value === undefined || value === null ? String(field.preset ?? '') : String(value);
  const now = Number(typed);
  const counted = typed !== '' && Number.isInteger(now) ? now : 0;
  const least = field.range?.min ?? 0;
  const optional = !field.required && field.preset === null && !inRow;
  return (
    <div className="grid grid-cols-[auto_1fr_auto] items-end gap-2">
      <button
        type="button"
        className="button min-w-14 self-end"
        aria-label={`One fewer: ${field.label}`}
        disabled={counted <= least}
        onClick={() => onChange(String(counted - 1))}
      >
        −
      </button>
      <NumberField
        label={optional ? `${field.label}, if known` : field.label}
        unit={field.unit}
        value={typed}
        onChange={onChange}
        error={errorAt(path)}
        hint={field.hint}
        big
      />
      <button
        type="button"
        className="button button-main min-h-14 min-w-20 text-2xl"
        aria-label={`One more: ${field.label}`}
        onClick={() => onChange(String(typed === '' ? Math.max(1, least) : counted + 1))}
      >
        +
      </button>
    </div>
  );
}
