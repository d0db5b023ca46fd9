import { useId } from 'react';
import type { ChoiceOption } from './Choice';

type Props = {
  label: string;
  options: ChoiceOption[];
  value: string[];
  onChange: (words: string[]) => void;
  error?: string | undefined;
  hint?: string | null | undefined;
};

/** Several words of a scale, each on or off. */
export function Words({ label, options, value, onChange, error, hint }: Props) {
  const id = useId();
  return (
    <div role="group" aria-labelledby={id}>
      <p id={id} className="mb-1 font-medium">
        {label}
      </p>
      <div className="grid grid-cols-[repeat(auto-fit,minmax(7.5rem,1fr))] gap-2">
        {options.map((option) => {
          const on = value.includes(option.word);
          return (
            <button
              key={option.word}
              type="button"
              aria-pressed={on}
              className={`min-h-14 rounded-[10px] border-[1.5px] px-2 py-2 leading-tight ${
                on ? 'border-act bg-act font-semibold text-on-act' : 'border-edge text-ink'
              }`}
              onClick={() =>
                onChange(on ? value.filter((word) => word !== option.word) : [...value, option.word])
              }
            >
              {option.label}
            </button>
          );
        })}
      </div>
      {error ? (
        <p className="mt-1 text-warn">{error}</p>
      ) : (
        hint && <p className="mt-1 text-sm text-faded">{hint}</p>
      )}
    </div>
  );
}
