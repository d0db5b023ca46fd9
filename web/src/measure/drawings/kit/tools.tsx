import { range } from '../../../ground/range';
import { type At, FINE, PEN, THING } from './line';

type Turned = At & { turn?: number };

/** A spade, the edge of its blade here. */
export function Spade({ x, y, turn = 0, long = 120 }: Turned & { long?: number }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      <path d={`M-14 -46H14V-8Q8 0 0 0T-14 -8Z`} {...THING} />
      <path d={`M0 -46V${-long + 14}M-13 ${-long + 14}H13V${-long}H-13Z`} {...PEN} strokeWidth="3" />
    </g>
  );
}

/** An auger, its tip here. */
export function Auger({ x, y, turn = 0 }: Turned) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      <path d="M0 -42V-128M-26 -128H26" {...PEN} strokeWidth="3.4" />
      <path d="M0 -46C14 -44 14 -38 0 -34C-14 -30 -14 -24 0 -20C12 -17 12 -12 4 -9L0 0L-4 -9" {...PEN} />
    </g>
  );
}

/** A ruler standing, its zero at the top or at the foot. */
export function Ruler({ x, y, h, every = 10 }: At & { h: number; every?: number }) {
  return (
    <g>
      <rect x={x} y={y} width="14" height={h} {...THING} />
      {range(Math.floor(h / every)).map((i) => (
        <path
          key={i}
          d={`M${x} ${y + (i + 1) * every}h${i % 5 === 4 ? 10 : 6}`}
          {...FINE}
          stroke="var(--ink)"
        />
      ))}
    </g>
  );
}

/** A stick with a dial or a figure at its top: a cone, a thermometer, a probe. Its tip here. */
export function Stick({
  x,
  y,
  long = 110,
  tip = 'plain',
  turn = 0,
}: Turned & { long?: number; tip?: 'plain' | 'cone' | 'wet' }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      <path d={`M0 ${tip === 'cone' ? -18 : 0}V${-long}`} {...PEN} strokeWidth="4" />
      {tip === 'cone' && <path d="M-9 -20H9L0 0Z" {...PEN} fill="var(--ink)" />}
      {tip === 'wet' && <path d="M-5 -22H5V-4Q0 3 -5 -4Z" {...THING} />}
      <circle cx="0" cy={-long} r="15" {...THING} />
      <path d={`M0 ${-long}l8 -7`} {...PEN} stroke="var(--warn)" />
    </g>
  );
}

/** A meter with its figure, a lead from it. Top left corner here. */
export function Meter({ x, y, says }: At & { says: string }) {
  return (
    <g>
      <rect x={x} y={y} width="74" height="104" rx="10" {...THING} />
      <rect x={x + 9} y={y + 12} width="56" height="34" rx="4" {...FINE} />
      <text x={x + 37} y={y + 36} fontSize="20" textAnchor="middle" className="num" fill="var(--ink)">
        {says}
      </text>
      <circle cx={x + 22} cy={y + 68} r="6" {...FINE} />
      <circle cx={x + 52} cy={y + 68} r="6" {...FINE} />
    </g>
  );
}

/** A card with steps of a colour, pale to full. Top left corner here. */
export function Card({
  x,
  y,
  steps = 6,
  tint = 'var(--iron)',
  marked,
}: At & { steps?: number; tint?: string; marked?: number }) {
  return (
    <g>
      <rect x={x} y={y} width="58" height={steps * 18 + 12} rx="4" {...THING} />
      {range(steps).map((i) => (
        <rect
          key={i}
          x={x + 8}
          y={y + 8 + i * 18}
          width="28"
          height="14"
          fill={tint}
          opacity={0.15 + (0.8 * i) / Math.max(1, steps - 1)}
        />
      ))}
      {marked !== undefined && (
        <path
          d={`M${x + 42} ${y + 15 + marked * 18}h10M${x + 47} ${y + 10 + marked * 18}l-6 5 6 5`}
          {...PEN}
          stroke="var(--act)"
        />
      )}
    </g>
  );
}

