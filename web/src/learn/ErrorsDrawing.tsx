import type { Practised } from '../api/types';
import { show } from '../ground/format';
import { scale } from '../ground/scale';

const WIDTH = 420;
const HEIGHT = 150;
const LEAST_REACH = 20;

/** Each error in the order judged, about the line of no error, with the band that two of three lie in. */
export function ErrorsDrawing({ errors, skill }: { errors: number[]; skill: Practised['skill'] }) {
  const reach = Math.max(LEAST_REACH, ...errors.map(Math.abs));
  const x = scale([1, Math.max(errors.length, 8)], [104, WIDTH - 14], 1);
  const y = scale([-reach, reach], [HEIGHT - 12, 14], 10);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="mt-2 w-full max-w-xl"
      role="img"
      aria-label={`Errors in points, in the order judged: ${errors.map((one) => show(one, 0)).join(', ')}`}
    >
      {skill && (
        <rect
          x={x(1) - 8}
          width={x.range[1] - x(1) + 16}
          y={y(skill.lean + skill.spread)}
          height={y(skill.lean - skill.spread) - y(skill.lean + skill.spread)}
          fill="var(--rule)"
          opacity="0.55"
        />
      )}
      <path d={`M${x(1) - 8} ${y(0)}H${WIDTH - 6}`} stroke="var(--ink)" strokeWidth="1.5" />
      {[-reach, reach].map((end) => (
        <text
          key={end}
          x="90"
          y={y(end) + 4}
          fontSize="12"
          textAnchor="end"
          className="num"
          fill="var(--faded)"
        >
          {end > 0 ? `kind +${show(end, 0)}` : `harsh ${show(end, 0)}`}
        </text>
      ))}
      <text x="90" y={y(0) + 4} fontSize="12" textAnchor="end" fill="var(--faded)">
        right
      </text>
      {errors.map((error, i) => (
        <circle
          key={i}
          cx={x(i + 1)}
          cy={y(error)}
          r="5"
          fill={i === errors.length - 1 ? 'var(--act)' : 'var(--ink)'}
        />
      ))}
    </svg>
  );
}
