import type { MethodDrawing } from './index';
import { Arrow, Says, Table } from './kit/ground';
import { Finger } from './kit/hands';
import { FINE, PEN, THING } from './kit/line';
import { Drop, Dropper, Wait } from './kit/tools';
import { Vial } from './kit/vessels';

/** The card with its round field, so many drops soaked in. */
function TestCard({ drops }: { drops: number }) {
  return (
    <>
      <path d="M70 172L96 128H270L296 172Z" {...THING} />
      <ellipse cx="182" cy="150" rx="34" ry="14" {...PEN} />
      {drops > 0 && (
        <ellipse
          cx="182"
          cy="150"
          rx={9 + drops * 8}
          ry={4 + drops * 3.2}
          fill="var(--act)"
          opacity={0.2 + drops * 0.16}
        />
      )}
    </>
  );
}

export default {
  steps: {
    'gather-measure': {
      says: 'Soil without roots and stones, one level spoon of it',
      draw: (
        <>
          <Table />
          <path d="M110 96H176C176 132 110 132 110 96ZM176 96L290 60" {...THING} />
          <path d="M110 96H176" {...PEN} stroke="var(--root)" strokeWidth="6" />
          <path d="M96 86L190 84" {...PEN} stroke="var(--act)" />
          <Says x={120} y={156}>
            level
          </Says>
          <Vial x={40} y={70} h={102} full={0.5} soil={0} />
        </>
      ),
    },
    stir: {
      says: 'It is stirred for half a minute, then left',
      draw: (
        <>
          <Table />
          <Vial x={150} y={52} h={120} full={0.6} soil={20} />
          <path d="M164 20V150" {...PEN} strokeWidth="3.4" />
          <Arrow from={[146, 40]} to={[184, 40]} bend={-12} />
          <Wait x={270} y={90} gone={0.1} r={26} />
        </>
      ),
    },
    tap: {
      says: 'The vial is tapped, so that the bubbles come off, and left again',
      draw: (
        <>
          <Table />
          <Vial x={150} y={52} h={120} full={0.6} soil={28} />
          <Finger x={196} y={108} turn={72} />
          <path d="M158 84v.1M168 96v.1M162 108v.1" {...PEN} stroke="var(--lift)" strokeWidth="5" />
          <Wait x={60} y={60} gone={0.4} />
        </>
      ),
    },
    'three-drops': {
      says: 'Three drops on the card, each soaked in before the next',
      draw: (
        <>
          <TestCard drops={2} />
          <Dropper x={182} y={92} />
          <Drop x={182} y={102} />
          <path d="M286 60v.1M306 60v.1M326 60v.1" {...PEN} stroke="var(--act)" strokeWidth="9" />
        </>
      ),
    },
    read: {
      says: 'The card is read within two minutes of the last drop',
      draw: (
        <>
          <TestCard drops={3} />
          <path d="M182 60q-18 0 -30 14 12 14 30 14 18 0 30 -14 -12 -14 -30 -14Z" {...PEN} />
          <circle cx="182" cy="74" r="6" fill="var(--ink)" />
          <path d="M182 92v36" {...FINE} strokeDasharray="4 5" />
          <Wait x={296} y={64} gone={0.85} />
        </>
      ),
    },
  },
} satisfies MethodDrawing;
