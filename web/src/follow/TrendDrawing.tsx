import type { Intervention, Promised } from '../api/types';
import { month, show } from '../ground/format';
import { Scrollable } from '../ground/Scrollable';
import { scale, timeScale } from '../ground/scale';
import { placeLabels } from '../season/labels';
import { BandRow, reach } from './BandRow';
import type { Line, TrendRow } from './trendRows';

type Props = {
  rows: TrendRow[];
  visits: { visitId: string; day: string }[];
  done: Intervention[];
  now: string;
  since: string | null;
  bands: Promised[];
  /** Names of the zones whose means are drawn together. */
  zones?: Map<string, string>;
  /** What the figures are. */
  caption: string;
};

const LEFT = 168;
const RIGHT = 800;
const ROW = 112;
const PEGS = 74;

/** One time axis for all methods, what was done as pegs on a ground line, every spot thin and the mean strong. */
export function TrendDrawing({ rows, visits, done, now, since, bands, zones, caption }: Props) {
  const dates = [
    ...visits.map((visit) => visit.day),
    ...done.map((one) => one.doneOn),
    ...bands.flatMap((band) => reach(band, visits)),
  ].map((iso) => new Date(iso));
  const orderOf = (zone: string) => (zones ? [...zones.keys()].indexOf(zone) : 0);
  const time = timeScale(dates, [LEFT, RIGHT]);
  const at = (iso: string) => time(Number(new Date(iso)));
  const promised = bands.map((band, i) => ({ band, top: PEGS + 34 + i * ROW }));
  const top = PEGS + 34 + bands.length * ROW;
  const bottom = top + rows.length * ROW;
  const pegs = placeLabels(
    done.map((one) => ({
      id: one.id,
      x: Math.min(at(one.doneOn) + 7, RIGHT - 260),
      y: 8,
      width: pegText(one).length * 6.9 + 10,
      height: 18,
    })),
    { width: RIGHT + 20, height: PEGS - 12 },
  );
  return (
    <figure>
      {zones && (
        <ul className="mb-2 flex flex-wrap gap-x-6 text-sm" aria-label="Zones">
          {[...zones].map(([id, name], i) => (
            <li key={id} className="flex items-center gap-2">
              <svg width="44" height="14" aria-hidden="true">
                <Mean line={{ id, points: [] }} order={i} places={[4, 40].map((x) => ({ x, y: 7 }))} />
              </svg>
              {name}
            </li>
          ))}
        </ul>
      )}
      <Scrollable label="All visits in time">
        <svg
          viewBox={`0 0 ${RIGHT + 20} ${bottom + 6}`}
          className="w-full min-w-[36rem]"
          role="img"
          aria-label={`Through ${visits.length} visits: ${rows
            .map(
              (row) => `${row.name} ${row.means[0]?.points.map((point) => show(point.value, 1)).join(', ')}`,
            )
            .join('; ')}`}
        >
          <path d={`M${LEFT - 20} ${PEGS}H${RIGHT + 10}`} stroke="var(--ink)" strokeWidth="1.8" />
          {done.map((one) => {
            const label = pegs.find((peg) => peg.id === one.id);
            return (
              <g key={one.id}>
                <path
                  d={`M${at(one.doneOn)} ${PEGS}V${(label?.y ?? 8) + 12}`}
                  stroke="var(--ink)"
                  strokeWidth="1.6"
                />
                <circle cx={at(one.doneOn)} cy={(label?.y ?? 8) + 10} r="4" fill="var(--ink)" />
                <text x={label?.x} y={(label?.y ?? 8) + 15} fontSize="13.5" fill="var(--ink)">
                  {pegText(one)}
                </text>
              </g>
            );
          })}
          {visits.map((visit) => (
            <g key={visit.visitId}>
              <path
                d={`M${at(visit.day)} ${PEGS + 26}V${bottom}`}
                stroke={visit.visitId === now || visit.visitId === since ? 'var(--edge)' : 'var(--rule)'}
                strokeWidth={visit.visitId === now || visit.visitId === since ? 1.6 : 1}
              />
              <text
                x={at(visit.day)}
                y={PEGS + 18}
                textAnchor="middle"
                fontSize="13"
                className="num"
                fill="var(--faded)"
              >
                {month(visit.day)}
              </text>
            </g>
          ))}
          {promised.map(({ band, top: from }) => (
            <BandRow
              key={`${band.intervention} ${band.measure}`}
              band={band}
              at={at}
              top={from}
              to={RIGHT}
              left={LEFT}
              height={ROW}
            />
          ))}
          {rows.map((row, i) => (
            <Row key={row.id} row={row} at={at} top={top + i * ROW} orderOf={orderOf} />
          ))}
        </svg>
      </Scrollable>
      <figcaption className="mt-1 text-sm text-faded">
        {bands.length > 0 &&
          'First what was promised when it was done, nine times of ten within the band, and what was read since. '}
        {bands.length > 0 ? `Then ${caption}` : `${caption.charAt(0).toUpperCase()}${caption.slice(1)}`}; pegs
        are what was done.
      </figcaption>
    </figure>
  );
}

