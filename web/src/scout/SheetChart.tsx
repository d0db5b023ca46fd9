import type { Method, Sheet, Spot } from '../api/types';
import { clockAt } from './plan';
import { nameOf, type Stay, staysOf, ticks, waitsOf, windowsOf } from './stays';

type Props = {
  sheet: Sheet;
  spots: Spot[];
  methods: Method[];
  startsAt: string;
  nowS: number | null;
  chosen: Stay | null;
  onChoose: (stay: Stay | null) => void;
};

const WIDTH = 800;
const LEFT = 74;
const RIGHT = 14;
const TOP = 34;
const ROW = 56;
const BAR = 22;
/** How far a window stands out over the bars. */
const WINDOW = 5;
/** A person's way through the morning, so that two are told apart without colour. */
const THREADS = ['', '7 4', '2 4'];
const CHARACTER_PX = 6.1;

/** Spots down, minutes across: who is where, what waits, and the way each person goes. */
export function SheetChart({ sheet, spots, methods, startsAt, nowS, chosen, onChoose }: Props) {
  const used = spots.filter((spot) => sheet.steps.some((step) => step.spot === spot.id));
  const rowOf = new Map(used.map((spot, i) => [spot.id, TOP + i * ROW + 12]));
  const times = ticks(sheet.totalS, 8);
  const every = (times[1] ?? 600) - (times[0] ?? 0);
  const endS = Math.ceil(sheet.totalS / every) * every;
  const x = (seconds: number) => LEFT + (seconds / endS) * (WIDTH - LEFT - RIGHT);
  const height = TOP + used.length * ROW + 6;
  const stays = staysOf(sheet.steps);
  const y = (spot: string) => rowOf.get(spot) ?? TOP;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${height}`}
      className="w-full min-w-[40rem]"
      role="group"
      aria-label="Run sheet: spots down, time across"
    >
      {times.map((at) => (
        <g key={at}>
          <line x1={x(at)} x2={x(at)} y1={TOP - 8} y2={height - 4} stroke="var(--rule)" />
          <text x={x(at)} y={TOP - 15} textAnchor="middle" fontSize="13" className="num" fill="var(--faded)">
            {clockAt(startsAt, at)}
          </text>
        </g>
      ))}
      {used.map((spot) => (
        <g key={spot.id}>
          <text
            x={LEFT - 12}
            y={y(spot.id) + 16}
            textAnchor="end"
            fontSize="14"
            fontWeight="650"
            fill="var(--ink)"
          >
            {spot.label.length > 8 ? `${spot.label.slice(0, 7)}…` : spot.label}
          </text>
          <line
            x1={LEFT}
            x2={WIDTH - RIGHT}
            y1={y(spot.id) + ROW - 14}
            y2={y(spot.id) + ROW - 14}
            stroke="var(--rule)"
          />
        </g>
      ))}
      {waitsOf(sheet.steps).map((wait) => (
        <line
          key={`${wait.spot} ${wait.fromS} ${wait.toS}`}
          x1={x(wait.fromS)}
          x2={x(wait.toS)}
          y1={y(wait.spot) + BAR / 2}
          y2={y(wait.spot) + BAR / 2}
          stroke="var(--water)"
          strokeWidth="2"
          strokeDasharray="1.5 4"
        />
      ))}
      {windowsOf(sheet.steps, methods).map((window) => (
        <rect
          key={`${window.spot} ${window.fromS} ${window.toS}`}
          x={x(window.fromS)}
          y={y(window.spot) - WINDOW}
          width={Math.max(3, x(Math.min(window.toS, endS)) - x(window.fromS))}
          height={BAR + 2 * WINDOW}
          rx="3"
          fill="var(--water)"
          fillOpacity="0.28"
        />
      ))}
      {[...new Set(stays.map((stay) => stay.person))].map((person) => (
        <polyline
          key={person}
          points={stays
            .filter((stay) => stay.person === person)
            .flatMap((stay) => [
              `${x(stay.startS)},${y(stay.spot) + BAR / 2}`,
              `${x(stay.endS)},${y(stay.spot) + BAR / 2}`,
            ])
            .join(' ')}
          fill="none"
          stroke="var(--act)"
          strokeWidth="1.4"
          strokeDasharray={THREADS[person]}
        />
      ))}
      {stays.map((stay) => (
        <StayMark
          key={`${stay.person} ${stay.startS}`}
          stay={stay}
          x={x}
          untilS={Math.min(
            endS,
            ...stays
              .filter((one) => one.spot === stay.spot && one.startS > stay.startS)
              .map((one) => one.startS),
          )}
          top={y(stay.spot)}
          methods={methods}
          words={`${clockAt(startsAt, stay.startS)}, spot ${used.find((one) => one.id === stay.spot)?.label}`}
          on={chosen?.startS === stay.startS && chosen.person === stay.person}
          onChoose={() => onChoose(stay)}
        />
      ))}
      {nowS !== null && nowS <= endS && (
        <g>
          <line
            x1={x(nowS)}
            x2={x(nowS)}
            y1={TOP - 8}
            y2={height - 4}
            stroke="var(--warn)"
            strokeWidth="1.6"
          />
          <text x={x(nowS) + 4} y={height - 6} fontSize="12" fill="var(--warn)">
            now
          </text>
        </g>
      )}
    </svg>
  );
}

type StayProps = {
  stay: Stay;
  x: (seconds: number) => number;
  /** When somebody comes to this spot again: until then there is room for words. */
  untilS: number;
  top: number;
  methods: Method[];
  words: string;
  on: boolean;
  onChoose: () => void;
};

function StayMark({ stay, x, untilS, top, methods, words, on, onChoose }: StayProps) {
  const names = [...new Set(stay.steps.map((step) => nameOf(step, methods)))];
  const wide = x(stay.endS) - x(stay.startS);
  const room = Math.floor((x(untilS) - x(stay.startS) - 6) / CHARACTER_PX);
  const label = names.join(', ');
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={`${words}: ${label}`}
      aria-pressed={on}
      className="cursor-pointer"
      onClick={onChoose}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          onChoose();
        }
      }}
    >
      <title>{label}</title>
      <rect x={x(stay.startS) - 3} y={top - 6} width={wide + 6} height={BAR + 24} fill="transparent" />
      {stay.steps.map((step) => (
        <rect
          key={`${step.step} ${step.methods.join()}`}
          x={x(step.startS)}
          y={top}
          width={Math.max(1.5, x(step.endS) - x(step.startS) - 0.7)}
          height={BAR}
          rx="2"
          fill={on ? 'var(--act)' : 'var(--ink)'}
        />
      ))}
      {room >= 4 && (
        <text x={x(stay.startS)} y={top + BAR + 15} fontSize="12" fill={on ? 'var(--act)' : 'var(--faded)'}>
          {label.length <= room ? label : `${label.slice(0, room - 1)}…`}
        </text>
      )}
    </g>
  );
}
