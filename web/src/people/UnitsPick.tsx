import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { Units } from '../api/types';
import { remember, useMe } from './session';

type Quantity = keyof Units;

const QUANTITIES: { key: Quantity; name: string; units: [metric: string, other: string] }[] = [
  { key: 'length', name: 'Water, heights', units: ['mm', 'in'] },
  { key: 'depth', name: 'Depths', units: ['cm', 'in'] },
  { key: 'area', name: 'Areas', units: ['ha', 'ac'] },
  { key: 'temperature', name: 'Temperatures', units: ['°C', '°F'] },
  { key: 'pressure', name: 'Resistance', units: ['kPa', 'psi'] },
  { key: 'conductivity', name: 'Salinity', units: ['dS/m', 'mS/cm'] },
  { key: 'rate', name: 'Yields, lime', units: ['t/ha', 'ton/ac'] },
  { key: 'dose', name: 'Doses', units: ['kg/ha', 'lb/ac'] },
  { key: 'volume', name: 'Volumes', units: ['l', 'gal'] },
];

/** The units one reads and types in, as a set or one by one; kept with the person, on every device. */
export function UnitsPick() {
  const me = useMe();
  const queries = useQueryClient();
  const [fault, setFault] = useState<unknown>(null);

  async function choose(units: Units) {
    try {
      const kept = (await take(api.PUT('/api/session/units', { body: units }))) as Units;
      const next = { ...me, units: kept };
      remember(next);
      queries.setQueryData(keys.session, next);
      setFault(null);
      // Sentences come in one's own units: they are asked for again.
      await queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== keys.session[0] });
    } catch (error) {
      setFault(error);
    }
  }

  const all = (which: 0 | 1): Units =>
    Object.fromEntries(QUANTITIES.map((one) => [one.key, one.units[which]])) as Units;

  return (
    <section className="mt-8">
      <h2>Units</h2>
      <p className="text-faded">What you type may always carry its own unit: 3 1/2 in, 90 mm.</p>
      <div className="mt-2 flex flex-wrap gap-3">
        <button type="button" className="button" onClick={() => void choose(all(0))}>
          Metric
        </button>
        <button type="button" className="button" onClick={() => void choose(all(1))}>
          Inches and pounds
        </button>
      </div>
      <ul className="mt-3 grid gap-x-10 desk:grid-cols-2">
        {QUANTITIES.map(({ key, name, units }) => (
          <li
            key={key}
            className="flex min-h-12 items-center gap-4 border-t border-rule"
            role="group"
            aria-label={name}
          >
            <span className="flex-1">{name}</span>
            {units.map((unit) => (
              <button
                key={unit}
                type="button"
                aria-pressed={(me.units[key] ?? units[0]) === unit}
                className={`min-h-11 border-b-2 px-1 ${(me.units[key] ?? units[0]) === unit ? 'border-act font-semibold' : 'border-transparent text-faded'}`}
                onClick={() => void choose({ ...me.units, [key]: unit })}
              >
                {unit}
              </button>
            ))}
          </li>
        ))}
      </ul>
      {fault !== null && (
        <p className="text-warn" role="alert">
          {sentence(fault)}
        </p>
      )}
    </section>
  );
}
