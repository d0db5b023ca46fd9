import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take as taken } from '../api/client';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { TestSet } from '../api/types';
import { Fault } from '../ground/Fault';
import { TextField } from '../ground/TextField';
import { useOneTap } from '../ground/useOneTap';
import type { DayPlan } from './dayPlan';

type Props = {
  sets: TestSet[];
  form: { question: string; methods: string[]; plan: DayPlan };
  question: string;
  onTake: (set: TestSet, question: string) => void;
};

/** The practice's own sets for this question: taken with a tap, kept from what is ticked now. */
export function Sets({ sets, form, question, onTake }: Props) {
  const queries = useQueryClient();
  const [naming, setNaming] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const own = sets.filter((set) => set.question === form.question && set.version > 0);
  const keepOnce = useOneTap(keep);
  if (form.question === '' || form.methods.length === 0) return null;

  async function keep() {
    const name = (naming ?? '').trim();
    const same = own.find((set) => set.name === name);
    const tests = form.methods.map((method) => ({
      method,
      variant: form.plan.variants[method] ?? null,
      where: form.plan.where[method] ?? 'every-spot',
    }));
    try {
      await taken(
        api.PUT('/api/templates/{id}', {
          params: { path: { id: same?.id ?? `set-${newId()}` } },
          body: { name, question: form.question, use: null, tests, version: same?.version ?? 0 },
        }),
      );
      await queries.invalidateQueries({ queryKey: keys.templates });
      setNaming(null);
      setFault(null);
    } catch (problem) {
      setFault(sentence(problem));
    }
  }

  return (
    <div className="-mt-4 flex flex-wrap items-end gap-x-5 gap-y-2">
      {own.map((set) => (
        <button
          key={set.id}
          type="button"
          className="link min-h-11"
          onClick={() => onTake(set, form.question)}
        >
          Take “{set.name}”
        </button>
      ))}
      {naming === null ? (
        <button type="button" className="link min-h-11" onClick={() => setNaming(`${question}, our way`)}>
          Keep this set as our own
        </button>
      ) : (
        <>
          <TextField label="What the set is called" value={naming} onChange={setNaming} />
          <button type="button" className="button" onClick={() => void keepOnce()}>
            Keep it
          </button>
          <button type="button" className="link min-h-11" onClick={() => setNaming(null)}>
            Leave it
          </button>
        </>
      )}
      <Fault text={fault} />
    </div>
  );
}
