import { sayMine } from '../../../ground/myUnits';
import { range } from '../../../ground/range';
import { type At, FINE, MOVE, PEN, ROOT } from './line';

/** The surface, with the soil under it hinted at. */
export function Ground({ y = 60, from = 10, to = 350 }: { y?: number; from?: number; to?: number }) {
  const middle = (from + to) / 2;
  return (
    <>
      <rect
        x={from}
        y={y}
        width={to - from}
        height={Math.max(0, 196 - y)}
        fill="var(--soil-deep)"
        opacity="0.45"
      />
      <path d={`M${from} ${y}Q${(from + middle) / 2} ${y - 2.5} ${middle} ${y}T${to} ${y}`} {...PEN} />
    </>
  );
}

/** A board, a tailgate, a kitchen table. */
export function Table({ y = 172 }: { y?: number }) {
  return <path d={`M10 ${y}H350`} {...PEN} />;
}

export function Grass({ x, y, blades = 4, tall = 16 }: At & { blades?: number; tall?: number }) {
  return (
    <path
      d={range(blades)
        .map(
          (i) =>
            `M${x + i * 6} ${y}q${i % 2 ? 4 : -3} ${-tall * 0.6} ${i % 2 ? 5 : -5} ${-tall * (0.8 + (i % 3) * 0.15)}`,
        )
        .join('')}
      {...PEN}
      stroke="var(--holding)"
    />
  );
}

/** Roots hanging from the surface, each to its own depth. */
export function Roots({
  x,
  y,
  width,
  depth,
  count = 7,
}: At & { width: number; depth: number; count?: number }) {
  return (
    <path
      d={range(count)
        .map((i) => {
          const down = depth * (0.55 + ((i * 7) % 10) / 20);
          return `M${x + (i * width) / Math.max(1, count - 1)} ${y}q${i % 2 ? 5 : -5} ${down / 2} ${i % 2 ? -1 : 1} ${down}`;
        })
        .join('')}
      {...ROOT}
    />
  );
}

/** A plant with leaves in pairs; from the bottom up. */
export function Plant({
  x,
  y,
  tall = 70,
  pairs = 3,
  lean = 0,
}: At & { tall?: number; pairs?: number; lean?: number }) {
  const step = tall / (pairs + 0.6);
  return (
    <g {...PEN} stroke="var(--holding)">
      <path d={`M${x} ${y}q${lean / 2} ${-tall / 2} ${lean} ${-tall}`} />
      {range(pairs).map((i) => {
        const at = y - (i + 0.8) * step;
        const long = 20 - i * 3;
        return (
          <path
            key={i}
            d={`M${x + (lean * (i + 1)) / (pairs + 1)} ${at}q${-long * 0.5} ${-long * 0.7} ${-long} ${-2}q${long * 0.5} ${6} ${long} 2q${long * 0.5} ${-long * 0.7} ${long} ${-2}q${-long * 0.5} 6 ${-long} 2`}
            fill="var(--lift)"
          />
        );
      })}
    </g>
  );
}

/** What moves, and where to. */
export function Arrow({
  from,
  to,
  bend = 0,
}: {
  from: [number, number];
  to: [number, number];
  bend?: number;
}) {
  const [x1, y1] = from;
  const [x2, y2] = to;
  const long = Math.hypot(x2 - x1, y2 - y1) || 1;
  const cx = (x1 + x2) / 2 - ((y2 - y1) / long) * bend;
  const cy = (y1 + y2) / 2 + ((x2 - x1) / long) * bend;
  const a = Math.atan2(y2 - cy, x2 - cx);
  const head = [a + 2.6, a - 2.6].map(
    (b) => `${(x2 + 10 * Math.cos(b)).toFixed(1)} ${(y2 + 10 * Math.sin(b)).toFixed(1)}`,
  );
  return (
    <path
      d={`M${x1} ${y1}Q${cx.toFixed(1)} ${cy.toFixed(1)} ${x2} ${y2}M${head[0]}L${x2} ${y2}L${head[1]}`}
      {...MOVE}
    />
  );
}

export function Says({ x, y, children, end }: At & { children: string; end?: boolean }) {
  return (
    <text x={x} y={y} fontSize="14" textAnchor={end ? 'end' : 'start'} fill="var(--faded)">
      {sayMine(children)}
    </text>
  );
}

/** From here to there is so far: a measure with its ends. */
export function Span({ x, y, length, down, says }: At & { length: number; down?: boolean; says: string }) {
  return down ? (
    <>
      <path d={`M${x - 4} ${y}h8M${x} ${y}v${length}M${x - 4} ${y + length}h8`} {...FINE} />
      <Says x={x + 8} y={y + length / 2 + 5}>
        {says}
      </Says>
    </>
  ) : (
    <>
      <path d={`M${x} ${y - 4}v8M${x} ${y}h${length}M${x + length} ${y - 4}v8`} {...FINE} />
      <text x={x + length / 2} y={y + 18} fontSize="14" textAnchor="middle" fill="var(--faded)">
        {sayMine(says)}
      </text>
    </>
  );
}
