import { Across, Along } from '../../ground/Axis';
import { show } from '../../ground/format';
import { figure, myUnit } from '../../ground/myUnits';
import { scale } from '../../ground/scale';
import type { Values } from '../draft';
import { looks } from '../parts/levels';
import type { MethodDrawing, ResultProps, StepScene } from './index';
import { Arrow, Grass, Ground, Says, Span } from './kit/ground';
import { Pinch } from './kit/hands';
import { FINE, MOVE, PEN, WET } from './kit/line';
import { eachOf, measured } from './kit/results';
import { Block, Heap, Piece } from './kit/soil';
import { Mallet, Pouring, Ruler, Wait } from './kit/tools';
import { Ring } from './kit/vessels';

const SINKS = 'M130 106v30M156 110v44M182 108v36M208 112v40M232 106v28';

function Sinking() {
  return <path d={SINKS} {...WET} strokeDasharray="3 6" />;
}

/** The water stands as high as was poured, 25 mm where that is not said. */
function pour(nth: number): StepScene {
  return {
    says: 'Water stands in the ring after the film is drawn away, and sinks; the clock runs to the last glint',
    draw: (values: Values) => {
      const pours = (values.pours as Values[] | undefined) ?? [];
      const typed =
        Number(pours[nth]?.volumeMl) / (Math.PI * (Number(values.ringDiameterMm || 150) / 20) ** 2);
      const deep = Number.isFinite(typed) && typed > 0 ? Math.min(5, typed) : 2.5;
      return (
        <>
          <Ground y={96} />
          <Ring x={114} ground={96} water={deep * 12} />
          <Sinking />
          <path d="M120 60C150 50 176 30 190 22L262 26" {...PEN} strokeDasharray="5 5" />
          <Pinch x={262} y={26} turn={20} />
          <Arrow from={[196, 46]} to={[236, 36]} />
          <Says x={258} y={92}>
            {figure(deep * 10, 'mm', 0)}
          </Says>
          <Wait x={44} y={50} gone={0.35} />
        </>
      );
    },
  };
}

const READ: StepScene = {
  says: 'The level in the ring is read on a ruler',
  draw: (
    <>
      <Ground y={116} />
      <Ring x={114} ground={116} water={40} up={84} />
      <Ruler x={126} y={36} h={80} />
      <Sinking />
      <path d="M262 76H148" {...MOVE} strokeDasharray="2 6" />
      <path d="M300 62q-18 0 -30 14 12 14 30 14 18 0 30 -14 -12 -14 -30 -14Z" {...PEN} />
      <circle cx="300" cy="76" r="6" fill="var(--ink)" />
    </>
  ),
};

/** By level, the curve fitted to what soaked in; by pours, how fast each went. */
function ResultDrawing({ evaluation, values }: ResultProps) {
  const s = measured(evaluation, 'sorptivity');
  const a = measured(evaluation, 'transmissivity');
  if (s !== null && a !== null) {
    return <Fitted seen={looks((values.levels as Values[] | undefined) ?? [], 0)} s={s} a={a} />;
  }
  const rates = eachOf(evaluation, 'pourRate');
  if (rates.length === 0) return null;
  const x = scale([0, Math.max(...rates, 1) * 1.15], [92, 350], undefined, 'mm/h');
  return (
    <svg
      viewBox={`0 0 360 ${rates.length * 34 + 30}`}
      className="w-full"
      role="img"
      aria-label={rates.map((rate, i) => `pour ${i + 1}: ${figure(rate, 'mm/h', 0)}`).join(', ')}
    >
      {rates.map((rate, i) => (
        <g key={i}>
          <Says x={84} y={26 + i * 34} end>{`pour ${i + 1}`}</Says>
          <rect
            x="92"
            y={8 + i * 34}
            width={Math.max(0, x(rate) - 92)}
            height="24"
            fill="var(--water)"
            opacity={i === rates.length - 1 ? 0.75 : 0.3}
          />
        </g>
      ))}
      <Along scale={x} y={rates.length * 34 + 22} />
      <Says x={350} y={rates.length * 34 + 8} end>
        {myUnit('mm/h')}
      </Says>
    </svg>
  );
}

