import { useId } from 'react';
import { useYardsticks } from './useYardsticks';

type Props = {
  value: string;
  /** With the school that the yardstick names; null where it is the one that ships. */
  onChange: (id: string, school: string | null) => void;
  error: string | undefined;
};

/** The yardstick a field is scored with from now on; shown once the practice has one of its own. */
export function YardstickPick({ value, onChange, error }: Props) {
  const id = useId();
  const all = useYardsticks().data ?? [];
  if (all.length < 2 && value === '') return null;
  return (
    <div>
      <label htmlFor={id} className="mb-1 block font-medium">
        Scored by
      </label>
      <select
        id={id}
        className="w-full"
        value={value}
        onChange={(event) =>
          onChange(event.target.value, all.find((one) => one.id === event.target.value)?.school ?? null)
        }
      >
        {all.map((one) => (
          <option key={one.id} value={one.shipped ? '' : one.id}>
            {one.name}
            {one.region ? `, ${one.region}` : ''}
          </option>
        ))}
      </select>
      <p className={`mt-1 text-sm ${error ? 'text-warn' : 'text-faded'}`}>
        {error ?? 'Readings keep the yardstick they were scored with.'}
      </p>
    </div>
  );
}
