import type { Evaluation } from '../../api/types';
import { ConeProfile } from '../../ground/ConeProfile';
import type { MethodDrawing } from './index';
import { Arrow, Ground, Says } from './kit/ground';
import { Fist } from './kit/hands';
import { PEN, THING } from './kit/line';
import { Stick } from './kit/tools';

function ResultDrawing({ evaluation }: { evaluation: Evaluation }) {
  const at = evaluation.measures
    .filter((measure) => measure.key === 'meanAt')
    .map((measure) => ({ depthCm: measure.depthCm ?? 0, value: measure.value ?? 0 }));
  const limit = evaluation.measures.find((measure) => measure.key === 'depthToLimit')?.value ?? null;
  return <ConeProfile profile={at} limitCm={limit} />;
}

function Tip({ half }: { half: number }) {
  return (
    <>
      <path d={half === 0 ? 'M30 2V42' : 'M30 2V24'} {...PEN} strokeWidth="4" />
      {half > 0 && (
        <path d={`M${30 - half} 24h${2 * half}L30 ${24 + half * 1.5}Z`} {...PEN} fill="var(--ink)" />
      )}
    </>
  );
}

/** The rod at the same push: how deep it goes. */
function Felt({ deep, lean }: { deep: number; lean: number }) {
  return (
    <>
      <path d="M3 20H57" {...PEN} />
      <path d={`M30 3V${20 + deep}`} {...PEN} strokeWidth="4" />
      {lean > 0 && <path d="M18 8h24" {...PEN} stroke="var(--act)" strokeWidth={lean} />}
    </>
  );
}

export default {
  steps: {
    'choose-cone-zero': {
      says: 'The small tip or the large one is chosen, and the dial set to zero',
      draw: (
        <>
          <path d="M60 60H100L80 96ZM80 60V20M140 72H164L152 94ZM152 72V20" {...PEN} fill="var(--lift)" />
          <Says x={48} y={122}>
            large
          </Says>
          <Says x={134} y={122}>
            small
          </Says>
          <circle cx="264" cy="80" r="44" {...THING} />
          <path d="M264 80V44" {...PEN} stroke="var(--warn)" />
          <path d="M232 100a38 38 0 1 1 64 0" {...PEN} strokeDasharray="2 7" />
          <Says x={259} y={60}>
            0
          </Says>
          <Arrow from={[318, 120]} to={[284, 128]} bend={8} />
        </>
      ),
    },
    'push-read-ten': {
      says: 'The cone is pushed straight and slowly, and read each 7.5 cm, in ten places',
      draw: (
        <>
          <Ground y={76} />
          {[60, 96, 240, 276, 312].map((x) => (
            <path key={x} d={`M${x} 71v10`} {...PEN} stroke="var(--faded)" />
          ))}
          <Stick x={172} y={178} long={150} tip="cone" />
          <Fist x={172} y={16} turn={4} />
          <path d="M166 96h12M166 116h12M166 136h12" {...PEN} stroke="var(--paper)" strokeWidth="1.6" />
          <Arrow from={[204, 92]} to={[204, 152]} />
          <Says x={216} y={128}>
            2.5 cm a second
          </Says>
        </>
      ),
    },
    'enter-wipe': {
      says: 'The cone is wiped clean before the next push',
      draw: (
        <>
          <Stick x={150} y={170} long={140} tip="cone" />
          <path d="M196 110C226 92 264 96 284 112L276 162C250 148 222 150 204 162Z" {...THING} />
          <Arrow from={[200, 138]} to={[168, 158]} bend={-6} />
        </>
      ),
    },
  },
  scales: {
    cone: { small: <Tip half={7} />, large: <Tip half={11} />, rod: <Tip half={0} /> },
    felt: {
      slides: <Felt deep={21} lean={0} />,
      push: <Felt deep={15} lean={2} />,
      lean: <Felt deep={9} lean={4} />,
      stops: <Felt deep={2} lean={6.4} />,
    },
    stoppedBy: {
      stone: (
        <>
          <path d="M3 10H57" {...PEN} />
          <path d="M30 2V24" {...PEN} strokeWidth="4" />
          <path d="M16 36q0 -10 12 -10t16 6 -4 10 -14 0Z" {...THING} />
        </>
      ),
      hard: (
        <>
          <path d="M3 10H57" {...PEN} />
          <path d="M30 2V24" {...PEN} strokeWidth="4" />
          <path d="M4 27H56M4 33H56M4 39H56" {...PEN} stroke="var(--root)" strokeWidth="3.4" />
        </>
      ),
    },
  },
  ResultDrawing,
} satisfies MethodDrawing;
