import { RadioGroup } from 'radix-ui';
import { type ReactNode, useId } from 'react';

export type ChoiceOption = { word: string; label: string; sentence?: string | null; drawing?: ReactNode };

type Props = {
  label: string;
  options: ChoiceOption[];
  value: string | null;
  onChange: (word: string) => void;
  error?: string | undefined;
  hint?: string | null | undefined;
  hideLabel?: boolean;
  /** May be left open again: a second tap takes the choice back. */
  optional?: boolean;
};

/** A judged scale: a row of drawings and words to tap, never a drop-down. */
export function Choice({ label, options, value, onChange, error, hint, hideLabel, optional }: Props) {
  const id = useId();
  const drawn = options.some((option) => option.drawing);
  const chosen = options.find((option) => option.word === value);
  return (
    <div>
      <p id={id} className={hideLabel ? 'sr-only' : 'mb-1 font-medium'}>
        {label}
      </p>
      <RadioGroup.Root
        aria-labelledby={id}
        aria-describedby={error ? `${id}-fault` : undefined}
        value={value ?? ''}
        onValueChange={onChange}
        className={`grid gap-2 ${drawn ? 'grid-cols-[repeat(auto-fill,minmax(4.8rem,1fr))]' : 'grid-cols-[repeat(auto-fit,minmax(7.5rem,1fr))]'}`}
      >
        {options.map((option) => (
          <RadioGroup.Item
            key={option.word}
            value={option.word}
            onClick={() => optional && option.word === value && onChange('')}
            className={`flex min-h-14 flex-col items-center justify-center gap-1 rounded-[10px] border-[1.5px] px-2 py-2 text-center leading-tight ${
              option.word === value
                ? 'border-act bg-act font-semibold text-on-act'
                : error
                  ? 'border-warn text-ink'
                  : 'border-edge text-ink'
            }`}
          >
            {option.drawing && (
              <span className="rounded-md bg-paper text-ink" aria-hidden="true">
                {option.drawing}
              </span>
            )}
            <span>{option.label}</span>
          </RadioGroup.Item>
        ))}
      </RadioGroup.Root>
      {error ? (
        <p id={`${id}-fault`} className="mt-1 text-warn">
          {error}
        </p>
      ) : (
        (chosen?.sentence || hint) && <p className="mt-1 text-sm text-faded">{chosen?.sentence ?? hint}</p>
      )}
    </div>
  );
}
