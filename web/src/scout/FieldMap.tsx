import { type MouseEvent, type ReactNode, useState } from 'react';
import type { Corner, LandField, Spot } from '../api/types';
import { MapKeys } from '../ground/MapKeys';
import { North, ScaleBar } from '../ground/mapMarks';
import { boxOf, type Projection, project, scaleBar } from '../ground/mapProjection';
import { seen, useMapView } from '../ground/useMapView';
import { Landmark, Neighbour, SpotMark, ZoneShape } from './fieldMarks';

type Props = {
  outline: Corner[];
  spots?: Spot[];
  zones?: LandField['zones'];
  chosen?: string | null;
  onChoose?: (spotId: string) => void;
  /** A tap on free ground. */
  onPlace?: (at: Corner) => void;
  me?: Corner | null;
  gate?: Corner | null;
  /** Where water can be drawn. */
  water?: Corner | null;
  avoid?: Corner[][];
  /** Spots that are proposed and not set. */
  proposed?: Corner[];
  /** What is drawn on it to be dragged, over everything else. */
  over?: (
    projection: Projection,
    onSheet: (clientX: number, clientY: number) => { x: number; y: number },
  ) => ReactNode;
  /** What the sheet is laid out by, where the outline itself is being moved. */
  frame?: Corner[];
  /** Land that lies beside it, to draw by. */
  neighbours?: { name: string; outline: Corner[] }[];
  /** Where there is nothing to draw by yet. */
  empty?: ReactNode;
};

const WIDTH = 460;
const HEIGHT = 420;

/** One field, north up and to scale: its edge, its spots by zone, and where one stands. */
export function FieldMap({
  outline,
  spots = [],
  zones = [],
  chosen,
  onChoose,
  onPlace,
  me,
  gate,
  water,
  avoid = [],
  proposed = [],
  over,
  frame,
  neighbours = [],
  empty,
}: Props) {
  const map = useMapView(WIDTH, HEIGHT);
  const [under, setUnder] = useState<Corner | null>(null);
  const places = frame ?? [
    ...outline,
    ...neighbours.flatMap((one) => one.outline),
    ...spots,
    ...[me, gate, water].filter((at) => at != null),
  ];
  if (places.length === 0) {
    return (
      <div className="flex min-h-80 items-center justify-center rounded-[10px] border border-dashed border-edge p-6 text-center text-faded">
        {empty}
      </div>
    );
  }
  const projection = seen(project(boxOf(places), WIDTH, HEIGHT, 44), map.view);
  const bar = scaleBar(projection.pxPerM, 90);
  const kind = (spot: Spot) => zones.find((zone) => zone.id === spot.zoneId)?.kind ?? 'main';

  function tap(event: MouseEvent<SVGSVGElement>) {
    if (!onPlace || map.wasDrag()) return;
    onPlace(projection.back(map.onSheet(event.clientX, event.clientY)));
  }

  return (
    <div>
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: a place is also set by position or by typing it below the map */}
      <svg
        ref={map.svg}
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className={`w-full select-none ${onPlace ? 'cursor-crosshair' : map.view.zoom > 1 ? 'cursor-grab' : ''}`}
        style={{ touchAction: map.view.zoom > 1 || over ? 'none' : 'pan-y' }}
        role="group"
        aria-label="Map of the field and its spots"
        onClick={tap}
        {...map.handlers}
        onPointerMove={(event) => {
          map.handlers.onPointerMove(event);
          if (event.pointerType === 'mouse') {
            setUnder(projection.back(map.onSheet(event.clientX, event.clientY)));
          }
        }}
      >
        {neighbours.map((one) => (
          <Neighbour key={one.name} name={one.name} outline={one.outline.map(projection.to)} />
        ))}
        <polygon
          points={outline
            .map(projection.to)
            .map((at) => `${at.x},${at.y}`)
            .join(' ')}
          fill="var(--soil-deep)"
          fillOpacity="0.55"
          stroke="var(--ink)"
          strokeWidth="1.6"
        />
        {zones
          .filter((zone) => (zone.outline ?? []).length > 2)
          .map((zone) => (
            <ZoneShape key={zone.id} zone={zone} projection={projection} />
          ))}
        {avoid.map((area) => (
          <polygon
            key={JSON.stringify(area[0])}
            points={area
              .map(projection.to)
              .map((at) => `${at.x},${at.y}`)
              .join(' ')}
            fill="var(--paper)"
            stroke="var(--edge)"
            strokeDasharray="3 4"
          />
        ))}
        {gate && proposed.length > 0 && (
          <polyline
            points={[gate, ...proposed]
              .map(projection.to)
              .map((at) => `${at.x},${at.y}`)
              .join(' ')}
            fill="none"
            stroke="var(--act)"
            strokeWidth="1.5"
            strokeDasharray="6 5"
          />
        )}
        {gate && (
          <Landmark at={projection.to(gate)} name="gate">
            <rect x="-7" y="-7" width="14" height="14" fill="var(--ink)" />
          </Landmark>
        )}
        {water && (
          <Landmark at={projection.to(water)} name="water">
            <path d="M0-10C4-4 7-1 7 3a7 7 0 0 1-14 0c0-4 3-7 7-13z" fill="var(--act)" />
          </Landmark>
        )}
        {proposed.map((spot, i) => {
          const at = projection.to(spot);
          return (
            <g key={`${spot.lat} ${spot.lon}`}>
              <circle
                cx={at.x}
                cy={at.y}
                r="12"
                fill="var(--paper)"
                stroke="var(--act)"
                strokeWidth="1.5"
                strokeDasharray="3 3"
              />
              <text
                x={at.x}
                y={at.y + 5}
                textAnchor="middle"
                fontSize="13"
                fontWeight="650"
                fill="var(--act)"
              >
                {i + 1}
              </text>
            </g>
          );
        })}
        {spots
          .filter((spot) => spot.retiredOn === null)
          .map((spot) => (
            <SpotMark
              key={spot.id}
              spot={spot}
              kind={kind(spot)}
              on={spot.id === chosen}
              at={projection.to(spot)}
              onChoose={onChoose}
            />
          ))}
        {me && (
          <g transform={`translate(${projection.to(me).x} ${projection.to(me).y})`}>
            <circle r="9" fill="none" stroke="var(--act)" strokeWidth="2" />
            <circle r="3" fill="var(--act)" />
          </g>
        )}
        {over?.(projection, map.onSheet)}
        <ScaleBar x={16} y={HEIGHT - 18} m={bar.m} px={bar.px} />
        <North x={24} y={20} />
      </svg>
      <div className="-mt-2 flex min-h-11 items-center gap-3">
        <MapKeys {...map} zoom={map.view.zoom} />
        {under && (
          <p className="num ml-auto text-sm text-faded" aria-hidden="true">
            {under.lat.toFixed(5)}, {under.lon.toFixed(5)}
          </p>
        )}
      </div>
    </div>
  );
}
