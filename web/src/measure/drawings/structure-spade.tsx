import { SHAPE_TILES } from '../../ground/soilShapes';
import type { Values } from '../draft';
import type { MethodDrawing, ResultProps, StepScene } from './index';
import { Grass, Ground, Roots } from './kit/ground';
import { Fist } from './kit/hands';
import { FaceSoFar, MOISTURE, MOTTLES, PORES, ROOTED } from './kit/layers';
import { PEN, SOIL } from './kit/line';
import { JudgedLayers } from './kit/results';
import { BLOCK, PHOTO, PUT_BACK } from './kit/shared';

/** How far the piece comes apart between two fingers, and how hard they press. */
function Pressed({ apart, press }: { apart: number; press: number }) {
  return (
    <>
      <path d={`M${30 - apart} 9 ${18 - apart} 13 ${16 - apart} 30 ${29 - apart} 35Z`} {...SOIL} />
      <path d={`M${30 + apart} 9 ${42 + apart} 13 ${44 + apart} 30 ${31 + apart} 35Z`} {...SOIL} />
      {press > 0 && <path d="M2 22h7M51 22h7" {...PEN} strokeWidth={press} />}
    </>
  );
}

const OPEN: StepScene = {
  says: 'The block is opened along its own cracks, like bread; worms are set aside',
  draw: (
    <>
      <Ground y={188} />
      <path d="M96 38h74l-10 44 12 40 -14 52H88Z" {...SOIL} />
      <path d="M264 38h-74l-4 40 10 46 -8 50h82Z" {...SOIL} />
      <Roots x={166} y={50} width={26} depth={84} count={4} />
      <Grass x={104} y={37} tall={12} blades={5} />
      <Grass x={206} y={37} tall={12} blades={6} />
      <Fist x={66} y={96} flip />
      <Fist x={294} y={96} />
    </>
  ),
};

function judged(values: Values) {
  const layers = ((values.layers as Values[] | undefined) ?? []).filter(
    (layer) => Number(layer.bottomCm) > 0 && layer.shape,
  );
  return layers.length === 0 ? (OPEN.draw as React.ReactNode) : <FaceSoFar layers={layers} atLeastCm={20} />;
}

function ResultDrawing({ evaluation, values }: ResultProps) {
  return <JudgedLayers evaluation={evaluation} values={values} />;
}

export default {
  steps: {
    block: BLOCK,
    'lay-open': OPEN,
    'judge-layers': { says: 'The block, layer by layer, as judged so far', draw: judged },
    photo: PHOTO,
    'put-back': PUT_BACK,
  },
  scales: {
    shape: SHAPE_TILES,
    effort: {
      falls: <Pressed apart={12} press={0} />,
      gentle: <Pressed apart={7} press={1.6} />,
      firm: <Pressed apart={3} press={3.6} />,
      hard: <Pressed apart={0} press={6.4} />,
    },
    pores: PORES,
    roots: ROOTED,
    mottles: MOTTLES,
    moisture: MOISTURE,
  },
  ResultDrawing,
} satisfies MethodDrawing;
