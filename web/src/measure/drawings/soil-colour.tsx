import { show, signed } from '../../ground/format';
import { swatch } from '../../ground/munsell';
import type { Values } from '../draft';
import type { MethodDrawing, ResultProps } from './index';
import { Arrow, Ground, Says, Table } from './kit/ground';
import { FINE, PEN, SOIL } from './kit/line';
import { measured } from './kit/results';
import { Drop, Notes } from './kit/tools';
import { Bag } from './kit/vessels';

function Two({ wet }: { wet: boolean }) {
  return (
    <>
      <path d="M66 172C72 134 152 134 158 172Z" {...SOIL} fill={wet ? 'var(--root)' : 'var(--soil-mid)'} />
      <path
        d="M200 172C206 134 286 134 292 172Z"
        {...SOIL}
        fill={wet ? 'var(--ink)' : 'var(--soil-top)'}
        fillOpacity={wet ? 0.6 : 1}
      />
    </>
  );
}

function ResultDrawing({ evaluation, values }: ResultProps) {
  const paler = measured(evaluation, 'paler');
  const two = ['field', 'reference'].map((key) => (values[key] ?? {}) as Values);
  return (
    <svg
      viewBox="0 0 360 120"
      className="w-full"
      role="img"
      aria-label={`Field beside reference, ${show(paler)} steps of value`}
    >
      {two.map((colour, i) => (
        <g key={i}>
          <rect
            x={20 + i * 130}
            y="12"
            width="130"
            height="72"
            fill={swatch(String(colour.hue ?? '10YR'), Number(colour.value), Number(colour.chroma)) ?? 'none'}
            stroke="var(--edge)"
          />
          <text x={24 + i * 130} y="104" fontSize="14" fill="var(--ink)">
            {i === 0 ? 'field' : 'reference'} {show(Number(colour.value))}
          </text>
        </g>
      ))}
      {paler !== null && (
        <text x="292" y="56" fontSize="24" className="num" fill="var(--ink)">
          {signed(paler)}
        </text>
      )}
    </svg>
  );
}

export default {
  steps: {
    gather: {
      says: 'Soil from the field and from a reference that was never worked, not under a tree',
      draw: (
        <>
          <Ground y={86} />
          <path d="M30 80V64M52 80V66M74 80V62M96 80V66M118 80V64" {...PEN} stroke="var(--holding)" />
          <path
            d="M236 84V66C214 66 210 30 240 26C262 8 300 20 296 44C316 54 300 72 280 66V84"
            {...PEN}
            stroke="var(--holding)"
          />
          <Bag x={50} y={104} full={0.5} />
          <Bag x={196} y={104} full={0.5} />
          <Arrow from={[70, 90]} to={[76, 106]} />
          <Arrow from={[210, 90]} to={[220, 106]} />
          <Says x={130} y={156}>
            field
          </Says>
          <Says x={276} y={156}>
            reference
          </Says>
        </>
      ),
    },
    wet: {
      says: 'Both are wetted until the colour no longer changes',
      draw: (
        <>
          <Table />
          <Two wet={false} />
          {[92, 112, 132, 226, 246, 266].map((x, i) => (
            <Drop key={x} x={x} y={84 + (i % 3) * 12} />
          ))}
          <Says x={92} y={192}>
            field
          </Says>
          <Says x={216} y={192}>
            reference
          </Says>
        </>
      ),
    },
    'compare-in-shade': {
      says: 'Each is held to the chart in open shade, without tinted glasses',
      draw: (
        <>
          <path d="M40 40L180 8L320 40" {...PEN} />
          <rect x="96" y="50" width="168" height="130" rx="4" {...PEN} fill="var(--lift)" />
          {Array.from({ length: 4 }, (_, row) =>
            Array.from({ length: 5 }, (_, column) => (
              <rect
                key={`${row} ${column}`}
                x={108 + column * 30}
                y={60 + row * 29}
                width="22"
                height="21"
                fill="var(--root)"
                opacity={0.15 + row * 0.2 + column * 0.04}
              />
            )),
          )}
          <circle cx="179" cy="129" r="20" {...PEN} stroke="var(--act)" strokeWidth="2.6" />
          <path d="M84 66v106M78 164l6 8 6 -8" {...FINE} />
          <Says x={72} y={64} end>
            value
          </Says>
          <Says x={270} y={192} end>
            chroma
          </Says>
        </>
      ),
    },
    enter: {
      says: 'Hue, value and chroma of both are written down, halves where it lies between two chips',
      draw: (
        <>
          <rect x="60" y="50" width="60" height="44" {...PEN} fill="var(--root)" />
          <rect x="60" y="112" width="60" height="44" {...PEN} fill="var(--thriving)" />
          <Notes x={160} y={40} lines={['10YR', '4.5 / 3', '3 / 2']} />
        </>
      ),
    },
  },
  ResultDrawing,
} satisfies MethodDrawing;
