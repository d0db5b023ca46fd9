import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { newId } from '../api/ids';
import { sentence } from '../api/problem';
import type { LandField, Zone } from '../api/types';
import { knowZone } from '../device/known';
import { save } from '../device/save';
import { useOneTap } from '../ground/useOneTap';
import { useMe } from '../people/session';
import { type Lacking, lackingOf } from './asked';

type Props = {
  field: LandField;
  question: string;
  where: Record<string, string>;
  /** The map waits for a spot in this zone. */
  onSet: (zoneId: string) => void;
};

const NAMES = { poor: 'poor patch', good: 'good patch', reference: 'undisturbed reference' };

/** The spots a question still lacks, each set with one press and a tap on the map. */
export function SpotsAsked({ field, question, where, onSet }: Props) {
  const me = useMe();
  const queries = useQueryClient();
  const [fault, setFault] = useState<string | null>(null);
  const lacking = lackingOf(field, question, where);

  const setOnce = useOneTap(set);

  async function set(one: Lacking) {
    try {
      setFault(null);
      onSet(one.zone?.id ?? (await begin(one)));
    } catch (error) {
      setFault(sentence(error));
    }
  }

  async function begin(one: Lacking): Promise<string> {
    const id = newId();
    const fresh = {
      fieldId: field.id,
      name: NAMES[one.kind],
      kind: one.kind,
      texture: null,
      clayPercent: null,
      outline: [],
      version: 0,
    };
    const path = `/api/zones/${id}`;
    const saved = await save<Zone>({
      person: me.id,
      path,
      was: null,
      is: fresh,
      label: `${fresh.name}, ${field.name}`,
    });
    knowZone(queries, field, saved.kept ? { ...fresh, id } : saved.stands);
    return id;
  }

  if (lacking.length === 0) return null;
  return (
    <ul className="-mt-3 grid gap-2" aria-label="Spots this asks for">
      {lacking.map((one) => (
        <li key={one.kind} className="flex flex-wrap items-center gap-x-5 gap-y-1">
          <span className="text-warn">{one.text}</span>
          <button type="button" className="button" onClick={() => void setOnce(one)}>
            Set it on the map
          </button>
        </li>
      ))}
      {fault && (
        <li className="text-warn" role="alert">
          {fault}
        </li>
      )}
    </ul>
  );
}
