import { type ComponentType, type ReactNode, useEffect, useState } from 'react';
import type { Evaluation, Reading } from '../../api/types';
import type { Values } from '../draft';

/** What the hands do at a step, for eyes and, in words, for those who do not see it; it may show what was typed so far. */
export type StepScene = {
  says: string | ((values: Values) => string);
  draw: ReactNode | ((values: Values) => ReactNode);
};

/** What came of a reading, what was typed or kept for it, and what else was read at this place. */
export type ResultProps = { evaluation: Evaluation; values: Values; others: Reading[] };

/** What is drawn for a method: each step on 360 × 200, each step of a judged scale on 60 × 44, its result. */
export type MethodDrawing = {
  steps: Record<string, StepScene>;
  scales?: Record<string, Record<string, ReactNode>>;
  ResultDrawing?: ComponentType<ResultProps>;
};

// One file a method, named by it and found by being here; fetched with the method, kept by the installed page.
const files = import.meta.glob<{ default: MethodDrawing }>(['./*.tsx', '!./*.test.tsx']);
const here = new Map<string, MethodDrawing>();

export async function loadDrawing(method: string): Promise<MethodDrawing | undefined> {
  const known = here.get(method);
  if (known) return known;
  const file = await files[`./${method}.tsx`]?.();
  if (file) here.set(method, file.default);
  return file?.default;
}

/** A method's drawing, once it is here; the bench goes on without. */
export function useDrawing(method: string): MethodDrawing | undefined {
  const [, setLoaded] = useState('');
  useEffect(() => {
    let gone = false;
    // A part that cannot be fetched without a signal is only a picture.
    loadDrawing(method).then(
      () => !gone && setLoaded(method),
      () => {},
    );
    return () => {
      gone = true;
    };
  }, [method]);
  return here.get(method);
}
