import { nameOf } from '../api/methodNames';
import type { Intervention, Method, Promised, TrendVisit } from '../api/types';
import { month, show } from '../ground/format';
import { Scrollable } from '../ground/Scrollable';
import { scale, timeScale } from '../ground/scale';
import { placeLabels } from '../season/labels';
import { BandRow, reach } from './BandRow';

type Props = {
  visits: TrendVisit[];
  done: Intervention[];
  methods: Method[];
  now: string;
  since: string | null;
  bands: Promised[];
};

const LEFT = 168;
const RIGHT = 800;
const ROW = 112;
const PEGS = 74;

/** One time axis for all methods, what was done as pegs on a ground line, every spot thin and the mean strong. */
export function TrendDrawing({ visits, done, methods, now, since, bands }: Props) {
  const ids = [...new Set(visits.flatMap((visit) => visit.scores.methods.map((method) => method.method)))];
  const dates = [
    ...visits.map((visit) => visit.day),
    ...done.map((one) => one.doneOn),
    ...bands.flatMap((band) => reach(band, visits)),
  ].map((iso) => new Date(iso));
  const time = timeScale(dates, [LEFT, RIGHT]);
  const at = (iso: string) => time(Number(new Date(iso)));
  const promised = bands.map((band, i) => ({ band, top: PEGS + 34 + i * ROW }));
  const top = PEGS + 34 + bands.length * ROW;
  const bottom = top + ids.length * ROW;
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
      <Scrollable label="All visits in time">
        <svg
          viewBox={`0 0 ${RIGHT + 20} ${bottom + 6}`}
          className="w-full min-w-[36rem]"
          role="img"
          aria-label={`Scores over ${visits.length} visits: ${ids
            .map(
              (id) =>
                `${nameOf(methods, id)} ${visits
                  .map((visit) => show(visit.scores.methods.find((one) => one.method === id)?.mean, 0))
                  .join(', ')}`,
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
          {ids.map((id, i) => (
            <Row
              key={id}
              name={nameOf(methods, id)}
              visits={visits.filter((visit) => visit.scores.methods.some((one) => one.method === id))}
              method={id}
              at={at}
              top={top + i * ROW}
            />
          ))}
        </svg>
      </Scrollable>
      <figcaption className="mt-1 text-sm text-faded">
        {bands.length > 0 &&
          'First what was promised when it was done, nine times of ten within the band, and what was read since. '}
        Then scores, 0 to 100: each thin line is a spot, the strong one their mean; pegs are what was done.
      </figcaption>
    </figure>
  );
}

function Row(props: {
  name: string;
  visits: TrendVisit[];
  method: string;
  at: (iso: string) => number;
  top: number;
}) {
  const { name, visits, method, at, top } = props;
  const rows = visits.map((visit) => ({
    x: at(visit.day),
    score: visit.scores.methods.find((one) => one.method === method),
  }));
  const all = rows.flatMap((row) => row.score?.spots.map((spot) => spot.score) ?? []);
  // The scale is the part of 0 to 100 where the spots lie, to the next ten: a flat line says little about them.
  const low = Math.max(0, Math.min(80, Math.floor((Math.min(...all) - 4) / 10) * 10));
  const high = Math.min(100, Math.max(low + 20, Math.ceil((Math.max(...all) + 4) / 10) * 10));
  const y = scale([low, high], [top + ROW - 18, top + 14], 10);
  const spots = [...new Set(rows.flatMap((row) => row.score?.spots.map((spot) => spot.spot) ?? []))];
  const ends = y.domain;
  return (
    <g>
      <path d={`M0 ${top}H${RIGHT + 10}`} stroke="var(--rule)" />
      <text x="4" y={top + 34} fontSize="16" fontWeight="600" fill="var(--ink)">
        {name}
      </text>
      <text x="4" y={top + 54} fontSize="13" fill="var(--faded)">
        score
      </text>
      {ends.map((end) => (
        <text
          key={end}
          x={LEFT - 26}
          y={y(end) + 4}
          textAnchor="end"
          fontSize="12.5"
          className="num"
          fill="var(--faded)"
        >
          {end}
        </text>
      ))}
      {spots.map((spot) => {
        const points = rows
          .map((row) => ({ x: row.x, y: row.score?.spots.find((one) => one.spot === spot)?.score }))
          .filter((point): point is { x: number; y: number } => point.y !== undefined);
        return (
          <g key={spot}>
            <path
              d={`M${points.map((point) => `${point.x} ${y(point.y)}`).join('L')}`}
              fill="none"
              stroke="var(--edge)"
              strokeWidth="1.1"
            />
            {points.map((point) => (
              <circle
                key={point.x}
                cx={point.x}
                cy={y(point.y)}
                r="3.2"
                fill="var(--paper)"
                stroke="var(--faded)"
                strokeWidth="1.1"
              />
            ))}
          </g>
        );
      })}
      <path
        d={`M${rows.map((row) => `${row.x} ${y(row.score?.mean ?? 0)}`).join('L')}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.6"
      />
      {rows.map((row) => (
        <path
          key={row.x}
          d={`M${row.x} ${y(row.score?.mean ?? 0) - 7}l5.5 7 -5.5 7 -5.5 -7Z`}
          fill="var(--ink)"
        />
      ))}
    </g>
  );
}

function pegText(one: Intervention): string {
  const text = one.note ?? one.kind.replace('-', ' ');
  return text.length > 46 ? `${text.slice(0, 45).trimEnd()}…` : text;
}
