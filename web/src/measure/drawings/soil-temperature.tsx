import type { Evaluation } from '../../api/types';
import { show } from '../../ground/format';
import { figure } from '../../ground/myUnits';
import type { MethodDrawing, StepScene } from './index';
import { Grass, Ground, Plant, Says, Span } from './kit/ground';
import { PEN } from './kit/line';
import { Stick, Wait } from './kit/tools';

/** Three covers side by side, the thermometer in one of them. */
function covers(says: string, at: number, gone: number): StepScene {
  return {
    says,
    draw: (
      <>
        <Ground y={126} />
        <path d="M128 124l34 -6M150 126l40 -8M178 124l24 -6" {...PEN} stroke="var(--spent)" strokeWidth="5" />
        <Plant x={290} y={125} tall={76} />
        <Plant x={318} y={125} tall={64} />
        <Grass x={262} y={125} />
        <Stick x={at} y={160} long={116} />
        <Span x={at - 26} y={126} length={34} down says="" />
        <Says x={at - 34} y={150} end>
          5 cm
        </Says>
        <Says x={52} y={188}>
          bare
        </Says>
        <Says x={140} y={188}>
          residue
        </Says>
        <Says x={280} y={188}>
          canopy
        </Says>
        <Wait x={34} y={40} gone={gone} />
      </>
    ),
  };
}

/** Each cover's warmth on one thermometer scale, with where life slows. */
function ResultDrawing({ evaluation }: { evaluation: Evaluation }) {
  const points = evaluation.measures.filter(
    (measure) => measure.unit === '°C' && measure.key !== 'coverDifference',
  );
  if (points.length === 0) return null;
  const x = (celsius: number) => 20 + ((Math.max(-5, Math.min(45, celsius)) + 5) / 50) * 320;
  return (
    <svg
      viewBox="0 0 360 80"
      className="w-full"
      role="img"
      aria-label={points.map((point) => figure(point.value, '°C')).join(', ')}
    >
      <rect x={x(5)} y="38" width={x(35) - x(5)} height="8" fill="var(--holding)" opacity="0.5" />
      <path d="M20 42H340" {...PEN} strokeWidth="1.4" />
      {[0, 5, 15, 25, 35].map((tick) => (
        <text
          key={tick}
          x={x(tick)}
          y="66"
          fontSize="13"
          textAnchor="middle"
          className="num"
          fill="var(--faded)"
        >
          {tick}
        </text>
      ))}
      <text x="340" y="78" fontSize="12" textAnchor="end" fill="var(--faded)">
        °C; life is slow outside the band
      </text>
      {points.map((point, i) => (
        <g key={i}>
          <circle cx={x(point.value ?? 0)} cy="42" r="6" fill="var(--ink)" />
          <text
            x={x(point.value ?? 0)}
            y={i % 2 ? 14 : 28}
            fontSize="14"
            textAnchor="middle"
            className="num"
            fill="var(--ink)"
          >
            {show(point.value)}
          </text>
        </g>
      ))}
    </svg>
  );
}

export default {
  steps: {
    insert: covers('A thermometer goes in to 5 cm, shaded from the sun, under each cover in turn', 76, 0.2),
    read: covers('It is read when it holds still, then moved to the next cover', 168, 0.8),
  },
  ResultDrawing,
} satisfies MethodDrawing;
