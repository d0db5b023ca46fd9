import { Across, Along } from '../../ground/Axis';
import { figure, myUnit } from '../../ground/myUnits';
import { depthScale, scale } from '../../ground/scale';
import type { Values } from '../draft';
import type { MethodDrawing, ResultProps } from './index';
import { Arrow, Ground, Says, Table } from './kit/ground';
import { PEN, WET } from './kit/line';
import { measured, OnScale } from './kit/results';
import { AUGER, RINSE_PROBE, SHAKE } from './kit/shared';
import { Meter, Pouring, Stick, Wait } from './kit/tools';
import { Jar } from './kit/vessels';

const shown = (values: Values) => String(values.ec ?? '').slice(0, 5) || '0.82';

const STEPS = [
  { from: 0, name: 'non-saline' },
  { from: 2, name: 'slightly saline' },
  { from: 4, name: 'moderately saline' },
  { from: 8, name: 'strongly saline' },
  { from: 16, name: 'very strongly saline' },
];

/** As paste on its scale; down the core where this place was read at other depths too. */
function ResultDrawing({ evaluation, values, others }: ResultProps) {
  const ece = measured(evaluation, 'ece');
  if (ece === null) return null;
  const down = [
    ...others.map((one) => ({ depthCm: Number(one.reading.depthCm), ece: measured(one.evaluation, 'ece') })),
    { depthCm: Number(values.depthCm), ece },
  ]
    .filter((one): one is { depthCm: number; ece: number } => one.ece !== null && one.depthCm >= 0)
    .sort((a, b) => a.depthCm - b.depthCm);
  const own = <OnScale value={ece} steps={STEPS} unit="dS/m" says={`${ece.toFixed(1)} dS/m as paste`} />;
  if (down.length < 2) return own;
  const y = depthScale(Math.max(...down.map((one) => one.depthCm)), 120, 24);
  const x = scale([0, Math.max(4, ...down.map((one) => one.ece))], [48, 340], undefined, 'dS/m');
  return (
    <>
      {own}
      <svg
        viewBox="0 0 360 166"
        className="w-full"
        role="img"
        aria-label={down
          .map((one) => `${figure(one.ece, 'dS/m')} at ${figure(one.depthCm, 'cm')}`)
          .join(', ')}
      >
        <Across scale={y} from={48} to={340} />
        <Along scale={x} y={14} />
        <path d={`M${down.map((one) => `${x(one.ece)} ${y(one.depthCm)}`).join('L')}`} {...PEN} />
        {down.map((one, i) => (
          <circle key={i} cx={x(one.ece)} cy={y(one.depthCm)} r="5" fill="var(--ink)" />
        ))}
        <Says x={340} y={162} end>
          {`${myUnit('dS/m')} as paste, ${myUnit('cm')} down`}
        </Says>
      </svg>
    </>
  );
}

export default {
  steps: {
    'check-standard': {
      says: 'The probe is checked in its standard at the same warmth',
      draw: (
        <>
          <Table />
          <Jar x={90} y={84} w={64} h={86} water={62} />
          <Says x={88} y={72}>
            1.41 dS/m
          </Says>
          <Meter x={230} y={46} says="1.41" />
          <path d="M230 100C200 40 128 24 122 50V142" {...PEN} strokeWidth="3.4" />
        </>
      ),
    },
    auger: AUGER,
    mix: {
      says: 'Soil and distilled water, one part to one or to five by weight',
      draw: (
        <>
          <Table />
          <path d="M70 172V152H190V172M84 152L90 140H170L176 152" {...PEN} fill="var(--lift)" />
          <Jar x={104} y={58} w={54} h={82} water={50} soil={[22]} />
          <Pouring x={166} y={30} flip />
          <path d="M164 34q-10 14 -16 50" {...WET} strokeWidth="4" />
          <Says x={226} y={110}>
            1 : 1 or 1 : 5
          </Says>
        </>
      ),
    },
    shake: SHAKE,
    read: {
      says: 'The sensing part hangs wholly under, clear of the walls, until the figure holds still',
      draw: (values) => (
        <>
          <Table />
          <Jar x={84} y={64} w={80} h={106} water={82} soil={[20]} />
          <path d="M118 98H130V128Q124 134 118 128Z" {...PEN} fill="var(--lift)" />
          <Meter x={232} y={46} says={shown(values)} />
          <path d="M232 100C204 30 132 16 124 46V98" {...PEN} strokeWidth="3.4" />
          <Arrow from={[102, 116]} to={[90, 116]} />
          <Arrow from={[146, 116]} to={[158, 116]} />
        </>
      ),
    },
    'rinse-enter': RINSE_PROBE,
    wet: {
      says: 'The ground is wetted with rain or distilled water and left to stand',
      draw: (
        <>
          <Ground y={118} />
          <path d="M110 120C114 152 236 152 240 120Z" fill="var(--water)" opacity="0.35" />
          <Pouring x={214} y={36} flip />
          <path d="M212 40q-10 20 -26 74M204 60q-14 20 -40 54" {...WET} />
          <Wait x={52} y={56} gone={0.2} />
        </>
      ),
    },
    'insert-read': {
      says: 'The probe goes in wholly, no stone touching it, and is read',
      draw: (values) => (
        <>
          <Ground y={118} />
          <path d="M110 120C114 152 236 152 240 120Z" fill="var(--water)" opacity="0.35" />
          <Stick x={172} y={160} long={128} tip="wet" />
          <Arrow from={[206, 60]} to={[206, 104]} />
          <Meter x={264} y={10} says={shown(values)} />
        </>
      ),
    },
    wipe: RINSE_PROBE,
  },
  ResultDrawing,
} satisfies MethodDrawing;
