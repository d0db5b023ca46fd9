import type { Scale } from './scale';

/** Lines across at each tick of an upright scale, with the numbers at their left. */
export function Across({ scale, from, to }: { scale: Scale; from: number; to: number }) {
  return (
    <>
      {scale.ticks.map((tick) => (
        <g key={tick}>
          <path d={`M${from} ${scale(tick)}H${to}`} stroke="var(--rule)" />
          <text
            x={from - 8}
            y={scale(tick) + 4}
            fontSize="12"
            textAnchor="end"
            className="num"
            fill="var(--faded)"
          >
            {scale.says(tick)}
          </text>
        </g>
      ))}
    </>
  );
}

/** The numbers of a level scale, at one height; shown in other units where a factor is given. */
export function Along({ scale, y, factor = 1 }: { scale: Scale; y: number; factor?: number }) {
  return (
    <>
      {scale.ticks.map((tick) => (
        <text
          key={tick}
          x={scale(tick)}
          y={y}
          fontSize="12"
          textAnchor="middle"
          className="num"
          fill="var(--faded)"
        >
          {factor === 1 ? scale.says(tick) : tick * factor}
        </text>
      ))}
    </>
  );
}
