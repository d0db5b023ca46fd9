import { range } from '../../ground/range';
import type { Values } from '../draft';
import type { MethodDrawing, ResultProps } from './index';
import { Arrow, Grass, Ground, Says } from './kit/ground';
import { Finger } from './kit/hands';
import { FINE, MOVE, PEN } from './kit/line';
import { measured, SharesBar } from './kit/results';
import { Camera, Notes } from './kit/tools';

function Rows() {
  return (
    <>
      {range(5).map((row) => (
        <g key={row}>
          <path d={`M${40 + row * 60} 30L${20 + row * 66} 186`} {...FINE} strokeDasharray="3 7" />
          {range(4).map((i) => (
            <Grass key={i} x={36 + row * 61 - i * 2} y={62 + i * 38} blades={3} tall={13} />
          ))}
        </g>
      ))}
    </>
  );
}

function Patch({ kind }: { kind: string }) {
  return (
    <>
      <rect x="4" y="3" width="52" height="38" rx="3" fill="var(--soil-mid)" />
      {kind === 'live' && (
        <path
          d="M12 34q2 -16 12 -20 2 14 -12 20ZM30 36q-2 -18 8 -24 6 14 -8 24ZM46 34q-8 -10 -2 -20 10 8 2 20Z"
          {...PEN}
          stroke="var(--holding)"
          fill="var(--holding)"
          fillOpacity="0.35"
        />
      )}
      {kind === 'litter' && (
        <path
          d="M8 12l30 8M14 34l34 -8M22 8l14 26M44 8l-18 10M40 36l12 -14"
          {...PEN}
          stroke="var(--spent)"
          strokeWidth="4"
        />
      )}
      {kind === 'stone' && (
        <path
          d="M10 26q2 -12 14 -12t14 10 -12 12 -16 -10ZM38 16q6 -8 14 -2t-2 12 -12 -10Z"
          {...PEN}
          fill="var(--lift)"
        />
      )}
      <path d="M26 22h8M30 18v8" {...MOVE} />
    </>
  );
}

/** What each share was, whether it was typed, called or counted. */
function shareOf(values: Values, kind: string): number {
  const hits = (values.hits as string[] | undefined) ?? [];
  return hits.length > 0 && (values[kind] === undefined || values[kind] === '')
    ? (100 * hits.filter((hit) => hit === kind).length) / hits.length
    : Number(values[kind]) || 0;
}

function ResultDrawing({ evaluation, values }: ResultProps) {
  const parts = [
    { name: 'live', share: shareOf(values, 'live'), tone: 'var(--holding)' },
    { name: 'litter', share: shareOf(values, 'litter'), tone: 'var(--spent)' },
    { name: 'stone', share: shareOf(values, 'stone'), tone: 'var(--edge)' },
    { name: 'bare', share: shareOf(values, 'bare'), tone: 'var(--soil-mid)' },
  ];
  const cover = measured(evaluation, 'cover');
  return cover === null ? (
    <SharesBar parts={parts} />
  ) : (
    <SharesBar parts={parts} counted={{ upTo: Math.min(100, cover), says: 'covered' }} />
  );
}

export default {
  steps: {
    'lay-line': {
      says: 'A knotted line is laid tight on the ground across the rows',
      draw: (
        <>
          <Rows />
          <path d="M16 140L344 70" {...PEN} strokeWidth="2.6" />
          {range(11).map((i) => (
            <circle key={i} cx={30 + i * 30} cy={137 - i * 6.4} r="4" fill="var(--ink)" />
          ))}
          <Arrow from={[316, 106]} to={[346, 100]} />
        </>
      ),
    },
    'fifty-points': {
      says: 'Straight down at each knot: what lies under it is called',
      draw: (
        <>
          <Ground y={150} />
          <Grass x={70} y={149} blades={5} tall={22} />
          <path d="M230 149l34 -6M244 149l30 4" {...PEN} stroke="var(--spent)" strokeWidth="4" />
          <path d="M20 132H340" {...PEN} />
          {[80, 166, 252].map((x) => (
            <circle key={x} cx={x} cy="132" r="5" fill="var(--ink)" />
          ))}
          <Finger x={80} y={112} turn={-6} />
          <path d="M80 116V146M166 120V146M252 120V140" {...MOVE} strokeDasharray="3 6" />
          <Says x={60} y={182}>
            live
          </Says>
          <Says x={150} y={182}>
            bare
          </Says>
          <Says x={236} y={182}>
            litter
          </Says>
        </>
      ),
    },
    enter: {
      says: 'Four shares are written down; they make a hundred',
      draw: (
        <>
          <rect x="40" y="86" width="90" height="30" fill="var(--holding)" />
          <rect x="130" y="86" width="60" height="30" fill="var(--spent)" />
          <rect x="190" y="86" width="18" height="30" fill="var(--rule)" />
          <rect x="40" y="86" width="214" height="30" {...PEN} />
          <Notes x={216} y={40} lines={['40', '30', '5']} />
        </>
      ),
    },
    photo: {
      says: 'A picture straight down from the height of the chest',
      draw: (
        <>
          <Ground y={170} />
          {range(6).map((i) => (
            <Grass key={i} x={100 + i * 30} y={169} blades={3} tall={14} />
          ))}
          <g transform="rotate(90 180 44)">
            <Camera x={180} y={44} />
          </g>
          <path d="M166 60L92 164M194 60L268 164" {...FINE} strokeDasharray="5 5" />
          <Says x={276} y={100}>
            chest high
          </Says>
        </>
      ),
    },
    count: {
      says: 'On the picture, bare soil is tapped once, then litter and stone',
      draw: (
        <>
          <rect x="60" y="24" width="240" height="156" rx="8" {...PEN} fill="var(--soil-mid)" />
          <path
            d="M90 60q10 -30 34 -34 4 26 -34 34ZM236 130q-6 -32 18 -44 14 28 -18 44ZM104 156q-10 -22 8 -38 16 18 -8 38Z"
            {...PEN}
            stroke="var(--holding)"
            fill="var(--holding)"
            fillOpacity="0.4"
          />
          <path
            d="M150 150l58 -14M224 46l50 12M160 120l34 18"
            {...PEN}
            stroke="var(--spent)"
            strokeWidth="5"
          />
          <circle cx="160" cy="80" r="12" {...MOVE} />
          <Finger x={164} y={76} turn={18} />
        </>
      ),
    },
  },
  scales: {
    hits: {
      live: <Patch kind="live" />,
      litter: <Patch kind="litter" />,
      stone: <Patch kind="stone" />,
      bare: <Patch kind="bare" />,
    },
  },
  ResultDrawing,
} satisfies MethodDrawing;
