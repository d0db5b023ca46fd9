import type { ReactNode } from 'react';
import type { MethodDrawing } from './index';
import { Arrow, Says, Table } from './kit/ground';
import { FINE, PEN, THING } from './kit/line';
import { CORES, SHAKE } from './kit/shared';
import { Heap } from './kit/soil';
import { Card, Drop, Dropper, Wait } from './kit/tools';
import { Sieve, Vial } from './kit/vessels';

/** A vial by how much colour came. */
function Coloured({ step }: { step: number }) {
  return (
    <>
      <path d="M22 3V30q0 10 8 10t8 -10V3" {...PEN} />
      <path d="M23 14V30q0 9 7 9t7 -9V14Z" fill="var(--act)" opacity={0.06 + step * 0.2} />
      {[0, 1, 2, 3, 4].map((i) => (
        <path key={i} d={`M46 ${38 - i * 8}h8`} {...PEN} stroke={i <= step ? 'var(--ink)' : 'var(--rule)'} />
      ))}
    </>
  );
}

const WORDS = ['depleted', 'low', 'adequate', 'ample', 'surplus'];
const STEPS: Record<string, ReactNode> = Object.fromEntries(
  WORDS.map((word, i) => [word, <Coloured key={word} step={i} />]),
);

export default {
  steps: {
    gather: CORES,
    'sieve-dose': {
      says: 'Sieved soil is dosed with the kit’s own spoon, level',
      draw: (
        <>
          <Table />
          <Sieve x={40} y={56} w={110} />
          <path d="M60 92v36M92 92v44M124 92v36" {...FINE} strokeDasharray="2 6" />
          <Heap x={96} y={170} w={100} h={26} grain={1.4} />
          <path d="M200 96H246C246 120 200 120 200 96ZM246 96L320 70" {...THING} />
          <path d="M200 96H246" {...PEN} stroke="var(--root)" strokeWidth="5" />
          <path d="M190 88L256 86" {...PEN} stroke="var(--act)" />
          <Says x={196} y={144}>
            level
          </Says>
        </>
      ),
    },
    shake: SHAKE,
    reagents: {
      says: 'Reagents go into one vial for each nutrient, then one waits for the colour',
      draw: (
        <>
          <Table />
          {['N', 'P', 'K'].map((name, i) => (
            <g key={name}>
              <Vial x={90 + i * 64} y={74} h={98} full={0.5} soil={0} />
              <Says x={98 + i * 64} y={192}>
                {name}
              </Says>
            </g>
          ))}
          <Dropper x={104} y={46} />
          <Drop x={104} y={54} />
          <Wait x={312} y={60} gone={0.6} />
        </>
      ),
    },
    read: {
      says: 'Each vial is held against the print of the chart, in shade',
      draw: (
        <>
          <Table />
          <Vial x={110} y={60} h={112} fill="var(--act)" full={0.6} soil={0} />
          <Card x={196} y={40} tint="var(--act)" marked={2} />
          <path d="M148 90H186M148 106H186" {...FINE} strokeDasharray="4 6" />
          <path d="M70 46L180 12L300 46" {...PEN} />
        </>
      ),
    },
    'collect-waste': {
      says: 'Used reagents go into their own bottle, never onto the ground',
      draw: (
        <>
          <Table />
          <path d="M190 172V104Q190 90 206 84V66H238V84Q254 90 254 104V172Z" {...THING} />
          <rect x="196" y="112" width="52" height="34" {...FINE} />
          <Says x={203} y={134}>
            waste
          </Says>
          <g transform="rotate(70 140 70)">
            <Vial x={126} y={22} h={90} fill="var(--act)" full={0.5} soil={0} />
          </g>
          <Arrow from={[190, 50]} to={[218, 60]} bend={-8} />
        </>
      ),
    },
  },
  scales: { n: STEPS, p: STEPS, k: STEPS },
} satisfies MethodDrawing;
