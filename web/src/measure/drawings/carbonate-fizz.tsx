import { range } from '../../ground/range';
import type { MethodDrawing } from './index';
import { Arrow, Says, Table } from './kit/ground';
import { FINE, PEN, THING } from './kit/line';
import { Piece } from './kit/soil';
import { Drop, Dropper, Wait } from './kit/tools';

/** A crumb under acid: how many bubbles, how large, how high the foam. */
function Fizz({ bubbles, foam, hiss }: { bubbles: number; foam: number; hiss?: boolean }) {
  return (
    <>
      <Piece x={16} y={22} w={28} h={18} />
      {foam > 0 && (
        <path
          d={`M12 24C8 ${22 - foam} 18 ${20 - foam} 22 ${22 - foam}C26 ${16 - foam} 36 ${16 - foam} 40 ${22 - foam}C48 ${20 - foam} 52 ${24 - foam / 2} 46 25Z`}
          {...THING}
          stroke="var(--water)"
        />
      )}
      {range(bubbles).map((i) => (
        <circle
          key={i}
          cx={17 + ((i * 9) % 28)}
          cy={foam > 0 ? 22 - ((i * 7) % Math.max(8, foam + 6)) : 20 - ((i * 5) % 9)}
          r={1.4 + (i % 3) * 0.9}
          {...FINE}
          stroke="var(--water)"
        />
      ))}
      {hiss && <path d="M50 14q4 4 0 8M55 10q7 8 0 16M10 14q-4 4 0 8" {...FINE} stroke="var(--act)" />}
    </>
  );
}

export default {
  steps: {
    'goggles-gloves': {
      says: 'Goggles and gloves are on and the wind comes from behind, before the box is opened',
      draw: (
        <>
          <path
            d="M64 66H176C188 66 190 108 172 108C150 108 134 104 120 90C106 104 90 108 68 108C50 108 52 66 64 66ZM52 78H20M188 78H220"
            {...THING}
            strokeWidth="3"
          />
          <path d="M80 80l14 14M146 80l14 14" {...FINE} />
          <path
            d="M252 170V110C252 96 268 96 268 110V84C268 72 284 72 284 84V78C284 66 300 66 300 78V86C300 76 314 76 314 88V118L326 104C336 98 342 108 336 118L314 156V170Z"
            {...THING}
          />
          <path d="M252 156H314" {...FINE} />
          <Arrow from={[24, 150]} to={[110, 150]} bend={-8} />
          <Says x={124} y={155}>
            wind
          </Says>
        </>
      ),
    },
    drop: {
      says: 'Three drops from a small dropper on each of two freshly broken crumbs',
      draw: (
        <>
          <Table />
          <path d="M60 172V160H300V172" {...THING} />
          <Piece x={102} y={120} w={52} h={40} />
          <Piece x={212} y={122} w={50} h={38} />
          <Dropper x={130} y={76} />
          <Drop x={130} y={84} />
          <Drop x={130} y={102} />
          <Wait x={316} y={56} gone={0.06} />
        </>
      ),
    },
    judge: {
      says: 'Look and listen after half a minute, and once more: dolomite answers late',
      draw: (
        <>
          <Table />
          <path d="M60 172V160H300V172" {...THING} />
          <Piece x={102} y={120} w={52} h={40} />
          <Piece x={212} y={122} w={50} h={38} />
          <path
            d="M96 122C92 106 106 100 114 106C120 94 140 94 144 106C158 102 162 116 156 122Z"
            {...THING}
            stroke="var(--water)"
          />
          <circle cx="226" cy="114" r="4" {...FINE} stroke="var(--water)" />
          <circle cx="240" cy="110" r="3" {...FINE} stroke="var(--water)" />
          <path d="M180 34q-18 0 -30 14 12 14 30 14 18 0 30 -14 -12 -14 -30 -14Z" {...PEN} />
          <circle cx="180" cy="48" r="6" fill="var(--ink)" />
          <path d="M258 40C258 24 282 24 282 42C282 54 270 54 270 66C270 74 260 74 258 68" {...PEN} />
          <Wait x={44} y={52} gone={0.5} />
        </>
      ),
    },
    'rinse-cap': {
      says: 'The dropper is capped and goes into its second box; the tile is rinsed',
      draw: (
        <>
          <Table />
          <path d="M70 172V98H190V172" {...PEN} />
          <path d="M70 98L54 66M190 98L206 66" {...PEN} />
          <Dropper x={130} y={164} />
          <path d="M122 170h16v-8h-16Z" {...PEN} fill="var(--ink)" />
          <Arrow from={[130, 40]} to={[130, 84]} />
          <path d="M240 160H330" {...PEN} strokeWidth="5" />
          <path d="M262 90v44M284 80v54M306 92v42" {...PEN} stroke="var(--water)" strokeDasharray="8 6" />
        </>
      ),
    },
  },
  scales: {
    reaction: {
      none: <Fizz bubbles={0} foam={0} />,
      hiss: <Fizz bubbles={0} foam={0} hiss />,
      bubbles: <Fizz bubbles={7} foam={0} />,
      foam: <Fizz bubbles={4} foam={3} />,
      'thick-foam': <Fizz bubbles={6} foam={9} />,
      boils: <Fizz bubbles={12} foam={13} hiss />,
    },
  },
} satisfies MethodDrawing;
