import type { MethodDrawing } from './index';
import { Arrow, Says, Table } from './kit/ground';
import { FINE, PEN, THING } from './kit/line';
import { CORES } from './kit/shared';
import { Camera, Wait } from './kit/tools';
import { Bag, Bucket } from './kit/vessels';

export default {
  steps: {
    label: {
      says: 'The bag is labelled before it is filled: field, spot, depth, date and what is asked for',
      draw: (
        <>
          <Table />
          <g transform="translate(-60 -62) scale(1.6)">
            <Bag x={100} y={62} full={0} says="x" />
          </g>
          <path d="M246 100L300 40l12 10L256 110l-14 4Z" {...THING} />
        </>
      ),
    },
    cores: CORES,
    'mix-bag': {
      says: 'The cores are mixed in the bucket, stones and roots out; two handfuls go into the bag with some air',
      draw: (
        <>
          <Table />
          <Bucket x={50} y={94} full={0.6} />
          <Arrow from={[72, 112]} to={[122, 112]} bend={-18} />
          <Bag x={230} y={86} full={0.5} says="x" />
          <Arrow from={[150, 80]} to={[246, 76]} bend={-24} />
          <Says x={196} y={44}>
            two handfuls
          </Says>
        </>
      ),
    },
    'photo-cool': {
      says: 'The label is photographed and the bag kept cool, out of the sun at once',
      draw: (
        <>
          <Table />
          <Camera x={76} y={96} turn={90} />
          <path d="M118 84L150 66M118 108L150 128" {...FINE} strokeDasharray="5 5" />
          <path d="M170 172V84H310V172ZM162 84L170 60H310L318 84Z" {...THING} />
          <path d="M240 106v40M222 116l36 20M258 116l-36 20" {...PEN} stroke="var(--water)" />
        </>
      ),
    },
    'hand-over': {
      says: 'The bag is handed over within two days',
      draw: (
        <>
          <Table />
          <Bag x={60} y={86} full={0.5} says="x" />
          <Arrow from={[146, 120]} to={[222, 120]} />
          <path d="M236 172V96L290 64L344 96V172Z" {...THING} />
          <path d="M278 172V136H302V172M262 112h14M304 112h14" {...PEN} />
          <Wait x={182} y={64} gone={0.6} />
          <Says x={156} y={156}>
            two days
          </Says>
        </>
      ),
    },
  },
} satisfies MethodDrawing;
