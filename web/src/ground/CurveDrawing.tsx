import type { Evaluation } from '../api/types';
import { Across, Along } from './Axis';
import { show } from './format';
import { scale } from './scale';

type Placed = NonNullable<Evaluation['placed']>;

/** A score curve between its knots, with the place of this x on it, so that anyone can do it again by hand. */
export function CurveDrawing({ placed, along }: { placed: Placed; along: string }) {
  const knots = placed.knots as [number, number][];
  const xs = knots.map(([x]) => x);
  const from = Math.min(...xs, placed.x);
  const to = Math.max(...xs, placed.x);
  const x = scale([from, to], [44, 400]);
  const y = scale([0, 100], [150, 14], 25);
  const ends: [number, number][] = [[from, knots[0]?.[1] ?? 0], ...knots, [to, knots.at(-1)?.[1] ?? 0]];
  return (
    <svg
      viewBox="0 0 420 196"
      className="mt-3 w-full max-w-md"
      role="img"
      aria-label={`Score ${show(placed.score)} at ${show(placed.x, 2)} ${along}`}
    >
      <Across scale={y} from={44} to={400} />
      <Along scale={x} y={168} />
      <path
        d={`M${ends.map(([a, b]) => `${x(a)} ${y(b)}`).join('L')}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      {knots.map(([a, b]) => (
        <circle key={a} cx={x(a)} cy={y(b)} r="3" fill="var(--paper)" stroke="var(--ink)" strokeWidth="1.4" />
      ))}
      <path d={`M${x(placed.x)} 150V${y(placed.score)}`} stroke="var(--act)" strokeDasharray="3 3" />
      <circle cx={x(placed.x)} cy={y(placed.score)} r="5.5" fill="var(--act)" />
      <text x="222" y="190" textAnchor="middle" fontSize="12.5" fill="var(--faded)">
        {along}
      </text>
    </svg>
  );
}
