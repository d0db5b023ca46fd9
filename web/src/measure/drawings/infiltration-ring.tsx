import type { Values } from '../draft';
import type { MethodDrawing, StepScene } from './index';
import { Arrow, Grass, Ground, Says, Span } from './kit/ground';
import { Pinch } from './kit/hands';
import { FINE, MOVE, PEN, WET } from './kit/line';
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
          <Says x={258} y={92}>{`${Math.round(deep * 10)} mm`}</Says>
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
} satisfies MethodDrawing;
