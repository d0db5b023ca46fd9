import type { Evaluation } from '../../api/types';
import { Across } from '../../ground/Axis';
import { figure } from '../../ground/myUnits';
import { scale } from '../../ground/scale';
import { isEmpty, type Values } from '../draft';
import type { MethodDrawing, StepScene } from './index';
import { Arrow, Ground, Says } from './kit/ground';
import { PEN, WET } from './kit/line';
import { Pouring, Ruler, Spade, Wait } from './kit/tools';
import { Hole } from './kit/vessels';

type Level = { minutes?: string; depthMm?: string; fromTopMm?: string; refilledToMm?: string };
const TOP = 56;
const DEEP = 122;

/** The hole to scale, as wide and deep as was typed. */
function sized(values: Values) {
  const holeMm = Number(values.holeDepthMm) || 300;
  const wide = Math.max(52, Math.min(230, ((Number(values.holeDiameterMm) || 300) / holeMm) * DEEP));
  return { holeMm, x: 180 - wide / 2, w: wide };
}

function lastMm(values: Values, holeMm: number): number {
  const levels = ((values.levels as Level[] | undefined) ?? []).filter((level) => !isEmpty(level));
  const last = levels.at(-1);
  if (!last) return Number.NaN;
  return last.depthMm ? Number(last.depthMm) : holeMm - Number(last.fromTopMm);
}

/** The water as last read, and the ruler that is read from one mark. */
const READ: StepScene = {
  says: (values) => {
    const { holeMm } = sized(values);
    const mm = lastMm(values, holeMm);
    return `A hole with ${figure(Number.isFinite(mm) ? mm : holeMm * 0.8, 'mm', 0)} of water, a ruler in it and a straight edge across`;
  },
  draw: (values) => {
    const { holeMm, x, w } = sized(values);
    const mm = lastMm(values, holeMm);
    const y = scale([0, holeMm], [0, DEEP]);
    const high = Math.max(0, Math.min(DEEP, y(Number.isFinite(mm) ? mm : holeMm * 0.8)));
    const surface = TOP + DEEP - high;
    return (
      <>
        <Ground y={TOP} />
        <Hole x={x} ground={TOP} w={w} h={DEEP} water={high} rough />
        <Ruler x={173} y={TOP - 24} h={DEEP + 24} />
        <path d={`M${x - 18} ${TOP - 2}H${x + w + 18}`} {...PEN} strokeWidth="5" />
        <path
          d={`M${x - 14} ${(surface + TOP + DEEP) / 2}h-30M${x + w + 14} ${(surface + TOP + DEEP) / 2}h30`}
          {...WET}
          strokeDasharray="3 5"
        />
        {Number.isFinite(mm) && (
          <text x={x + w + 12} y={surface + 5} fontSize="17" className="num" fill="var(--ink)">
            {figure(mm, 'mm', 0)}
          </text>
        )}
        <Says x={348} y={TOP - 26} end>
          one edge, always
        </Says>
      </>
    );
  },
};

/** The soil's rate by interval; the plateau that counts is the filled part. */
function ResultDrawing({ evaluation }: { evaluation: Evaluation }) {
  const rates = evaluation.measures
    .filter((measure) => measure.key === 'intervalK')
    .map((measure) => measure.value ?? 0);
  const wall = evaluation.measures.find((measure) => measure.key === 'wallK')?.value ?? 0;
  if (rates.length === 0) return null;
  const y = scale([0, Math.max(...rates, 1) * 1.1], [120, 12], undefined, 'mm/h');
  const width = 300 / rates.length;
  return (
    <svg
      viewBox="0 0 360 150"
      className="w-full"
      role="img"
      aria-label={`Soil's rate by interval, by hour: ${rates.map((rate) => figure(rate, 'mm/h')).join(', ')}`}
    >
      <Across scale={y} from={46} to={350} />
      {rates.map((rate, i) => (
        <rect
          key={i}
          x={48 + i * width}
          y={y(Math.max(0, rate))}
          width={width - 8}
          height={Math.max(0, 120 - y(Math.max(0, rate)))}
          fill="var(--water)"
          fillOpacity={likeness(rate, wall)}
        />
      ))}
      <path d={`M44 ${y(wall)}H350`} stroke="var(--ink)" strokeWidth="1.6" strokeDasharray="5 4" />
      <text x="350" y={y(wall) - 6} fontSize="13" textAnchor="end" className="num" fill="var(--ink)">
        {figure(wall, 'mm/h')}
      </text>
      <text x="197" y="142" fontSize="12.5" textAnchor="middle" fill="var(--faded)">
        interval by interval
      </text>
    </svg>
  );
}

export default {
  steps: {
    'dig-roughen': {
      says: 'A hole is dug, its sides roughened and the loose soil taken out',
      draw: (values) => {
        const { x, w } = sized(values);
        return (
          <>
            <Ground y={TOP} />
            <Hole x={x} ground={TOP} w={w} h={DEEP} rough />
            <Spade x={x + w - 16} y={150} turn={8} long={136} />
            <Arrow from={[x + 16, 92]} to={[x + 16, 138]} bend={8} />
            <Says x={x + w + 22} y={116}>
              rough sides
            </Says>
          </>
        );
      },
    },
    'presoak-fill': {
      says: 'The hole is filled and left to drain, for hours or the night',
      draw: (values) => {
        const { x, w } = sized(values);
        return (
          <>
            <Ground y={TOP} />
            <Hole x={x} ground={TOP} w={w} h={DEEP} water={96} rough />
            <path
              d={`M${x - 10} 110h-30M${x - 10} 140h-38M${x + w + 10} 110h30M${x + w + 10} 140h38M180 182v14`}
              {...WET}
              strokeDasharray="3 6"
            />
            <Pouring x={210} y={28} flip />
            <path d="M208 32q-8 16 -10 50" {...WET} strokeWidth="4" />
            <Wait x={44} y={28} gone={0.1} />
          </>
        );
      },
    },
    'refill-read-0': READ,
    'read-30': READ,
    'read-60': READ,
    'read-90': READ,
    'read-120-backfill': {
      says: 'After the last reading the soil goes back and is trodden in layers',
      draw: (values) => {
        const { x, w } = sized(values);
        return (
          <>
            <Ground y={TOP} />
            <path d={`M${x} ${TOP}V${TOP + DEEP}H${x + w}V${TOP}`} {...PEN} fill="var(--soil-mid)" />
            <path
              d={`M${x} 148H${x + w}M${x} 116H${x + w}M${x} 86H${x + w}`}
              {...PEN}
              strokeDasharray="5 5"
            />
            <path
              d={`M${x - 80} 54C${x - 66} 24 ${x - 40} 20 ${x - 18} 54Z`}
              {...PEN}
              fill="var(--soil-mid)"
            />
            <Arrow from={[x - 26, 30]} to={[x + 24, 46]} bend={-16} />
          </>
        );
      },
    },
  },
  ResultDrawing,
} satisfies MethodDrawing;

/** The darker, the nearer an interval comes to the rate that is taken. */
function likeness(rate: number, wall: number): number {
  const off = Math.min(1, Math.abs(rate - wall) / Math.max(1e-9, Math.abs(wall)));
  return 0.8 - 0.55 * off;
}
