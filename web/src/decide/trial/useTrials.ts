import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { keys } from '../../api/keys';
import { sentence } from '../../api/problem';
import type { FieldTrial } from '../../api/types';
import type { TrialBody } from './trial';

/** The trials of a field, and how one is laid out or changed. */
export function useTrials(fieldId: string) {
  const queries = useQueryClient();
  const [fault, setFault] = useState<string | null>(null);
  const trials = useQuery({
    queryKey: keys.trials(fieldId),
    queryFn: ({ signal }) =>
      take(api.GET('/api/fields/{id}/trials', { signal, params: { path: { id: fieldId } } })) as Promise<
        FieldTrial[]
      >,
  });

  async function save(id: string, body: TrialBody): Promise<boolean> {
    try {
      await take(api.PUT('/api/trials/{id}', { params: { path: { id } }, body: body as never }));
      setFault(null);
      await queries.invalidateQueries({ queryKey: ['field', fieldId] });
      await queries.invalidateQueries({ queryKey: ['visit'] });
      return true;
    } catch (error) {
      setFault(sentence(error));
      return false;
    }
  }

  return { trials, save, fault };
}
