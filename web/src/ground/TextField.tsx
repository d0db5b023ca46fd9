import { useId } from 'react';

type Props = {
  label: string;
  value: string;
  onChange: (value: string) => void;
  error?: string | undefined;
  hint?: string | undefined;
  type?: 'text' | 'email' | 'password' | 'date';
  rows?: number;
  autoComplete?: string;
};

/** A line or a paragraph of text with its fault beside it. */
export function TextField({ label, value, onChange, error, hint, type = 'text', rows, autoComplete }: Props) {
  const id = useId();
  const shared = {
    id,
    value,
    className: 'w-full',
    'aria-invalid': error ? true : undefined,
    'aria-describedby': error ? `${id}-fault` : hint ? `${id}-hint` : undefined,
  } as const;
  return (
    <div>
      <label htmlFor={id} className="mb-1 block font-medium">
        {label}
      </label>
      {rows ? (
        <textarea {...shared} rows={rows} onChange={(event) => onChange(event.target.value)} />
      ) : (
        <input
          {...shared}
          type={type}
          autoComplete={autoComplete ?? 'off'}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
      {error && (
        <p id={`${id}-fault`} className="mt-1 text-warn">
          {error}
        </p>
      )}
      {!error && hint && (
        <p id={`${id}-hint`} className="mt-1 text-sm text-faded">
          {hint}
        </p>
      )}
    </div>
  );
}
