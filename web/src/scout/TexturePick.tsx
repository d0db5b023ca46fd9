import { useId } from 'react';
import { TEXTURES } from './words';

type Props = { label: string; value: string; onChange: (word: string) => void; error?: string | undefined };

/** One of the twelve texture classes, or none. */
export function TexturePick({ label, value, onChange, error }: Props) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block font-medium">
        {label}
      </label>
      <select id={id} className="w-full" value={value} onChange={(event) => onChange(event.target.value)}>
        <option value="">not known yet</option>
        {TEXTURES.map((word) => (
          <option key={word} value={word}>
            {word.replaceAll('-', ' ')}
          </option>
        ))}
      </select>
      {error && <p className="mt-1 text-warn">{error}</p>}
    </div>
  );
}
