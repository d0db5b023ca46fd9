import { useId, useState } from 'react';
import type { ChoiceOption } from './Choice';

type Props = {
  label: string;
  /** Names to begin with; others may be added. */
  options: ChoiceOption[];
  /** Counts as typed, by name. */
  value: Record<string, string>;
  onChange: (counts: Record<string, string>) => void;
  errorAt: (name: string) => string | undefined;
  hint?: string | null | undefined;
};

/** Things counted by name, each with a large plus for muddy hands. */
export function Counts({ label, options, value, onChange, errorAt, hint }: Props) {
  const id = useId();
  const [another, setAnother] = useState('');
  const known = options.map((option) => option.word);
  const names = [...known, ...Object.keys(value).filter((name) => !known.includes(name))];
  const called = (name: string) => options.find((option) => option.word === name)?.label ?? name;
  const count = (name: string) => Number(value[name] ?? 0) || 0;
  const set = (name: string, to: string) => onChange({ ...value, [name]: to });
  return (
    <fieldset>
      <legend className="mb-1 font-medium">{label}</legend>
      <ul>
        {names.map((name) => (
          <li key={name} className="border-t border-rule py-1">
            <div className="flex items-center gap-2">
              <label htmlFor={`${id}-${name}`} className="flex-1">
                {called(name)}
              </label>
              <button
                type="button"
                className="button min-w-14"
                aria-label={`One fewer: ${called(name)}`}
                disabled={count(name) === 0}
                onClick={() => set(name, String(Math.max(0, count(name) - 1)))}
              >
                −
              </button>
              <input
                id={`${id}-${name}`}
                className="num w-16 text-center"
                inputMode="numeric"
                autoComplete="off"
                value={value[name] ?? ''}
                onChange={(event) => set(name, event.target.value)}
              />
              <button
                type="button"
                className="button min-w-14"
                aria-label={`One more: ${called(name)}`}
                onClick={() => set(name, String(count(name) + 1))}
              >
                +
              </button>
            </div>
            {errorAt(name) && <p className="text-warn">{errorAt(name)}</p>}
          </li>
        ))}
      </ul>
      <div className="mt-2 flex items-end gap-2">
        <div className="flex-1">
          <label htmlFor={`${id}-another`} className="mb-1 block text-sm text-faded">
            Another kind
          </label>
          <input
            id={`${id}-another`}
            className="w-full"
            autoComplete="off"
            maxLength={40}
            value={another}
            onChange={(event) => setAnother(event.target.value)}
          />
        </div>
        <button
          type="button"
          className="button"
          disabled={another.trim() === ''}
          onClick={() => {
            set(another.trim().toLowerCase(), '1');
            setAnother('');
          }}
        >
          Add
        </button>
      </div>
      {hint && <p className="mt-1 text-sm text-faded">{hint}</p>}
    </fieldset>
  );
}
