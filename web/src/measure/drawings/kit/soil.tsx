import { range } from '../../../ground/range';
import { type At, PEN, SOIL } from './line';

const CRUMB = 'M-9 -3 -2 -9 7 -7 10 1 4 9 -6 8Z';
const GRAINS: [number, number][] = [
  [-16, 4],
  [-9, 9],
  [-2, 11],
  [6, 10],
  [14, 6],
  [-12, -2],
  [11, -1],
  [0, 5],
  [-6, 3],
  [7, 3],
];

/** A crumb of which so much has fallen: nothing, a part, all. */
export function Crumb({ x, y, fell = 0, size = 1.25 }: At & { fell?: number; size?: number }) {
  const rest = size * Math.sqrt(1 - fell);
  return (
    <g transform={`translate(${x} ${y})`} fill="var(--root)">
      {rest > 0.1 && <path d={CRUMB} transform={`translate(0 ${-5 * fell}) scale(${rest.toFixed(2)})`} />}
      {GRAINS.slice(0, Math.round(fell * GRAINS.length)).map(([gx, gy]) => (
        <circle key={`${gx} ${gy}`} cx={gx} cy={gy} r="2.4" />
      ))}
    </g>
  );
}

/** A piece of soil, its top left corner here; sharper or rounder. */
export function Piece({ x, y, w, h, round = 0.25 }: At & { w: number; h: number; round?: number }) {
  const a = w * round;
  const b = h * round;
  return (
    <path
      d={`M${x + a} ${y}L${x + w - a * 0.8} ${y + b * 0.2}L${x + w} ${y + b}L${x + w - a * 0.3} ${y + h - b}L${x + w - a} ${y + h}L${x + a * 0.7} ${y + h - b * 0.2}L${x} ${y + h - b}L${x + a * 0.2} ${y + b * 0.8}Z`}
      {...SOIL}
    />
  );
}

/** A block in space, the front face w by h, its top left corner here. */
export function Block({ x, y, w, h, deep = 26 }: At & { w: number; h: number; deep?: number }) {
  const up = deep * 0.55;
  return (
    <g {...PEN}>
      <path d={`M${x} ${y}h${w}v${h}h${-w}Z`} fill="var(--soil-mid)" />
      <path d={`M${x} ${y}l${deep} ${-up}h${w}l${-deep} ${up}Z`} fill="var(--soil-top)" />
      <path d={`M${x + w} ${y}l${deep} ${-up}v${h}l${-deep} ${up}Z`} fill="var(--soil-deep)" />
    </g>
  );
}

/** A heap on a board, the middle of its foot here; its grains so large. */
export function Heap({ x, y, w, h, grain = 0 }: At & { w: number; h: number; grain?: number }) {
  const spots = range(7).map(
    (i) => [x - w * 0.32 + (i * w * 0.64) / 6, y - h * (0.18 + ((i * 5) % 4) * 0.13)] as const,
  );
  return (
    <>
      <path
        d={`M${x - w / 2} ${y}C${x - w * 0.28} ${y - h * 0.3} ${x - w * 0.2} ${y - h} ${x} ${y - h}C${x + w * 0.2} ${y - h} ${x + w * 0.28} ${y - h * 0.3} ${x + w / 2} ${y}Z`}
        {...SOIL}
      />
      {grain > 0 &&
        spots.map(([gx, gy]) => (
          <circle key={gx} cx={gx} cy={gy} r={grain} fill="var(--root)" opacity="0.8" />
        ))}
    </>
  );
}

/** A worm, its middle here; grown ones have a saddle. */
export function Worm({
  x,
  y,
  long = 46,
  saddle,
  turn = 0,
  tint = 'var(--iron)',
}: At & { long?: number; saddle?: boolean; turn?: number; tint?: string }) {
  return (
    <g transform={`translate(${x} ${y}) rotate(${turn})`} fill="none" strokeLinecap="round">
      <path d={`M${-long / 2} 0q${long / 4} -9 ${long / 2} 0t${long / 2} 0`} stroke={tint} strokeWidth="5" />
      {saddle && <path d={`M${long * 0.2} 3.2l${long * 0.12} .6`} stroke="var(--spent)" strokeWidth="6.4" />}
    </g>
  );
}
