import { useSearchParams } from 'react-router';
import type { Visit } from '../api/types';

const PARTS = [
  { id: 'plan', name: 'Question and tests' },
  { id: 'sheet', name: 'Run sheet' },
  { id: 'bag', name: 'Bag' },
] as const;

export type Part = (typeof PARTS)[number]['id'];

/** Which part of the planning is open; it stands in the address. */
export function usePart(visit: Visit | null): [Part, (part: Part) => void] {
  const [search, setSearch] = useSearchParams();
  const asked = PARTS.find((one) => one.id === search.get('part'))?.id;
  const first: Part = visit?.state === 'planned' ? 'sheet' : 'plan';
  return [asked ?? first, (part) => setSearch({ part }, { replace: true })];
}

export function Parts({ part, onPart }: { part: Part; onPart: (part: Part) => void }) {
  return (
    <div className="-mt-3 flex flex-wrap gap-x-6" role="group" aria-label="Parts of the plan">
      {PARTS.map((one) => (
        <button
          key={one.id}
          type="button"
          aria-pressed={part === one.id}
          className={`min-h-11 border-b-2 font-head font-semibold ${part === one.id ? 'border-ink' : 'border-transparent text-faded'}`}
          onClick={() => onPart(one.id)}
        >
          {one.name}
        </button>
      ))}
    </div>
  );
}
