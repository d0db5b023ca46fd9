import { Across, Along } from '../../ground/Axis';
import { myUnit } from '../../ground/myUnits';
import { scale } from '../../ground/scale';
import type { Values } from '../draft';
import { looks } from './levels';

/** The curve that grows look by look. */
export function LevelsCurve({ rows, holeMm, rising }: { rows: Values[]; holeMm: number; rising: boolean }) {
  const seen = looks(rows, holeMm);
  if (seen.length < 2) return null;
  const x = scale([0, Math.max(...seen.map((one) => one.minutes), 10)], [48, 346]);
  const y = scale([0, Math.max(...seen.map((one) => one.mm), 10) * 1.1], [150, 14], undefined, 'mm');
  return (
    <svg
      viewBox="0 0 360 190"
      className="w-full max-w-md"
      role="img"
      aria-label={`${seen.length} levels by time`}
    >
      <Across scale={y} from={48} to={346} />
      <Along scale={x} y={168} />
      <path
        d={seen
          .map((one, i) => `${i === 0 || one.refilled ? 'M' : 'L'}${x(one.minutes)} ${y(one.mm)}`)
          .join('')}
        fill="none"
        stroke="var(--water)"
        strokeWidth="2"
        strokeDasharray="2 5"
        strokeLinecap="round"
      />
      {seen.map((one, i) => (
        <circle
          key={i}
          cx={x(one.minutes)}
          cy={y(one.mm)}
          r="5"
          fill={one.refilled ? 'var(--paper)' : 'var(--water)'}
          stroke="var(--water)"
          strokeWidth="2"
        />
      ))}
      <text x="346" y="186" fontSize="12.5" textAnchor="end" fill="var(--faded)">
        minutes
      </text>
      <text x="48" y="10" fontSize="12.5" fill="var(--faded)">
        {myUnit('mm')} {rising ? 'soaked in' : 'of water'}
      </text>
    </svg>
  );
}
