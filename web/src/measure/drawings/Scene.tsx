import { memo } from 'react';
import type { Values } from '../draft';
import { type MethodDrawing, useDrawing } from './index';

type SceneProps = { drawing: MethodDrawing; step: string; values: Values };

/** What is done at a step; drawn anew only where what it shows was typed. */
export const Scene = memo(function Scene({ drawing, step, values }: SceneProps) {
  const scene = drawing.steps[step];
  if (!scene) return null;
  return (
    <svg
      viewBox="0 0 360 200"
      className="w-full"
      role="img"
      aria-label={typeof scene.says === 'string' ? scene.says : scene.says(values)}
    >
      {typeof scene.draw === 'function' ? scene.draw(values) : scene.draw}
    </svg>
  );
});

/** A step of a judged scale. */
export function Tile({ method, field, word }: { method: string; field: string; word: string }) {
  const drawn = useDrawing(method)?.scales?.[field]?.[word];
  return (
    <svg width="60" height="44" viewBox="0 0 60 44" aria-hidden="true">
      {drawn}
    </svg>
  );
}
