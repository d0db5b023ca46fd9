import { useId } from 'react';
import type { ChoiceOption } from './Choice';

type Props = {
  label: string;
  options: ChoiceOption[];
  /** One word for each thing called, in the order called. */
  value: string[];
  least: number;
  onChange: (words: string[]) => void;
  error?: string | undefined;
  hint?: string | null | undefined;
};

/** Things called one after the other, such as what lies under each knot of a line: one tap each. */
export function TallyOf({ label, options, value, least, onChange, error, hint }: Props) {
  const id = useId();
  const last = options.find((option) => option.word === value.at(-1));
  return (
    <div role="group" aria-labelledby={id}>
      <p id={id} className="mb-1 font-medium">
        {label}
      </p>
      <div className="grid grid-cols-[repeat(auto-fit,minmax(7.5rem,1fr))] gap-2">
        {options.map((option) => (
          <button
            key={option.word}
            type="button"
            className="min-h-16 rounded-[10px] border-[1.5px] border-edge px-2 py-2 leading-tight"
            onClick={() => onChange([...value, option.word])}
          >
            {option.label}
            <span className="num block text-xl font-semibold">
              {value.filter((word) => word === option.word).length}
            </span>
          </button>
        ))}
      </div>
      <p className="mt-1 flex min-h-11 items-center gap-4 text-faded" role="status">
        <span>
          <span className="num">{value.length}</span> called
          {value.length < least ? `, ${least} at the least` : ''}
        </span>
        {last && (
          <button type="button" className="link min-h-11" onClick={() => onChange(value.slice(0, -1))}>
            take back the last, {last.label.toLowerCase()}
          </button>
        )}
      </p>
      {error ? <p className="text-warn">{error}</p> : hint && <p className="text-sm text-faded">{hint}</p>}
    </div>
  );
}
