import { memo } from 'react';
import type { Values } from '../draft';
import { type MethodDrawing, useDrawing } from './index';

type SceneProps = { drawing: MethodDrawing | undefined; step: string; values: Values };

const VIEW = '0 0 360 200';

/** What is done at a step; drawn anew only where what it shows was typed. Its room is there before it is: no button moves off from under a thumb. */
export const Scene = memo(function Scene({ drawing, step, values }: SceneProps) {
  if (!drawing) return <svg viewBox={VIEW} className="w-full" aria-hidden="true" />;
  const scene = drawing.steps[step];
  if (!scene) return null;
  return (
    <svg
      viewBox={VIEW}
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
