import limits from '../api/limits.json';
import { Across, Along } from './Axis';
import { figure, myUnit } from './myUnits';
import { depthScale, scale } from './scale';

export const ROOT_LIMIT_KPA = limits.rootLimitKPa;

/** A mean cone profile, depth downward, against the limit few roots pass. */
export function ConeProfile({
  profile,
  limitCm,
}: {
  profile: { depthCm: number; value: number }[];
  limitCm: number | null;
}) {
  if (profile.length === 0) return null;
  const y = depthScale(Math.max(...profile.map((at) => at.depthCm)), 190, 24);
  const x = scale([0, Math.max(3000, ...profile.map((at) => at.value))], [52, 330], 1000, 'kPa');
  const isMetric = myUnit('kPa') === 'kPa';
  return (
    <svg
      viewBox="0 0 360 236"
      className="w-full"
      role="img"
      aria-label={`Cone resistance by depth: ${profile.map((at) => `${figure(at.depthCm, 'cm')} ${figure(at.value, 'kPa', 0)}`).join(', ')}`}
    >
      <Across scale={y} from={52} to={330} />
      <Along scale={x} y={16} factor={isMetric ? 1 / 1000 : 1} />
      <text x="334" y="32" fontSize="12" textAnchor="end" fill="var(--faded)">
        {isMetric ? 'MPa' : myUnit('kPa')}
      </text>
      <path
        d={`M${x(ROOT_LIMIT_KPA)} 24V${y(y.domain[1])}`}
        stroke="var(--warn)"
        strokeWidth="1.4"
        strokeDasharray="5 4"
      />
      <path
        d={`M${profile.map((at) => `${x(at.value)} ${y(at.depthCm)}`).join('L')}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.4"
      />
      {profile.map((at) => (
        <circle key={at.depthCm} cx={x(at.value)} cy={y(at.depthCm)} r="3" fill="var(--ink)" />
      ))}
      {limitCm !== null && (
        <g>
          <path d={`M52 ${y(limitCm)}H330`} stroke="var(--act)" strokeWidth="2" />
          <text x="56" y={y(limitCm) - 5} fontSize="13" className="num" fill="var(--act)">
            {figure(limitCm, 'cm')}
          </text>
        </g>
      )}
      <text
        x="12"
        y="128"
        fontSize="12"
        fill="var(--faded)"
        transform="rotate(-90 12 128)"
        textAnchor="middle"
      >
        depth, {myUnit('cm')}
      </text>
    </svg>
  );
}
