import { SHAPE_TILES } from '../../ground/soilShapes';
import type { Values } from '../draft';
import type { MethodDrawing, ResultProps } from './index';
import { Arrow, Grass, Ground, Roots, Says, Span } from './kit/ground';
import { FaceSoFar, MOISTURE, MOTTLES, ROOTED, SMELLS } from './kit/layers';
import { FINE, MOVE, PEN, SOIL } from './kit/line';
import { JudgedLayers, measured } from './kit/results';
import { PHOTO } from './kit/shared';
import { Heap, Piece } from './kit/soil';
import { Spade, Wait } from './kit/tools';

/** Someone standing; never with the head below the rim. */
function Person({ x, y }: { x: number; y: number }) {
  return (
    <path
      d={`M${x} ${y - 62}a8 8 0 1 1 .1 0M${x} ${y - 62}V${y - 28}M${x} ${y - 52}l14 14M${x} ${y - 52}l-14 14M${x} ${y - 28}l-9 28M${x} ${y - 28}l9 28`}
      {...PEN}
      strokeWidth="2.6"
    />
  );
}

/** The pit in section with three tones of soil beside it. */
function Pit({ filled = 0, water = 0 }: { filled?: number; water?: number }) {
  return (
    <>
      <path d="M110 62H140V176H260V100H290V62" {...PEN} fill="var(--paper)" />
      {filled > 0 && (
        <rect x="140" y={176 - filled} width="120" height={filled} {...FINE} fill="var(--soil-deep)" />
      )}
      {water > 0 && (
        <rect x="140" y={176 - water} width="120" height={water} fill="var(--water)" opacity="0.5" />
      )}
    </>
  );
}

const USUAL: Values[] = [
  { topCm: '0', bottomCm: '25' },
  { topCm: '25', bottomCm: '60' },
  { topCm: '60', bottomCm: '110' },
];

function described(values: Values) {
  const layers = ((values.layers as Values[] | undefined) ?? []).filter(
    (layer) => Number(layer.bottomCm) > 0,
  );
  return <FaceSoFar layers={layers.length > 0 ? layers : USUAL} />;
}

function ResultDrawing({ evaluation, values }: ResultProps) {
  const water = Number(values.waterAtCm);
  return (
    <JudgedLayers
      evaluation={evaluation}
      values={values}
      stopCm={measured(evaluation, 'rootStop')}
      waterCm={
        values.waterAtCm !== undefined && values.waterAtCm !== '' && Number.isFinite(water) ? water : null
      }
    />
  );
}

export default {
  steps: {
    'dig-safe-booking': {
      says: 'The dig-safe service is asked, days ahead, what lies under the place',
      draw: (
        <>
          <Ground y={90} />
          <path d="M10 150H350" {...PEN} stroke="var(--warn)" strokeWidth="4" strokeDasharray="14 6" />
          <Says x={20} y={176}>
            what runs under here?
          </Says>
          <path d="M214 28H312V76H250L232 90L234 76H214Z" {...PEN} fill="var(--lift)" />
          <path d="M228 44H298M228 58H280" {...FINE} />
          <Wait x={100} y={46} gone={0.4} r={26} />
        </>
      ),
    },
    'check-fence': {
      says: 'Marks, drains and overhead wires are looked for, and the place is fenced',
      draw: (
        <>
          <Ground y={150} />
          <path d="M10 26Q180 50 350 22" {...PEN} />
          <path d="M92 150V92M172 150V92M252 150V92M84 106H262M84 126H262" {...PEN} />
          <path d="M300 150V112L324 120L300 128" {...PEN} stroke="var(--warn)" />
          <Person x={40} y={150} />
        </>
      ),
    },
    dig: {
      says: 'The pit has a step to stand on; topsoil and subsoil lie on two heaps, a metre back; two people, nobody’s head below the rim',
      draw: (
        <>
          <Ground y={62} />
          <Pit />
          <Heap x={52} y={62} w={70} h={30} />
          <Heap x={330} y={62} w={40} h={22} />
          <Person x={274} y={100} />
          <Spade x={182} y={174} turn={12} long={118} />
          <Span x={88} y={72} length={22} says="" />
          <Says x={30} y={98}>
            1 m back
          </Says>
        </>
      ),
    },
    clean: {
      says: 'One face is picked, not cut',
      draw: (
        <>
          <Ground y={40} />
          <rect x="110" y="40" width="140" height="146" {...SOIL} />
          <Roots x={130} y={42} width={90} depth={80} />
          <path d="M250 120L316 84M250 120l10 -14M250 120l16 -2" {...PEN} strokeWidth="3" />
          <Piece x={206} y={112} w={26} h={22} />
          <Piece x={180} y={172} w={22} h={14} />
          <Arrow from={[236, 138]} to={[210, 166]} bend={8} />
        </>
      ),
    },
    'photo-tape': PHOTO,
    'describe-layers': {
      says: 'The face, layer by layer from the surface down, as described so far',
      draw: described,
    },
    'water-read': {
      says: 'After a while: has water risen in the pit?',
      draw: (
        <>
          <Ground y={62} />
          <Pit water={34} />
          <path d="M200 64V142" {...MOVE} />
          <path d="M194 70h12M194 142h12" {...MOVE} />
          <Wait x={44} y={30} gone={0.5} />
        </>
      ),
    },
    backfill: {
      says: 'The pit is filled the same day, subsoil first, and trodden in layers',
      draw: (
        <>
          <Ground y={62} />
          <Pit filled={66} />
          <path d="M140 132H260" {...PEN} strokeDasharray="5 5" />
          <Heap x={52} y={62} w={70} h={30} />
          <Arrow from={[316, 44]} to={[224, 82]} bend={-24} />
          <Grass x={318} y={61} blades={3} />
          <Says x={286} y={34}>
            subsoil first
          </Says>
        </>
      ),
    },
  },
  scales: {
    shape: SHAPE_TILES,
    roots: ROOTED,
    moisture: MOISTURE,
    mottles: MOTTLES,
    smell: SMELLS,
  },
  ResultDrawing,
} satisfies MethodDrawing;
