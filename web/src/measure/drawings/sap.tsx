import type { Values } from '../draft';
import type { MethodDrawing } from './index';
import { Arrow, Plant, Says, Table } from './kit/ground';
import { Pinch } from './kit/hands';
import { FINE, PEN, THING } from './kit/line';
import { RINSE } from './kit/shared';
import { Drop, Dropper, Meter } from './kit/tools';

/** A refractometer: its prism at the left, the eye at the right; the line stands as high as was read. */
function Scope({ x, y }: { x: number; y: number }) {
  return (
    <>
      <path d={`M${x} ${y}L${x + 44} ${y - 10}H${x + 150}V${y + 26}H${x + 44}Z`} {...THING} />
      <path d={`M${x + 150} ${y - 14}H${x + 172}V${y + 30}H${x + 150}Z`} {...PEN} fill="var(--ink)" />
      <path d={`M${x + 2} ${y - 2}L${x + 36} ${y - 26}`} {...PEN} />
    </>
  );
}

export default {
  steps: {
    zero: {
      says: 'The refractometer is set to zero with distilled water',
      draw: (
        <>
          <Scope x={80} y={120} />
          <Dropper x={104} y={70} />
          <Drop x={104} y={80} />
          <Says x={250} y={90}>
            0
          </Says>
        </>
      ),
    },
    pick: {
      says: 'The youngest full leaves are picked on the sunny side, between ten and two',
      draw: (
        <>
          <Plant x={120} y={186} tall={140} pairs={4} />
          <Pinch x={140} y={86} turn={-6} />
          <circle cx="300" cy="46" r="18" {...PEN} />
          <path d="M272 56l-10 4M284 20l-6 -10M300 72v10" {...FINE} />
          <Says x={262} y={116}>
            10 to 14 h
          </Says>
        </>
      ),
    },
    press: {
      says: 'Leaves are torn and pressed; two drops are enough',
      draw: (
        <>
          <path
            d="M120 60C140 40 220 40 236 60L230 86H126Z"
            {...PEN}
            stroke="var(--holding)"
            fill="var(--lift)"
          />
          <path d="M118 92H240M110 52L96 30M246 52L260 30" {...PEN} strokeWidth="5" />
          <Drop x={170} y={104} />
          <Drop x={186} y={118} />
          <Scope x={140} y={160} />
          <Arrow from={[76, 44]} to={[76, 86]} />
          <Arrow from={[286, 44]} to={[286, 86]} />
        </>
      ),
    },
    read: {
      says: 'Sugar, acidity and salts are read at once, each on its meter',
      draw: (values: Values) => (
        <>
          <Table />
          <circle cx="92" cy="96" r="56" {...THING} />
          <path d="M40 96H144" {...PEN} stroke="var(--act)" />
          <path d="M92 48v96M86 60h12M86 72h12M86 84h12M86 108h12M86 120h12M86 132h12" {...FINE} />
          <Says x={52} y={90}>
            {String(values.brix ?? '').slice(0, 5) || '9'}
          </Says>
          <Meter x={186} y={46} says={String(values.ph ?? '').slice(0, 5) || '6.1'} />
          <Meter x={274} y={46} says={String(values.ecMsPerCm ?? '').slice(0, 5) || '7.0'} />
        </>
      ),
    },
    rinse: RINSE,
  },
} satisfies MethodDrawing;
