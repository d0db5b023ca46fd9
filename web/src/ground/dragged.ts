import type { KeyboardEvent, PointerEvent } from 'react';

type Axis = {
  /** The value under a place of the drawing, in its own coordinates. */
  at: (x: number, y: number) => number;
  value: number;
  min: number;
  max: number;
  step: number;
  /** Down on the page is more: depth; otherwise up is more. */
  downward?: boolean;
  onMove: (value: number) => void;
};

/** A mark that is dragged with a finger or moved with the arrow keys; what it is called is the caller's. */
export function dragged({ at, value, min, max, step, downward, onMove }: Axis) {
  const within = (to: number) =>
    onMove(Number(Math.min(max, Math.max(min, Math.round(to / step) * step)).toFixed(3)));
  const up = downward ? -step : step;
  const keys: Record<string, number> = {
    ArrowUp: up,
    ArrowDown: -up,
    ArrowRight: step,
    ArrowLeft: -step,
    PageUp: 10 * up,
    PageDown: -10 * up,
  };
  return {
    role: 'slider',
    tabIndex: 0,
    'aria-valuenow': value,
    'aria-valuemin': min,
    'aria-valuemax': max,
    'aria-orientation': 'vertical' as const,
    style: { touchAction: 'none', cursor: 'ns-resize' },
    onPointerDown: (event: PointerEvent<SVGElement>) =>
      event.currentTarget.setPointerCapture(event.pointerId),
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      if (event.buttons === 0) return;
      const svg = event.currentTarget.ownerSVGElement;
      const box = svg?.getBoundingClientRect();
      const view = svg?.viewBox.baseVal;
      if (!box || !view || box.width === 0) return;
      within(
        at(
          ((event.clientX - box.left) / box.width) * view.width,
          ((event.clientY - box.top) / box.height) * view.height,
        ),
      );
    },
    onKeyDown: (event: KeyboardEvent<SVGElement>) => {
      const by = keys[event.key];
      if (by === undefined) return;
      event.preventDefault();
      within(value + by);
    },
  };
}
