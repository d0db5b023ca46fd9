import type { Evaluation } from '../../api/types';
import { Across, Along } from '../../ground/Axis';
import { show } from '../../ground/format';
import { depthScale, scale } from '../../ground/scale';
import type { MethodDrawing } from './index';

function StepDrawing({ step }: { step: string }) {
  if (step === 'auger') {
    return (
      <svg
        viewBox="0 0 360 170"
        className="w-full"
        role="img"
        aria-label="An auger takes soil from two depths, kept apart"
      >
        <path d="M10 40H350" stroke="var(--ink)" strokeWidth="2.2" />
        <path d="M120 10V120M98 10h44" stroke="var(--ink)" strokeWidth="4" strokeLinecap="round" />
        <path
          d="M112 96q16 6 16 12t-16 8q16 6 16 12l-8 20"
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.4"
        />
        <path d="M150 44h14M150 76h14M150 78h14M150 150h14" stroke="var(--faded)" strokeWidth="1.4" />
        <text x="172" y="66" fontSize="15" fill="var(--ink)">
          0 to 10 cm
        </text>
        <text x="172" y="120" fontSize="15" fill="var(--ink)">
          below 10 cm
        </text>
        <rect x="280" y="50" width="36" height="22" rx="4" fill="var(--soil-top)" stroke="var(--ink)" />
        <rect x="280" y="104" width="36" height="22" rx="4" fill="var(--soil-deep)" stroke="var(--ink)" />
      </svg>
    );
  }
  return (
    <svg
      viewBox="0 0 360 150"
      className="w-full"
      role="img"
      aria-label="A vial for each depth, held beside the card with light between"
    >
      {[110, 170].map((x, i) => (
        <g key={x}>
          <path
            d={`M${x} 20v88q0 16 16 16t16 -16V20Z`}
            fill="var(--lift)"
            stroke="var(--ink)"
            strokeWidth="1.8"
          />
          <path
            d={`M${x + 2} ${64 - i * 6}v44q0 14 14 14t14 -14V${64 - i * 6}Z`}
            fill="var(--water)"
            fillOpacity="0.35"
          />
          <path d={`M${x + 2} 104q0 18 14 18t14 -18Z`} fill={i ? 'var(--soil-deep)' : 'var(--soil-top)'} />
          <rect x={x - 3} y="12" width="38" height="10" rx="3" fill="var(--ink)" />
        </g>
      ))}
      <g stroke="var(--ink)" strokeWidth="1.4">
        <rect x="240" y="16" width="54" height="110" rx="4" fill="var(--lift)" />
        {Array.from({ length: 6 }, (_, i) => (
          <path key={i} d={`M240 ${34 + i * 18}h54`} stroke="var(--rule)" />
        ))}
      </g>
      <text x="267" y="30" textAnchor="middle" fontSize="12" fill="var(--faded)">
        pH
      </text>
    </svg>
  );
}

/** pH by depth in water, downward, with the acid limit. */
function ResultDrawing({ evaluation }: { evaluation: Evaluation }) {
  const points = evaluation.measures.filter((measure) => measure.key === 'inWater');
  if (points.length === 0) return null;
  const y = depthScale(Math.max(...points.map((point) => point.depthCm ?? 0)), 130, 26);
  const x = scale([3.5, 9.5], [52, 330], 1);
  return (
    <svg
      viewBox="0 0 360 176"
      className="w-full"
      role="img"
      aria-label={points.map((point) => `pH ${show(point.value)} at ${show(point.depthCm)} cm`).join(', ')}
    >
      <Across scale={y} from={52} to={330} />
      <Along scale={x} y={18} />
      <path d={`M${x(5.5)} 26V${y(y.domain[1])}`} stroke="var(--warn)" strokeDasharray="5 4" />
      <path
        d={`M${points.map((point) => `${x(point.value ?? 0)} ${y(point.depthCm ?? 0)}`).join('L')}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.2"
      />
      {points.map((point) => (
        <g key={point.depthCm}>
          <circle cx={x(point.value ?? 0)} cy={y(point.depthCm ?? 0)} r="4.5" fill="var(--ink)" />
          <text
            x={x(point.value ?? 0) + 10}
            y={y(point.depthCm ?? 0) + 5}
            fontSize="14"
            className="num"
            fill="var(--ink)"
          >
            {show(point.value)}
          </text>
        </g>
      ))}
      <text x="12" y="96" fontSize="12" fill="var(--faded)" transform="rotate(-90 12 96)" textAnchor="middle">
        depth, cm
      </text>
    </svg>
  );
}

export default { method: 'ph', StepDrawing, ResultDrawing } satisfies MethodDrawing;
