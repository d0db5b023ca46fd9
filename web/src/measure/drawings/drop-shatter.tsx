import type { Values } from '../draft';
import type { MethodDrawing, ResultProps } from './index';
import { Arrow, Ground, Says, Span, Table } from './kit/ground';
import { Pinch } from './kit/hands';
import { FINE, PEN } from './kit/line';
import { SharesBar } from './kit/results';
import { Block, Heap, Piece } from './kit/soil';
import { Camera, Spade } from './kit/tools';

/** Pieces in heaps from fine to coarse. */
function Heaps() {
  return (
    <>
      <Heap x={64} y={168} w={76} h={30} grain={1.4} />
      <Heap x={146} y={168} w={70} h={36} grain={4} />
      <Piece x={196} y={138} w={26} h={30} />
      <Piece x={224} y={144} w={24} h={24} />
      <Piece x={212} y={118} w={26} h={24} />
      <Piece x={268} y={112} w={64} h={56} />
    </>
  );
}

const SIZES = [
  { key: 'under5mm', name: 'under 5' },
  { key: '5to20mm', name: 'to 20' },
  { key: '20to75mm', name: 'to 75' },
  { key: 'over75mm', name: 'over 75 mm' },
];
const TONES = ['var(--soil-top)', 'var(--soil-mid)', 'var(--root)', 'var(--ink)'];

/** The sizes in the tray; what counts is under 20 mm. */
function ResultDrawing({ values }: ResultProps) {
  const shares = (values.share ?? {}) as Values;
  const parts = SIZES.map((size, i) => ({
    name: size.name,
    share: Number(shares[size.key]) || 0,
    tone: TONES[i] ?? 'none',
  }));
  return (
    <SharesBar
      parts={parts}
      counted={{ upTo: (parts[0]?.share ?? 0) + (parts[1]?.share ?? 0), says: 'under 20 mm' }}
    />
  );
}

export default {
  steps: {
    'cut-cube': {
      says: 'A cube of topsoil, 20 cm each way, is cut with the spade',
      draw: (
        <>
          <Ground y={96} />
          <Block x={122} y={74} w={96} h={88} deep={40} />
          <Spade x={108} y={166} turn={-3} long={146} />
          <Span x={122} y={174} length={96} says="" />
          <Says x={264} y={150}>
            20 cm
          </Says>
        </>
      ),
    },
    drop: {
      says: 'The cube falls flat into a tray from a metre up',
      draw: (
        <>
          <path d="M100 178H280L292 154M100 178L88 154" {...PEN} />
          <Block x={150} y={30} w={56} h={48} deep={22} />
          <Arrow from={[186, 92]} to={[186, 162]} />
          <Span x={306} y={56} length={116} down says="1 m" />
          <path d="M96 66C110 50 130 46 148 50M96 84C112 78 130 76 148 78" {...PEN} />
        </>
      ),
    },
    'part-sort': {
      says: 'Big pieces are parted along their cracks without force, and all sorted from fine to coarse',
      draw: (
        <>
          <Table y={168} />
          <Heaps />
          <Pinch x={286} y={108} turn={-6} />
        </>
      ),
    },
    'photo-enter': {
      says: 'Four heaps from fine to coarse on one board, in one picture; their shares make a hundred',
      draw: (
        <>
          <Table y={168} />
          <Heaps />
          <g transform="rotate(90 180 44)">
            <Camera x={180} y={44} />
          </g>
          <path d="M164 68L50 130M196 68L320 104" {...FINE} strokeDasharray="5 5" />
          <Says x={36} y={190}>
            under 5
          </Says>
          <Says x={120} y={190}>
            to 20
          </Says>
          <Says x={200} y={190}>
            to 75
          </Says>
          <Says x={270} y={190}>
            over 75 mm
          </Says>
        </>
      ),
    },
  },
  ResultDrawing,
} satisfies MethodDrawing;
