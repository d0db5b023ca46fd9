import { useState } from 'react';

type Props = {
  label: string;
  value: string;
  /** What stands where nothing is said. */
  empty?: string;
  onChange?: ((value: string) => void) | undefined;
};

/** A sentence that becomes a field when it is touched. */
export function Editable({ label, value, empty = '…', onChange }: Props) {
  const [open, setOpen] = useState(false);
  if (!onChange) return <>{value}</>;
  if (!open) {
    return (
      <button
        type="button"
        aria-label={`${label}: ${value || empty}. Change it`}
        className={`min-h-6 cursor-text text-left underline decoration-rule decoration-dotted underline-offset-4 print:no-underline ${value ? '' : 'text-faded print:hidden'}`}
        onClick={() => setOpen(true)}
      >
        {value || empty}
      </button>
    );
  }
  return (
    <textarea
      // biome-ignore lint/a11y/noAutofocus: it was just touched
      autoFocus
      aria-label={label}
      className="w-full"
      rows={Math.max(1, Math.ceil(value.length / 48))}
      value={value}
      onChange={(event) => onChange(event.target.value)}
      onBlur={() => setOpen(false)}
      onKeyDown={(event) => {
        if (event.key === 'Escape' || (event.key === 'Enter' && !event.shiftKey)) setOpen(false);
      }}
    />
  );
}
