import { useState } from 'react';
import type { Method } from '../api/types';
import { useMethods } from '../api/useMethods';

type Target = { word: string; name: string };

const PLACES: Target[] = [
  { word: 'field', name: 'field' },
  { word: 'day', name: 'day' },
  { word: 'spot', name: 'spot' },
  { word: 'note', name: 'note' },
];

const OF_READINGS: Target[] = [
  ...PLACES,
  { word: 'method', name: 'method' },
  { word: 'entered', name: 'what was entered, as JSON' },
  { word: 'variant', name: 'way of doing it' },
  { word: 'repeat_number', name: 'repeat' },
  { word: 'taken_at', name: 'time it was taken' },
  { word: 'id', name: 'id' },
  { word: 'visit_id', name: 'id of the visit' },
  { word: 'spot_id', name: 'id of the spot' },
  { word: 'sample_id', name: 'id of the sample' },
];

/** What a column of a laboratory's sheet may stand for: its quantities with their units. */
export function ofLaboratory(methods: Method[]): Target[] {
  const fields = methods.find((one) => one.id === 'laboratory')?.fields ?? [];
  const quantities = fields.flatMap((field) =>
    field.fields.length > 0
      ? field.fields.map((one) => ({ word: `${field.key}.${one.key}`, name: `${field.label}: ${one.label}` }))
      : [{ word: field.key, name: field.unit ? `${field.label}, ${field.unit}` : field.label }],
  );
  return [{ word: 'sample', name: 'sample: id, label or code' }, ...PLACES, ...quantities];
}

type Props = {
  kind: 'readings' | 'laboratory';
  columns: Record<string, string>;
  onMatch: (columns: Record<string, string>) => void;
};

/** Which column is what; remembered for the next file with these headings. */
export function Columns({ kind, columns, onMatch }: Props) {
  const methods = useMethods();
  const targets = kind === 'readings' ? OF_READINGS : ofLaboratory(methods.data ?? []);
  const [said, setSaid] = useState(columns);
  const touched = Object.keys(columns).some((one) => said[one] !== columns[one]);
  return (
    <div className="max-w-[36rem]">
      <p className="font-medium">What each column is</p>
      <ul>
        {Object.keys(columns).map((heading) => (
          <li
            key={heading}
            className="grid grid-cols-[1fr_1.4fr] items-center gap-x-4 border-t border-rule py-1"
          >
            <span>{heading}</span>
            <select
              aria-label={`Column ${heading}`}
              value={said[heading] ?? ''}
              onChange={(event) => setSaid({ ...said, [heading]: event.target.value })}
            >
              <option value="">not read</option>
              {targets.map((one) => (
                <option key={one.word} value={one.word}>
                  {one.name}
                </option>
              ))}
              {said[heading] && !targets.some((one) => one.word === said[heading]) && (
                <option value={said[heading]}>{said[heading]}</option>
              )}
            </select>
          </li>
        ))}
      </ul>
      {touched && (
        <button type="button" className="button mt-2" onClick={() => onMatch(said)}>
          Read it so
        </button>
      )}
    </div>
  );
}
