import { Across, Along } from '../ground/Axis';
import { scale } from '../ground/scale';
import { useYardsticks } from '../read/yardsticks/useYardsticks';

/** The curves that a method's scores are read from, by the yardstick that ships, and what they are narrowed to. */
export function CurvesOf({ keys }: { keys: string[] }) {
  const yardstick = (useYardsticks().data ?? []).find((one) => one.shipped);
  if (keys.length === 0 || !yardstick) return null;
  const curves = Object.entries(yardstick.curves).filter(([key]) => keys.includes(key.replace(/@.*/, '')));
  return (
    <section>
      <h2>How it is scored</h2>
      <p className="text-faded">
        By “{yardstick.name}”, version {yardstick.version}: straight lines between the knots.
      </p>
      <div className="grid gap-x-6 desk:grid-cols-2">
        {curves.map(([key, curve]) => (
          <Curve key={key} name={key} along={curve.x} knots={curve.knots as [number, number][]} />
        ))}
      </div>
    </section>
  );
}

function Curve({ name, along, knots }: { name: string; along: string; knots: [number, number][] }) {
  const xs = knots.map(([x]) => x);
  const x = scale([Math.min(...xs), Math.max(...xs)], [38, 300]);
  const y = scale([0, 100], [112, 12], 50);
  const to = name.split('@')[1];
  return (
    <figure className="mt-3">
      <svg viewBox="0 0 320 150" className="w-full" role="img" aria-label={`Score by ${along}`}>
        <Across scale={y} from={38} to={300} />
        <Along scale={x} y={130} />
        <path
          d={`M${knots.map(([a, b]) => `${x(a)} ${y(b)}`).join('L')}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2"
        />
        {knots.map(([a, b]) => (
          <circle
            key={`${a} ${b}`}
            cx={x(a)}
            cy={y(b)}
            r="3"
            fill="var(--paper)"
            stroke="var(--ink)"
            strokeWidth="1.4"
          />
        ))}
        <text x="300" y="147" fontSize="12" textAnchor="end" fill="var(--faded)">
          {along}
        </text>
      </svg>
      <figcaption className="text-sm">
        {name.replace(/@.*/, '').replaceAll('-', ' ')}
        {to ? `, for ${to.replaceAll('-', ' ')}` : ''}
      </figcaption>
    </figure>
  );
}
