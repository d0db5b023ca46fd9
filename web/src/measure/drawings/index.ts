import type { ComponentType } from 'react';
import type { Evaluation } from '../../api/types';
import type { Values } from '../draft';

/** What is drawn for a method: its steps, the steps of its judged scales, its result. Each part may be missing. */
export type MethodDrawing = {
  method: string;
  StepDrawing?: ComponentType<{ step: string; values: Values }>;
  OptionDrawing?: ComponentType<{ field: string; word: string }>;
  ResultDrawing?: ComponentType<{ evaluation: Evaluation }>;
};

// One file a method, found by being here: no list to edit.
const files = import.meta.glob<{ default: MethodDrawing }>(['./*.tsx', '!./*.test.tsx'], { eager: true });
const byMethod = new Map(Object.values(files).map((file) => [file.default.method, file.default]));

export function drawingOf(method: string): MethodDrawing | undefined {
  return byMethod.get(method);
}