/** A phone that takes a picture of what is below it. */
export function Camera({ x, y, turn = 0 }: Turned) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      <rect x="-22" y="-40" width="44" height="78" rx="7" {...THING} />
      <circle cx="0" cy="-8" r="11" {...PEN} />
      <circle cx="0" cy="-8" r="4" {...PEN} />
      <path d="M-6 29h12" {...FINE} />
    </g>
  );
}

export function Mallet({ x, y, turn = 0 }: Turned) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      <path d="M-22 -28H22V0H-22Z" {...THING} />
      <path d="M22 -14H96" {...PEN} strokeWidth="4" />
    </g>
  );
}

/** A dropper, its mouth here. */
export function Dropper({ x, y, turn = 0 }: Turned) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`}>
      <path d="M-2 0L-5 -30H5L2 0ZM-8 -30H8M-7 -32C-14 -60 14 -60 7 -32" {...THING} />
    </g>
  );
}

/** A drop that falls from here. */
export function Drop({ x, y }: At) {
  return <path d={`M${x} ${y}c6 8 6 14 0 14s-6 -6 0 -14Z`} fill="var(--water)" stroke="none" />;
}

/** A bottle tipped to pour: its mouth here. */
export function Pouring({ x, y, flip }: At & { flip?: boolean }) {
  return (
    <g transform={`translate(${x} ${y}) scale(${flip ? -1 : 1} 1) rotate(-62)`}>
      <path d="M-7 0V-16Q-22 -22 -22 -36V-84H22V-36Q22 -22 7 -16V0Z" {...THING} />
      <path
        d="M-20 -42L20 -64V-36Q22 -22 7 -16V-4L-7 -2V-16Q-20 -22 -20 -36Z"
        fill="var(--water)"
        opacity="0.4"
      />
    </g>
  );
}

/** A clock: how much of the wait has gone. */
export function Wait({ x, y, gone = 0.3, r = 20 }: At & { gone?: number; r?: number }) {
  const round = 2 * Math.PI * r;
  return (
    <g>
      <circle cx={x} cy={y} r={r} {...FINE} stroke="var(--rule)" strokeWidth="4" />
      <circle
        cx={x}
        cy={y}
        r={r}
        {...PEN}
        stroke="var(--act)"
        strokeWidth="4"
        strokeDasharray={`${(round * gone).toFixed(1)} ${round.toFixed(1)}`}
        transform={`rotate(-90 ${x} ${y})`}
      />
      <path d={`M${x} ${y}V${y - r * 0.6}M${x} ${y}l${r * 0.4} ${r * 0.2}`} {...FINE} stroke="var(--ink)" />
    </g>
  );
}

/** A notebook page that is being filled in; lines say how much. */
export function Notes({ x, y, lines = ['', '', ''] }: At & { lines?: string[] }) {
  return (
    <g>
      <rect x={x} y={y} width="104" height="120" rx="4" {...THING} />
      {lines.map((line, i) => (
        <g key={i}>
          <path d={`M${x + 12} ${y + 36 + i * 26}h80`} {...FINE} stroke="var(--rule)" />
          <text x={x + 14} y={y + 31 + i * 26} fontSize="15" className="num" fill="var(--ink)">
            {line}
          </text>
        </g>
      ))}
      <path d={`M${x + 96} ${y + 108}l34 -46 8 6 -34 46 -11 4Z`} {...THING} />
    </g>
  );
}

/** A frame laid on the ground, seen at a slant. */
export function Quadrat({ x, y, w = 150, h = 60 }: At & { w?: number; h?: number }) {
  return <path d={`M${x + 24} ${y}H${x + w}L${x + w - 24} ${y + h}H${x}Z`} {...PEN} strokeWidth="4" />;
}
