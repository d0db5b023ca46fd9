import { type Query, useQueryClient } from '@tanstack/react-query';
import { type ReactNode, useEffect, useState } from 'react';
import { keys } from '../../api/keys';
import type { Units } from '../../api/types';
import { setMyUnits } from '../../ground/myUnits';
import { useMe } from '../../people/session';

type Props = { units: Units; children: ReactNode };

/** What stands in it is read in these units, sentences too; every other page goes by one's own again. */
export function InUnits({ units, children }: Props) {
  const me = useMe();
  const queries = useQueryClient();
  const [stands, setStands] = useState<Units | null>(null);
  const own = sameUnits(units, me.units);

  useEffect(() => {
    // Sentences come in the units of the moment: they are asked for again.
    const sentences = { predicate: (query: Query) => query.queryKey[0] !== keys.session[0] };
    setMyUnits(units);
    if (!own) queries.removeQueries({ ...sentences, type: 'inactive' });
    setStands(units);
    return () => {
      if (!own) void queries.invalidateQueries(sentences);
    };
  }, [units, own, queries]);

  return stands === units ? children : null;
}

export function sameUnits(one: Units, other: Units): boolean {
  return (Object.keys(one) as (keyof Units)[]).every((key) => one[key] === other[key]);
}
