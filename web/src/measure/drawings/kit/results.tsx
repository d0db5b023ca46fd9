import type { Evaluation } from '../../../api/types';
import { Across } from '../../../ground/Axis';
import { bandOf, ClodMarks } from '../../../ground/Clod';
import { show } from '../../../ground/format';
import { sayMine } from '../../../ground/myUnits';
import { depthScale } from '../../../ground/scale';
import { SHAPE_TILES } from '../../../ground/soilShapes';
import type { Values } from '../../draft';
import { FINE, MOVE, SOIL } from './line';

export const measured = (evaluation: Evaluation, key: string): number | null =>
  evaluation.measures.find((measure) => measure.key === key)?.value ?? null;

export const eachOf = (evaluation: Evaluation, key: string): number[] =>
  evaluation.measures
    .filter((measure) => measure.key === key)
    .sort((a, b) => (a.index ?? 0) - (b.index ?? 0))
    .map((measure) => measure.value ?? 0);

/** Layers as they were judged, depth downward, each with its score and its shape. */
export function JudgedLayers({
  evaluation,
  values,
  stopCm,
  waterCm,
}: {
  evaluation: Evaluation;
  values: Values;
  stopCm?: number | null;
  waterCm?: number | null;
}) {
  const layers = (values.layers as Values[] | undefined) ?? [];
  const scores = eachOf(evaluation, 'layerScore');
  if (layers.length === 0 || scores.length !== layers.length) return null;
  const deepest = Math.max(...layers.map((layer) => Number(layer.bottomCm) || 0), waterCm ?? 0);
  const y = depthScale(deepest, 190, 12);
  return (
    <svg
      viewBox="0 0 360 212"
      className="w-full"
      role="img"
      aria-label={layers
        .map((layer, i) => sayMine(`${layer.topCm ?? 0} to ${layer.bottomCm} cm: ${show(scores[i], 0)}`))
        .join(', ')}
    >
      <Across scale={y} from={46} to={350} />
      {layers.map((layer, i) => {
        const top = y(Number(layer.topCm) || 0);
        const high = Math.max(0, y(Number(layer.bottomCm)) - top);
        return (
          <g key={i}>
            <rect x="60" y={top} width="120" height={high} {...SOIL} strokeWidth="1.2" />
            {high > 40 && (
              <svg x="90" y={top + high / 2 - 22} width="60" height="44" viewBox="0 0 60 44">
                {SHAPE_TILES[String(layer.shape)]}
              </svg>
            )}
            <svg x="196" y={top + high / 2 - 9} width="18" height="18" viewBox="0 0 16 16">
              <ClodMarks band={bandOf(scores[i] ?? null)} />
            </svg>
            <text
              x="222"
              y={top + high / 2 + 7}
              fontSize="20"
              className="num"
              fill="var(--ink)"
              fontWeight="600"
            >
              {show(scores[i], 0)}
            </text>
          </g>
        );
      })}
      {stopCm !== undefined && stopCm !== null && (
        <>
          <path d={`M50 ${y(stopCm)}H270`} {...MOVE} strokeDasharray="6 5" />
          <text x="276" y={y(stopCm) + 5} fontSize="13" fill="var(--act)">
            roots stop
          </text>
        </>
      )}
      {waterCm !== undefined && waterCm !== null && (
        <path
          d={`M60 ${y(waterCm)}q15 -5 30 0t30 0 30 0 30 0`}
          {...FINE}
          stroke="var(--water)"
          strokeWidth="2.4"
        />
      )}
    </svg>
  );
}

type Part = { name: string; share: number; tone: string };

/** Shares of a hundred as one bar with its parts named; what counts together is bracketed from the left. */
export function SharesBar({ parts, counted }: { parts: Part[]; counted?: { upTo: number; says: string } }) {
  let x = 4;
  return (
    <svg
      viewBox="0 0 360 92"
      className="w-full"
      role="img"
      aria-label={parts.map((part) => `${part.name} ${show(part.share, 0)} %`).join(', ')}
    >
      {parts.map((part, i) => {
        const from = x;
        const wide = (part.share / 100) * 352;
        x += wide;
        return (
          <g key={part.name}>
            <rect
              x={from}
              y="26"
              width={wide}
              height="26"
              fill={part.tone}
              stroke="var(--ink)"
              strokeWidth="1"
            />
            {wide > 26 && (
              <text x={from + 2} y={i % 2 ? 86 : 69} fontSize="13" fill="var(--ink)">
                {part.name} {show(part.share, 0)}
              </text>
            )}
          </g>
        );
      })}
      {counted && (
        <>
          <path
            d={`M4 20V12H${4 + (counted.upTo / 100) * 352}V20`}
            {...FINE}
            stroke="var(--act)"
            strokeWidth="2"
          />
          <text
            x={8 + (counted.upTo / 100) * 352}
            y="17"
            fontSize="13"
            fill="var(--act)"
            textAnchor={counted.upTo > 70 ? 'end' : 'start'}
          >
            {counted.upTo > 70 ? '' : counted.says}
          </text>
        </>
      )}
    </svg>
  );
}

/** One value on its scale with the names of its steps. */
export function OnScale({
  value,
  steps,
  unit,
  says,
}: {
  value: number;
  steps: { from: number; name: string }[];
  unit: string;
  says: string;
}) {
  const last = steps.at(-1)?.from ?? 1;
  const most = Math.max(last * 1.5, value * 1.05);
  const x = (at: number) => 10 + (at / most) * 340;
  return (
    <svg viewBox="0 0 360 84" className="w-full" role="img" aria-label={says}>
      {steps.map((step, i) => {
        const to = steps[i + 1]?.from ?? most;
        const here = value >= step.from && value < to;
        return (
          <g key={step.name}>
            <path
              d={`M${x(step.from)} 44H${x(to) - 2}`}
              stroke={here ? 'var(--ink)' : 'var(--edge)'}
              strokeWidth={here ? 8 : 4}
            />
            <text x={x(step.from)} y="64" fontSize="12" className="num" fill="var(--faded)">
              {step.from}
            </text>
            {here && (
              <text x={Math.min(x(step.from), 240)} y="80" fontSize="13" fill="var(--ink)">
                {step.name}
              </text>
            )}
          </g>
        );
      })}
      <circle cx={x(value)} cy="44" r="7" fill="var(--act)" stroke="var(--paper)" strokeWidth="2" />
      <text
        x={Math.min(Math.max(x(value), 40), 310)}
        y="26"
        fontSize="17"
        textAnchor="middle"
        className="num"
        fill="var(--ink)"
      >
        {show(value)} {unit}
      </text>
    </svg>
  );
}
