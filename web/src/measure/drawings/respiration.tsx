import type { MethodDrawing } from './index';
import { Says, Table } from './kit/ground';
import { FINE, PEN } from './kit/line';
import { GATHER } from './kit/shared';
import { Card, Wait } from './kit/tools';
import { Jar, Sieve } from './kit/vessels';

/** A closed jar with soil, and a paddle that takes colour. */
function Closed({ colour, lid, wet }: { colour: number; lid?: boolean; wet?: boolean }) {
  return (
    <>
      <Jar x={120} y={52} w={96} h={118} soil={[34]} lid={lid ?? true} />
      <rect x="150" y="64" width="36" height="58" rx="4" {...PEN} fill="var(--lift)" />
      <rect x="155" y="70" width="26" height="36" fill="var(--act)" opacity={colour} />
      {wet && <path d="M122 166H214" {...PEN} stroke="var(--water)" strokeWidth="4" />}
    </>
  );
}

const SIEVED = (
  <>
    <Table />
    <Sieve x={40} y={56} w={110} />
    <path d="M60 92v40M92 92v48M124 92v40" {...FINE} strokeDasharray="2 6" />
    <path d="M200 172V152H310V172M214 152L220 140H290L296 152" {...PEN} fill="var(--lift)" />
    <Jar x={226} y={78} w={58} h={62} soil={[28]} />
    <Says x={238} y={66}>
      90 g
    </Says>
    <path d="M56 170C70 152 116 152 130 170Z" {...PEN} fill="var(--soil-mid)" />
  </>
);

export default {
  steps: {
    'gather-cool': { ...GATHER, says: 'Soil is taken without squeezing and kept cool' },
    gather: { ...GATHER, says: 'Soil is taken without squeezing' },
    'sieve-weigh': { says: 'Field-moist soil is sieved and 90 grams weighed', draw: SIEVED },
    'dry-sieve-weigh': {
      says: 'The soil is dried in the air, sieved, and 90 grams weighed',
      draw: (
        <>
          {SIEVED}
          <Wait x={180} y={44} gone={0.7} />
        </>
      ),
    },
    seal: {
      says: 'The jar is closed with the paddle in it and the hour noted',
      draw: (
        <>
          <Table />
          <Closed colour={0.08} />
          <Wait x={286} y={100} gone={0.02} r={28} />
        </>
      ),
    },
    'wet-seal': {
      says: 'The soil is wetted from below, the jar closed, the hour noted',
      draw: (
        <>
          <Table />
          <Closed colour={0.08} wet />
          <Wait x={286} y={100} gone={0.02} r={28} />
        </>
      ),
    },
    read: {
      says: 'The paddle is held against its card by daylight; the hour and the warmth are noted',
      draw: (
        <>
          <Table />
          <Closed colour={0.55} />
          <Card x={246} y={44} tint="var(--act)" marked={3} />
          <Wait x={60} y={70} gone={0.96} />
        </>
      ),
    },
    vent: {
      says: 'The jar stands open and is aired before it is used again',
      draw: (
        <>
          <Table />
          <Jar x={132} y={62} w={96} h={108} />
          <path
            d="M160 52q-10 -14 0 -26M184 48q-10 -14 0 -26M206 52q-10 -14 0 -26"
            {...PEN}
            stroke="var(--act)"
          />
          <rect x="262" y="158" width="80" height="12" rx="3" fill="var(--ink)" />
        </>
      ),
    },
  },
} satisfies MethodDrawing;