type RowProps = {
  row: TrendRow;
  at: (iso: string) => number;
  top: number;
  /** The same zone has the same stroke in every row, whichever zones lack it. */
  orderOf: (zone: string) => number;
};

function Row({ row, at, top, orderOf }: RowProps) {
  const y = scale(row.ends, [top + ROW - 18, top + 14]);
  const placed = (line: Line) => line.points.map((point) => ({ x: at(point.day), y: y(point.value) }));
  return (
    <g>
      <path d={`M0 ${top}H${RIGHT + 10}`} stroke="var(--rule)" />
      <text x="4" y={top + 34} fontSize="16" fontWeight="600" fill="var(--ink)">
        {row.name}
      </text>
      {row.said.map((words, i) => (
        <text key={words} x="4" y={top + 54 + i * 17} fontSize="13" fill="var(--faded)">
          {words}
        </text>
      ))}
      {row.ends.map((end) => (
        <text
          key={end}
          x={LEFT - 16}
          y={y(end) + 4}
          textAnchor="end"
          fontSize="12.5"
          className="num"
          fill="var(--faded)"
        >
          {end}
        </text>
      ))}
      {row.spots.map((spot) => (
        <g key={spot.id}>
          <path
            d={`M${placed(spot)
              .map((point) => `${point.x} ${point.y}`)
              .join('L')}`}
            fill="none"
            stroke="var(--edge)"
            strokeWidth="1.1"
          />
          {placed(spot).map((point) => (
            <circle
              key={point.x}
              cx={point.x}
              cy={point.y}
              r="3.2"
              fill="var(--paper)"
              stroke="var(--faded)"
              strokeWidth="1.1"
            />
          ))}
        </g>
      ))}
      {/* The zone that is looked at lies over the others. */}
      {row.means
        .map((line) => <Mean key={line.id} line={line} order={orderOf(line.id)} places={placed(line)} />)
        .reverse()}
    </g>
  );
}

const DASHES = [undefined, '9 4', '2 4', '12 3 2 3', '5 3'];

/** The first strong and filled, each other in a stroke of its own. */
function Mean({ line, order, places }: { line: Line; order: number; places: { x: number; y: number }[] }) {
  return (
    <g data-zone={line.id}>
      <path
        d={`M${places.map((point) => `${point.x} ${point.y}`).join('L')}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth={order === 0 ? 2.6 : 1.5}
        strokeDasharray={DASHES[order % DASHES.length]}
      />
      {places.map((point) => (
        <path
          key={point.x}
          d={
            order === 0
              ? `M${point.x} ${point.y - 7}l5.5 7 -5.5 7 -5.5 -7Z`
              : `M${point.x} ${point.y - 4}l4 4 -4 4 -4 -4Z`
          }
          fill={order === 0 ? 'var(--ink)' : 'var(--paper)'}
          stroke="var(--ink)"
          strokeWidth={order === 0 ? 0 : 1.3}
        />
      ))}
    </g>
  );
}

function pegText(one: Intervention): string {
  const text = one.note ?? one.kind.replace('-', ' ');
  return text.length > 46 ? `${text.slice(0, 45).trimEnd()}…` : text;
}