function Fitted({ seen, s, a }: { seen: { minutes: number; mm: number }[]; s: number; a: number }) {
  const last = Math.max(...seen.map((one) => one.minutes), 1);
  const soaked = (minutes: number) => s * Math.sqrt(minutes / 60) + (a * minutes) / 60;
  const x = scale([0, last], [48, 346]);
  const y = scale(
    [0, Math.max(...seen.map((one) => one.mm), soaked(last), 1) * 1.1],
    [130, 12],
    undefined,
    'mm',
  );
  const along = Array.from({ length: 41 }, (_, i) => (i * last) / 40);
  return (
    <svg
      viewBox="0 0 360 168"
      className="w-full"
      role="img"
      aria-label={`Soaked in by time with the fitted curve, ${figure(soaked(last), 'mm', 0)} in ${show(last, 0)} min`}
    >
      <Across scale={y} from={48} to={346} />
      <Along scale={x} y={148} />
      <path
        d={`M${along.map((minutes) => `${x(minutes).toFixed(1)} ${y(soaked(minutes)).toFixed(1)}`).join('L')}`}
        {...WET}
        strokeDasharray="6 4"
      />
      {seen.map((one, i) => (
        <circle key={i} cx={x(one.minutes)} cy={y(one.mm)} r="4.5" fill="var(--ink)" />
      ))}
      <Says x={346} y={164} end>
        {`minutes, ${myUnit('mm')} soaked in`}
      </Says>
    </svg>
  );
}

export default {
  steps: {
    'place-ring': {
      says: 'A ring is driven into trimmed ground to its mark with a block and a mallet',
      draw: (
        <>
          <Ground y={116} />
          <Grass x={46} y={115} />
          <Grass x={286} y={115} blades={5} />
          <Ring x={114} ground={116} up={46} />
          <path d="M100 62H260V72H100Z" {...PEN} fill="var(--lift)" />
          <Mallet x={180} y={56} turn={-14} />
          <Arrow from={[84, 60]} to={[84, 108]} />
          <Span x={258} y={118} length={40} down says="to the mark" />
        </>
      ),
    },
    'pour-1': pour(0),
    'pour-2': pour(1),
    fill: {
      says: 'The ring is filled onto a film, so that the ground is not churned',
      draw: (
        <>
          <Ground y={116} />
          <Ring x={114} ground={116} water={44} up={70} />
          <path d="M116 92q30 18 64 14t64 -14" {...FINE} stroke="var(--ink)" strokeDasharray="5 5" />
          <Pouring x={214} y={40} flip />
          <path d="M212 44q-10 10 -12 30" {...WET} strokeWidth="4" />
        </>
      ),
    },
    'read-1': READ,
    'read-2': READ,
    'read-3': READ,
    'read-4': READ,
    'read-5': READ,
    'read-6': READ,
    'lift-rinse': {
      says: 'The ring is lifted; the wet ground under it shows how deep the water went',
      draw: (
        <>
          <Ground y={116} />
          <path d="M114 118C110 160 150 178 180 178S250 160 246 118Z" fill="var(--water)" opacity="0.28" />
          <g transform="translate(0 -62)">
            <Ring x={114} ground={116} up={34} down={34} />
          </g>
          <Arrow from={[84, 110]} to={[84, 48]} />
          <Span x={262} y={118} length={58} down says="wet to here" />
        </>
      ),
    },
  },
  scales: {
    soilState: {
      structured: (
        <>
          <Piece x={5} y={6} w={15} h={12} />
          <Piece x={23} y={4} w={16} h={14} />
          <Piece x={42} y={7} w={13} h={11} />
          <Piece x={8} y={23} w={17} h={14} />
          <Piece x={29} y={22} w={14} h={13} />
          <Piece x={46} y={23} w={10} h={13} />
        </>
      ),
      unstructured: <Heap x={30} y={38} w={54} h={26} grain={2} />,
      compacted: <Block x={6} y={14} w={38} h={24} deep={12} />,
    },
  },
  ResultDrawing,
} satisfies MethodDrawing;
