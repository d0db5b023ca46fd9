import { type PointerEvent, useCallback, useEffect, useRef, useState } from 'react';
import type { Projection, XY } from './mapProjection';

/** How far a map is drawn out, and by how much it is moved, in units of its sheet. */
export type View = { zoom: number; dx: number; dy: number };

export const WHOLE: View = { zoom: 1, dx: 0, dy: 0 };
const FARTHEST = 40;
const A_TAP_PX = 6;

/** Nearer or farther about a point that stays where it is. */
export function zoomed(view: View, by: number, about: XY): View {
  const zoom = Math.min(FARTHEST, Math.max(1, view.zoom * by));
  if (zoom === 1) return WHOLE;
  const real = zoom / view.zoom;
  return { zoom, dx: about.x - (about.x - view.dx) * real, dy: about.y - (about.y - view.dy) * real };
}

/** Where things are on the map as it is looked at; marks keep their size. */
export function seen(base: Projection, view: View): Projection {
  return {
    pxPerM: base.pxPerM * view.zoom,
    to: (place) => {
      const at = base.to(place);
      return { x: at.x * view.zoom + view.dx, y: at.y * view.zoom + view.dy };
    },
    back: (at) => base.back({ x: (at.x - view.dx) / view.zoom, y: (at.y - view.dy) / view.zoom }),
  };
}

/** A map moved by finger, wheel and keys: drag to pan, pinch or wheel to zoom. */
export function useMapView(width: number, height: number) {
  const [view, setView] = useState<View>(WHOLE);
  const svg = useRef<SVGSVGElement | null>(null);
  const fingers = useRef(new Map<number, XY>());
  const moved = useRef(0);

  const onSheet = useCallback(
    (clientX: number, clientY: number): XY => {
      const box = svg.current?.getBoundingClientRect();
      if (!box || box.width === 0) return { x: 0, y: 0 };
      return {
        x: ((clientX - box.left) / box.width) * width,
        y: ((clientY - box.top) / box.height) * height,
      };
    },
    [width, height],
  );

  // React's own wheel listener may not keep the page from scrolling.
  useEffect(() => {
    const element = svg.current;
    if (!element) return;
    const wheel = (event: WheelEvent) => {
      if (!event.ctrlKey && !event.metaKey && !element.contains(document.activeElement)) return;
      event.preventDefault();
      const about = onSheet(event.clientX, event.clientY);
      setView((before) => zoomed(before, 1.0015 ** -event.deltaY, about));
    };
    element.addEventListener('wheel', wheel, { passive: false });
    return () => element.removeEventListener('wheel', wheel);
  }, [onSheet]);

  const handlers = {
    onPointerDown: (event: PointerEvent<SVGSVGElement>) => {
      if (fingers.current.size === 0) moved.current = 0;
      fingers.current.set(event.pointerId, onSheet(event.clientX, event.clientY));
    },
    onPointerMove: (event: PointerEvent<SVGSVGElement>) => {
      const before = fingers.current.get(event.pointerId);
      if (!before) return;
      const now = onSheet(event.clientX, event.clientY);
      const other = [...fingers.current].find(([id]) => id !== event.pointerId)?.[1];
      moved.current += Math.hypot(now.x - before.x, now.y - before.y);
      fingers.current.set(event.pointerId, now);
      if (other) {
        const apart = (a: XY) => Math.max(10, Math.hypot(a.x - other.x, a.y - other.y));
        setView((at) => zoomed(at, apart(now) / apart(before), other));
      } else if (moved.current > A_TAP_PX) {
        setView((at) =>
          at.zoom === 1 ? at : { ...at, dx: at.dx + now.x - before.x, dy: at.dy + now.y - before.y },
        );
      }
    },
    onPointerUp: (event: PointerEvent<SVGSVGElement>) => fingers.current.delete(event.pointerId),
    onPointerCancel: (event: PointerEvent<SVGSVGElement>) => fingers.current.delete(event.pointerId),
    onPointerLeave: (event: PointerEvent<SVGSVGElement>) => fingers.current.delete(event.pointerId),
  };

  const middle = { x: width / 2, y: height / 2 };
  return {
    view,
    svg,
    handlers,
    onSheet,
    /** Whether what just ended was a drag and not a tap. */
    wasDrag: () => moved.current > A_TAP_PX,
    nearer: () => setView((at) => zoomed(at, 1.6, middle)),
    farther: () => setView((at) => zoomed(at, 1 / 1.6, middle)),
    whole: () => setView(WHOLE),
    pan: (dx: number, dy: number) =>
      setView((at) => (at.zoom === 1 ? at : { ...at, dx: at.dx + dx, dy: at.dy + dy })),
  };
}
