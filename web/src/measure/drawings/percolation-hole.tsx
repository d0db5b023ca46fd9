import type { Evaluation } from '../../api/types';
import { Across } from '../../ground/Axis';
import { show } from '../../ground/format';
import { scale } from '../../ground/scale';
import { isEmpty } from '../draft';
import type { MethodDrawing } from './index';

type Level = { minutes?: string; depthMm?: string; fromTopMm?: string; refilledToMm?: string };

/** The hole to scale with the water as last read, and the ruler that is read from one mark. */
function StepDrawing({ step, values }: { step: string; values: { [key: string]: unknown } }) {
  const holeMm = Number(values.holeDepthMm) || 300;
  const widthMm = Number(values.holeDiameterMm) || 300;
  const levels = ((values.levels as Level[] | undefined) ?? []).filter((level) => !isEmpty(level));
  const last = levels.at(-1);
  const readMm = last ? (last.depthMm ? Number(last.depthMm) : holeMm - Number(last.fromTopMm)) : Number.NaN;
  const digging = step === 'dig-roughen';
  const waterMm = digging ? 0 : Number.isFinite(readMm) ? readMm : holeMm * 0.8;
  const y = scale([0, holeMm], [196, 40]);
  const half = Math.max(26, Math.min(110, (widthMm / holeMm) * 78));
  return (
    <svg
      viewBox="0 0 360 220"
      className="w-full"
      role="img"
      aria-label={`A hole with ${show(waterMm, 0)} mm of water and a ruler in it`}
    >
      <path
        d={`M10 40H${180 - half}V196H${180 + half}V40H350`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.2"
      />
      {Array.from({ length: 9 }, (_, i) => (
        <path
          key={i}
          d={`M${180 - half - 6} ${52 + i * 16}h4M${180 + half + 2} ${58 + i * 16}h4`}
          stroke="var(--root)"
          strokeWidth="1.6"
        />
      ))}
      {waterMm > 0 && (
        <rect
          x={180 - half + 1.5}
          y={y(waterMm)}
          width={2 * half - 3}
          height={196 - y(waterMm) - 1.5}
          fill="var(--water)"
          fillOpacity="0.5"
        />
      )}
      {!digging && waterMm > 0 && (
        <g stroke="var(--water)" strokeWidth="1.8" strokeDasharray="3 4">
          <path
            d={`M${180 - half - 8} ${(y(waterMm) + 196) / 2}h-34M${180 + half + 8} ${(y(waterMm) + 196) / 2}h34M180 200v18`}
          />
        </g>
      )}
      {!digging && (
        <g>
          <rect
            x="174"
            y="18"
            width="12"
            height="178"
            fill="var(--lift)"
            stroke="var(--ink)"
            strokeWidth="1.2"
          />
          {Array.from({ length: 17 }, (_, i) => (
            <path
              key={i}
              d={`M174 ${196 - i * 10}h${i % 5 === 0 ? 8 : 5}`}
              stroke="var(--ink)"
              strokeWidth="1"
            />
          ))}
          <path d={`M120 40H240`} stroke="var(--ink)" strokeWidth="4" />
        </g>
      )}
      {Number.isFinite(readMm) && !digging && (
        <text x={180 + half + 12} y={y(waterMm) + 5} fontSize="17" className="num" fill="var(--ink)">
          {show(readMm, 0)} mm
        </text>
      )}
      <text x="248" y="30" fontSize="14" fill="var(--faded)">
        {digging ? 'roughen the sides' : 'one edge, always'}
      </text>
    </svg>
  );
}

/** The soil's rate by interval; the plateau that counts is the filled part. */
function ResultDrawing({ evaluation }: { evaluation: Evaluation }) {
  const rates = evaluation.measures
    .filter((measure) => measure.key === 'intervalK')
    .map((measure) => measure.value ?? 0);
  const wall = evaluation.measures.find((measure) => measure.key === 'wallK')?.value ?? 0;
  if (rates.length === 0) return null;
  const y = scale([0, Math.max(...rates, 1) * 1.1], [120, 12]);
  const width = 300 / rates.length;
  return (
    <svg
      viewBox="0 0 360 150"
      className="w-full"
      role="img"
      aria-label={`Soil's rate by interval, mm per hour: ${rates.map((rate) => show(rate)).join(', ')}`}
    >
      <Across scale={y} from={46} to={350} />
      {rates.map((rate, i) => (
        <rect
          key={i}
          x={48 + i * width}
          y={y(Math.max(0, rate))}
          width={width - 8}
          height={Math.max(0, 120 - y(Math.max(0, rate)))}
          fill="var(--water)"
          fillOpacity={Math.abs(rate - wall) <= 0.25 * Math.abs(wall) ? 0.75 : 0.28}
        />
      ))}
      <path d={`M44 ${y(wall)}H350`} stroke="var(--ink)" strokeWidth="1.6" strokeDasharray="5 4" />
      <text x="350" y={y(wall) - 6} fontSize="13" textAnchor="end" className="num" fill="var(--ink)">
        {show(wall)} mm/h
      </text>
      <text x="197" y="142" fontSize="12.5" textAnchor="middle" fill="var(--faded)">
        interval by interval
      </text>
    </svg>
  );
}

export default { method: 'percolation-hole', StepDrawing, ResultDrawing } satisfies MethodDrawing;
