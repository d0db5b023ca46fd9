import type { ReactNode } from 'react';
import type { LandField, Spot } from '../api/types';
import type { Projection, XY } from '../ground/mapProjection';
import { middle } from '../ground/mapProjection';

/** A place that is known by its name. */
export function Landmark({
  at,
  name,
  children,
}: {
  at: { x: number; y: number };
  name: string;
  children: ReactNode;
}) {
  return (
    <g transform={`translate(${at.x} ${at.y})`}>
      {children}
      <text
        x="12"
        y="5"
        fontSize="13"
        fill="var(--faded)"
        stroke="var(--paper)"
        strokeWidth="5"
        paintOrder="stroke"
      >
        {name}
      </text>
    </g>
  );
}

/** Land beside the field: an edge and a name, nothing to take in hand. */
export function Neighbour({ name, outline }: { name: string; outline: XY[] }) {
  const at = middle(outline);
  return (
    <g pointerEvents="none">
      <polygon
        points={outline.map((corner) => `${corner.x},${corner.y}`).join(' ')}
        fill="none"
        stroke="var(--edge)"
        strokeWidth="1.2"
      />
      <text x={at.x} y={at.y + 4} textAnchor="middle" fontSize="13" fill="var(--faded)">
        {name}
      </text>
    </g>
  );
}

type SpotProps = {
  spot: Spot;
  kind: string;
  on: boolean;
  at: XY;
  onChoose?: (spotId: string) => void;
};

/** A spot by the shape of its zone. */
export function SpotMark({ spot, kind, on, at, onChoose }: SpotProps) {
  const shape = {
    fill: on ? 'var(--act)' : 'var(--paper)',
    stroke: on ? 'var(--act)' : 'var(--ink)',
    strokeWidth: 1.5,
  };
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`Spot ${spot.label}${spot.note ? `, ${spot.note}` : ''}`}
      className="cursor-pointer"
      onClick={(event) => {
        event.stopPropagation();
        onChoose?.(spot.id);
      }}
      onKeyDown={(event) => {
        if (event.key === 'Enter') onChoose?.(spot.id);
      }}
    >
      <circle cx={at.x} cy={at.y} r="18" fill="transparent" />
      {kind === 'reference' ? (
        <path
          d={`M${at.x} ${at.y - 15}L${at.x + 17} ${at.y}L${at.x} ${at.y + 15}L${at.x - 17} ${at.y}Z`}
          {...shape}
        />
      ) : kind === 'strip' ? (
        <rect x={at.x - 12} y={at.y - 12} width="24" height="24" rx="3" {...shape} />
      ) : (
        <circle cx={at.x} cy={at.y} r="13" {...shape} />
      )}
      <text
        x={at.x}
        y={at.y + 5}
        textAnchor="middle"
        fontSize={spot.label.length > 2 ? 10 : 14}
        fontWeight="650"
        fill={on ? 'var(--on-act)' : 'var(--ink)'}
      >
        {spot.label.length > 4 ? spot.label.slice(0, 1) : spot.label}
      </text>
    </g>
  );
}

/** A zone that is drawn: poor ground darker, good ground lighter, a strip with its edge alone. */
export function ZoneShape({
  zone,
  projection,
}: {
  zone: LandField['zones'][number];
  projection: Projection;
}) {
  const points = zone.outline.map(projection.to);
  const below = points.reduce((lowest, at) => (at.y > lowest.y ? at : lowest));
  const wide = Math.max(...points.map((at) => at.x)) - Math.min(...points.map((at) => at.x));
  return (
    <g pointerEvents="none">
      <polygon
        points={points.map((at) => `${at.x},${at.y}`).join(' ')}
        fill={zone.kind === 'poor' ? 'var(--soil-deep)' : 'var(--paper)'}
        fillOpacity={zone.kind === 'strip' ? 0.35 : 0.7}
        stroke="var(--faded)"
        strokeWidth="1.2"
        strokeDasharray={zone.kind === 'strip' ? undefined : '7 3'}
      />
      {wide > 60 && (
        <text
          x={below.x}
          y={below.y + 17}
          fontSize="14"
          textAnchor="middle"
          fill="var(--faded)"
          stroke="var(--paper)"
          strokeWidth="4"
          paintOrder="stroke"
        >
          {zone.name}
        </text>
      )}
    </g>
  );
}
