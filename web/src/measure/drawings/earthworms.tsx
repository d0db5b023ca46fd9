import { show } from '../../ground/format';
import type { Values } from '../draft';
import type { MethodDrawing, ResultProps } from './index';
import { Arrow, Ground, Says, Table } from './kit/ground';
import { Pinch } from './kit/hands';
import { FINE, PEN, SOIL } from './kit/line';
import { measured } from './kit/results';
import { BLOCK } from './kit/shared';
import { Heap, Piece, Worm } from './kit/soil';
import { Wait } from './kit/tools';

/** As many worms as were counted so far, up to a dishful; grown ones with their saddle. */
function Counted({ values }: { values: Values }) {
  const first = ((values.blocks as Values[] | undefined) ?? [])[0];
  const adults = Number(first?.adults) || 0;
  const young = Number(first?.young) || 0;
  const none = adults + young === 0;
  const many = (x: number) => Math.min(8, Math.max(0, Math.round(x)));
  return (
    <>
      {Array.from({ length: none ? 3 : many(adults) }, (_, i) => (
        <Worm key={i} x={88 + (i % 2) * 54} y={84 + Math.floor(i / 2) * 26} saddle turn={(i % 3) * 8 - 6} />
      ))}
      {Array.from({ length: none ? 4 : many(young) }, (_, i) => (
        <Worm
          key={i}
          x={226 + (i % 2) * 48}
          y={84 + Math.floor(i / 2) * 26}
          long={32}
          turn={(i % 3) * 10 - 8}
        />
      ))}
    </>
  );
}

/** Where each kind lives: in the litter, in the soil, in a burrow from deep to the top. */
function Kind({ at }: { at: 'surface' | 'soil' | 'deep' }) {
  return (
    <>
      <path d="M3 16H57" {...PEN} />
      <rect x="3" y="16" width="54" height="26" fill="var(--soil-mid)" opacity="0.6" />
      {at === 'surface' && (
        <>
          <path d="M10 14l14 -4M30 14l16 -5" {...PEN} stroke="var(--spent)" strokeWidth="3" />
          <Worm x={30} y={9} long={22} />
        </>
      )}
      {at === 'soil' && <Worm x={30} y={28} long={28} tint="var(--slipping)" />}
      {at === 'deep' && (
        <>
          <path d="M30 16V42" {...PEN} stroke="var(--paper)" strokeWidth="8" />
          <Worm x={30} y={27} long={28} turn={90} saddle />
        </>
      )}
    </>
  );
}

/** Worms of a block by age: a worm for each, to thirty. */
function ResultDrawing({ evaluation }: ResultProps) {
  const all = measured(evaluation, 'perBlock');
  if (all === null) return null;
  const young = ((measured(evaluation, 'youngShare') ?? 0) / 100) * all;
  const shown = Math.min(30, Math.round(all));
  const grown = Math.round(shown * (all === 0 ? 0 : (all - young) / all));
  return (
    <svg
      viewBox="0 0 360 110"
      className="w-full"
      role="img"
      aria-label={`${show(all)} worms in a block, ${show(young)} of them young`}
    >
      {Array.from({ length: shown }, (_, i) => (
        <Worm
          key={i}
          x={28 + (i % 10) * 34}
          y={20 + Math.floor(i / 10) * 26}
          long={i < grown ? 28 : 18}
          saddle={i < grown}
        />
      ))}
      <text x="12" y="102" fontSize="14" fill="var(--ink)">
        {show(all - young)} grown, {show(young)} young{all > 30 ? ', the first 30 drawn' : ''}
      </text>
    </svg>
  );
}

export default {
  steps: {
    block: BLOCK,
    sort: {
      says: 'The block is sorted by hand for a fixed time, then no longer',
      draw: (
        <>
          <Table />
          <Piece x={40} y={84} w={110} h={88} />
          <Piece x={166} y={138} w={40} h={34} />
          <Piece x={210} y={150} w={26} h={22} />
          <Heap x={280} y={172} w={90} h={26} grain={1.6} />
          <Worm x={166} y={106} turn={-20} />
          <Pinch x={176} y={96} turn={-10} />
          <Wait x={320} y={50} gone={0.7} r={24} />
        </>
      ),
    },
    'count-kinds': {
      says: 'Worms are counted: grown ones with a saddle, young ones without',
      draw: (values) => (
        <>
          <path d="M40 52H166V180H40ZM194 52H320V180H194Z" {...PEN} fill="var(--lift)" />
          <Counted values={values} />
          <Says x={40} y={42}>
            grown: a saddle
          </Says>
          <Says x={194} y={42}>
            young
          </Says>
        </>
      ),
    },
    'return-enter': {
      says: 'They go back under damp soil, out of the sun',
      draw: (
        <>
          <Ground y={96} />
          <path d="M110 98C116 148 236 148 242 98Z" {...SOIL} />
          <Worm x={158} y={116} saddle />
          <Worm x={200} y={124} long={32} turn={10} />
          <Arrow from={[176, 40]} to={[176, 88]} />
          <path d="M240 70q30 -20 60 0" {...FINE} />
          <path d="M252 78v8M270 74v8M288 78v8" {...PEN} stroke="var(--water)" />
        </>
      ),
    },
  },
  scales: { kinds: { surface: <Kind at="surface" />, soil: <Kind at="soil" />, deep: <Kind at="deep" /> } },
  ResultDrawing,
} satisfies MethodDrawing;
