import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { keys } from '../../api/keys';
import { sentence } from '../../api/problem';
import type { FieldPlan, PlanStep, PriceList } from '../../api/types';

/** The plan of a field, saved whole; the one before is a press away. */
export function usePlan(fieldId: string) {
  const queries = useQueryClient();
  const [before, setBefore] = useState<PlanStep[] | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const plan = useQuery({
    queryKey: keys.plan(fieldId),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/fields/{id}/plan', { signal, params: { path: { id: fieldId } } }),
      ) as Promise<FieldPlan>,
  });

  async function save(steps: PlanStep[], undoable = true) {
    if (!plan.data) return;
    const { version, steps: was } = plan.data;
    try {
      const saved = (await take(
        api.PUT('/api/fields/{id}/plan', {
          params: { path: { id: fieldId } },
          body: { version, steps },
        }),
      )) as FieldPlan;
      queries.setQueryData(keys.plan(fieldId), saved);
      setBefore(undoable ? was : null);
      setFault(null);
      await queries.invalidateQueries({ queryKey: keys.interventions(fieldId) });
    } catch (error) {
      setFault(sentence(error));
      await queries.invalidateQueries({ queryKey: keys.plan(fieldId) });
    }
  }

  return { plan, save, fault, undo: before && (() => save(before, false)) };
}

export function usePrices() {
  return useQuery({
    queryKey: keys.prices,
    queryFn: ({ signal }) => take(api.GET('/api/prices', { signal })) as Promise<PriceList>,
  });
}
