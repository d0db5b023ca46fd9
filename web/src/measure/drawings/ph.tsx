import type { Evaluation } from '../../api/types';
import { Across, Along } from '../../ground/Axis';
import { show } from '../../ground/format';
import { figure, myUnit } from '../../ground/myUnits';
import { depthScale, scale } from '../../ground/scale';
import type { Values } from '../draft';
import type { MethodDrawing } from './index';
import { Says, Table } from './kit/ground';
import { Pinch } from './kit/hands';
import { FINE, PEN } from './kit/line';
import { AUGER, RINSE, SHAKE } from './kit/shared';
import { Card, Drop, Dropper, Meter, Wait } from './kit/tools';
import { Jar, Vial } from './kit/vessels';

/** pH by depth in water, downward, with the acid limit. */
function ResultDrawing({ evaluation }: { evaluation: Evaluation }) {
  const points = evaluation.measures.filter((measure) => measure.key === 'inWater');
  if (points.length === 0) return null;
  const y = depthScale(Math.max(...points.map((point) => point.depthCm ?? 0)), 130, 26);
  const x = scale([3.5, 9.5], [52, 330], 1);
  return (
    <svg
      viewBox="0 0 360 176"
      className="w-full"
      role="img"
      aria-label={points
        .map((point) => `pH ${show(point.value)} at ${figure(point.depthCm ?? null, 'cm')}`)
        .join(', ')}
    >
      <Across scale={y} from={52} to={330} />
      <Along scale={x} y={18} />
      <path d={`M${x(5.5)} 26V${y(y.domain[1])}`} stroke="var(--warn)" strokeDasharray="5 4" />
      <path
        d={`M${points.map((point) => `${x(point.value ?? 0)} ${y(point.depthCm ?? 0)}`).join('L')}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.2"
      />
      {points.map((point) => (
        <g key={point.depthCm}>
          <circle cx={x(point.value ?? 0)} cy={y(point.depthCm ?? 0)} r="4.5" fill="var(--ink)" />
          <text
            x={x(point.value ?? 0) + 10}
            y={y(point.depthCm ?? 0) + 5}
            fontSize="14"
            className="num"
            fill="var(--ink)"
          >
            {show(point.value)}
          </text>
        </g>
      ))}
      <text x="12" y="96" fontSize="12" fill="var(--faded)" transform="rotate(-90 12 96)" textAnchor="middle">
        depth, {myUnit('cm')}
      </text>
    </svg>
  );
}

/** The figure typed last, on the meter. */
function last(values: Values): string {
  const points = (values.points as Values[] | undefined) ?? [];
  return String(
    points.findLast((point) => point.value !== undefined && point.value !== '')?.value ?? '6.4',
  ).slice(0, 5);
}

export default {
  steps: {
    calibrate: {
      says: 'The meter is set in two buffers at the same warmth',
      draw: (
        <>
          <Table />
          <Jar x={60} y={86} w={58} h={84} water={60} />
          <Jar x={140} y={86} w={58} h={84} water={60} />
          <Says x={80} y={76}>
            7
          </Says>
          <Says x={162} y={76}>
            4
          </Says>
          <Meter x={250} y={40} says="7.00" />
          <path d="M250 100C220 60 176 40 170 60V146" {...PEN} strokeWidth="3.4" />
        </>
      ),
    },
    auger: AUGER,
    'mix-fill': {
      says: 'One vial is filled for each depth; roots and stones are left out',
      draw: (
        <>
          <Table />
          <Vial x={120} y={66} h={106} full={0.16} soil={18} />
          <Vial x={200} y={66} h={106} full={0.16} soil={18} />
          <Pinch x={138} y={52} turn={-10} />
          <path d="M132 54l10 10M136 48l4 12" {...PEN} stroke="var(--root)" strokeWidth="3.4" />
          <Says x={112} y={192}>
            0 to 10
          </Says>
          <Says x={196} y={192}>
            below
          </Says>
        </>
      ),
    },
    'weigh-mix': {
      says: 'One part of soil and five parts of liquid by weight',
      draw: (
        <>
          <Table />
          <path d="M70 172V152H190V172M84 152L90 140H170L176 152" {...PEN} fill="var(--lift)" />
          <Jar x={104} y={58} w={54} h={82} water={60} soil={[14]} />
          <Says x={214} y={84}>
            soil 1
          </Says>
          <Says x={214} y={108}>
            liquid 5
          </Says>
        </>
      ),
    },
    shake: SHAKE,
    indicator: {
      says: 'Indicator is dropped on the soil in the vial, then one waits',
      draw: (
        <>
          <Table />
          <Vial x={140} y={70} h={102} full={0.4} soil={20} />
          <Dropper x={154} y={46} />
          <Drop x={154} y={52} />
          <Wait x={262} y={90} gone={0.3} r={26} />
          <Says x={228} y={142}>
            clay: longer
          </Says>
        </>
      ),
    },
    'powder-read': {
      says: 'White powder on top takes the colour; vial and card are held with light between them, out of the sun',
      draw: (
        <>
          <Table />
          <Vial x={120} y={62} h={110} fill="var(--slipping)" full={0.5} soil={22} />
          <path d="M122 128q12 -6 24 0" {...PEN} stroke="var(--lift)" strokeWidth="5" />
          <Card x={218} y={36} marked={3} tint="var(--slipping)" />
          <path d="M160 100H208M160 116H208M160 84H208" {...FINE} strokeDasharray="4 6" />
          <path d="M60 40l-14 -8M56 56H40M68 28l-6 -14" {...FINE} stroke="var(--slipping)" />
          <circle cx="78" cy="48" r="12" {...FINE} />
        </>
      ),
    },
    read: {
      says: 'The probe hangs in the liquid until the figure holds still',
      draw: (values) => (
        <>
          <Table />
          <Jar x={90} y={72} w={70} h={98} water={72} soil={[18]} />
          <Meter x={230} y={46} says={last(values)} />
          <path d="M230 100C200 40 130 20 126 50V132" {...PEN} strokeWidth="3.4" />
        </>
      ),
    },
    rinse: RINSE,
  },
  ResultDrawing,
} satisfies MethodDrawing;
