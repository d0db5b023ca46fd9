import type { MethodDrawing } from './index';
import { Arrow, Says, Table } from './kit/ground';
import { Palm } from './kit/hands';
import { FINE, PEN, SOIL, WET } from './kit/line';
import { DRY, RINSE } from './kit/shared';
import { Piece } from './kit/soil';
import { Wait } from './kit/tools';
import { Jar } from './kit/vessels';

const CLOD = { w: 70, h: 58 };

/** A clod on the board, by how much of its height it kept. */
function Turned({ kept, splash }: { kept: number; splash?: boolean }) {
  const high = 28 * kept;
  const wide = 24 + (1 - kept) * 30;
  return (
    <>
      <path d="M3 38H57" {...PEN} />
      <path
        d={`M${30 - wide / 2} 37C${30 - wide / 2} ${37 - high} ${30 - wide * 0.3} ${36 - high} 30 ${36 - high}S${30 + wide / 2} ${37 - high} ${30 + wide / 2} 37Z`}
        {...SOIL}
      />
      {splash && (
        <path d="M6 33l3 -4M14 30l1 -5M45 30l2 -5M53 33l3 -4M30 28v-5" {...PEN} stroke="var(--root)" />
      )}
    </>
  );
}

export default {
  steps: {
    gather: {
      says: 'A clod as large as a fist is taken from the topsoil',
      draw: (
        <>
          <Palm x={160} y={130} />
          <Piece x={120} y={66} {...CLOD} />
          <Says x={232} y={84}>
            as large as a fist
          </Says>
        </>
      ),
    },
    dry: DRY,
    soak: {
      says: 'The clod in its sieve is lowered into the water all at once',
      draw: (
        <>
          <Table y={186} />
          <Jar x={110} y={62} w={130} h={122} water={96} />
          <path d="M128 130H222M128 130V30M222 130V30" {...PEN} />
          <path d="M128 130H222" {...FINE} strokeDasharray="3 4" />
          <Piece x={140} y={72} {...CLOD} />
          <Arrow from={[272, 66]} to={[272, 122]} />
          <Wait x={44} y={60} gone={0.2} />
        </>
      ),
    },
    'lift-drain': {
      says: 'The sieve is lifted and drains; it is not shaken',
      draw: (
        <>
          <Table y={186} />
          <Jar x={110} y={96} w={130} h={88} water={64} cloud={0.3} />
          <path d="M128 84H222M128 84V16M222 84V16" {...PEN} />
          <Piece x={142} y={30} w={66} h={52} round={0.35} />
          <path d="M150 90v22M176 90v26M202 90v20" {...WET} strokeDasharray="5 6" />
          <Arrow from={[272, 110]} to={[272, 52]} />
        </>
      ),
    },
    'turn-out-judge': {
      says: 'The clod is turned out on a board; what it became is judged, and what stayed in the water',
      draw: (
        <>
          <Table y={168} />
          <path d="M60 168V160H300V168" {...PEN} fill="var(--lift)" />
          <path d="M142 158C136 120 160 106 184 106S228 122 222 158Z" {...SOIL} />
          <g transform="rotate(24 258 74)">
            <path d="M212 92H306M212 92V52M306 92V52" {...PEN} />
            <path d="M212 92H306" {...FINE} strokeDasharray="3 4" />
          </g>
          <Arrow from={[238, 84]} to={[206, 98]} bend={8} />
          <Jar x={28} y={104} w={52} h={62} water={44} cloud={0.5} soil={[10]} />
        </>
      ),
    },
    rinse: RINSE,
  },
  scales: {
    shape: {
      keeps: <Turned kept={1} />,
      sags: <Turned kept={0.66} />,
      pancakes: <Turned kept={0.3} />,
      splatters: <Turned kept={0.14} splash />,
    },
  },
} satisfies MethodDrawing;
