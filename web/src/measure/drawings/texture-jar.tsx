import { Triangle } from '../../ground/Triangle';
import type { Values } from '../draft';
import type { MethodDrawing, ResultProps } from './index';
import { Says, Table } from './kit/ground';
import { FINE, MOVE, PEN } from './kit/line';
import { measured } from './kit/results';
import { GATHER, SHAKE } from './kit/shared';
import { Heap } from './kit/soil';
import { Pouring, Ruler, Wait } from './kit/tools';
import { Jar, Sieve } from './kit/vessels';

/** The jar with what has settled by now, and a mark at its top. */
function settled(soil: number[], mark: string | null, gone: number, cloud: number) {
  const top = 170 - soil.reduce((sum, high) => sum + high, 0);
  return (
    <>
      <Table />
      <Ruler x={98} y={44} h={126} />
      <Jar x={130} y={40} w={84} h={130} water={112} soil={soil} cloud={cloud} lid />
      {mark && (
        <>
          <path d={`M122 ${top}H222`} {...MOVE} />
          <Says x={232} y={top + 5}>
            {mark}
          </Says>
        </>
      )}
      <Wait x={44} y={60} gone={gone} />
    </>
  );
}

function ResultDrawing({ evaluation }: ResultProps) {
  const sand = measured(evaluation, 'sand');
  const clay = measured(evaluation, 'clay');
  const texture = evaluation.words.texture;
  return (
    <Triangle
      texture={typeof texture === 'string' ? texture : null}
      point={sand === null || clay === null ? null : { sand, clay }}
    />
  );
}

export default {
  steps: {
    'gather-label': GATHER,
    'crush-sieve': {
      says: 'Dry soil is crushed and sieved; roots and stones stay behind',
      draw: (
        <>
          <Table />
          <Sieve x={110} y={62} w={140} />
          <path
            d="M124 84q6 -14 16 -4 4 8 -6 8M160 84q8 -16 20 -4 2 8 -8 8M210 82q8 -8 14 2"
            {...PEN}
            fill="var(--soil-mid)"
          />
          <path d="M136 98v36M166 98v44M196 98v40M226 98v34" {...FINE} strokeDasharray="2 6" />
          <Heap x={180} y={170} w={130} h={30} grain={1.4} />
        </>
      ),
    },
    soak: {
      says: 'A third of the jar soil, then water and dispersant; it stands overnight',
      draw: (values: Values) => (
        <>
          <Table />
          <Jar x={130} y={40} w={84} h={130} water={values.waterHeightMm ? 112 : 92} soil={[42]} />
          <Pouring x={218} y={24} flip />
          <path d="M216 28q-10 16 -14 50" {...PEN} stroke="var(--water)" strokeWidth="4" />
          <Says x={86} y={152} end>
            a third
          </Says>
          <path d="M92 128v42M88 128h8M88 170h8" {...FINE} />
        </>
      ),
    },
    shake: SHAKE,
    'set-level': {
      says: 'The jar stands level and is not moved again; the clock starts',
      draw: settled([6], null, 0.02, 0.8),
    },
    'mark-sand': {
      says: 'After a minute the top of the sand is marked on the glass',
      draw: settled([32], 'sand', 0.15, 0.6),
    },
    'mark-silt': {
      says: 'Hours later the top of the silt is marked',
      draw: settled([32, 22], 'silt', 0.5, 0.3),
    },
    'mark-clay-read': {
      says: 'Days later the clay is marked, and all heights read from the table up',
      draw: settled([32, 22, 14], 'clay', 0.97, 0.05),
    },
  },
  ResultDrawing,
} satisfies MethodDrawing;
