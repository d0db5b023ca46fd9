import type { Corner } from '../api/types';
import type { Projection } from '../ground/mapProjection';

type Props = {
  ring: Corner[];
  chosen: number | null;
  projection: Projection;
  onSheet: (clientX: number, clientY: number) => { x: number; y: number };
  onChoose: (corner: number) => void;
  onMove: (corner: number, place: Corner) => void;
};

const NUDGE: Record<string, [number, number]> = {
  ArrowLeft: [-2, 0],
  ArrowRight: [2, 0],
  ArrowUp: [0, -2],
  ArrowDown: [0, 2],
};

/** Corners to drag, or to move with the arrow keys. */
export function Corners({ ring, chosen, projection, onSheet, onChoose, onMove }: Props) {
  return (
    <>
      <polygon
        points={ring
          .map(projection.to)
          .map((at) => `${at.x},${at.y}`)
          .join(' ')}
        fill="none"
        stroke="var(--act)"
        strokeWidth="1.6"
        pointerEvents="none"
      />
      {ring.map((corner, i) => {
        const at = projection.to(corner);
        return (
          <g
            key={i}
            role="button"
            tabIndex={0}
            aria-label={`Corner ${i + 1}`}
            className="cursor-move"
            onClick={(event) => event.stopPropagation()}
            onPointerDown={(event) => {
              event.stopPropagation();
              event.currentTarget.setPointerCapture(event.pointerId);
              onChoose(i);
            }}
            onPointerMove={(event) => {
              if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
              event.stopPropagation();
              onMove(i, projection.back(onSheet(event.clientX, event.clientY)));
            }}
            onKeyDown={(event) => {
              const by = NUDGE[event.key];
              if (!by) return;
              event.preventDefault();
              onChoose(i);
              onMove(i, projection.back({ x: at.x + by[0], y: at.y + by[1] }));
            }}
          >
            <circle cx={at.x} cy={at.y} r="18" fill="transparent" />
            <circle
              cx={at.x}
              cy={at.y}
              r={i === chosen ? 8 : 6}
              fill={i === chosen ? 'var(--act)' : 'var(--paper)'}
              stroke="var(--act)"
              strokeWidth="2"
            />
          </g>
        );
      })}
    </>
  );
}
