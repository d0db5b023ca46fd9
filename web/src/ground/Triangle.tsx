import { show } from './format';
import { CLASSES, nearestBorder, placed } from './textureTriangle';

const SIDE = 230;
const X = 40;
const Y = 14;

type Props = { texture: string | null; point: { sand: number; clay: number } | null };

/** The texture triangle with the class, and the point where it is known with the border nearest to it. */
export function Triangle({ texture, point }: Props) {
  const at = (sand: number, clay: number) => {
    const { x, y } = placed(sand, clay, SIDE);
    return `${(X + x).toFixed(1)} ${(Y + y).toFixed(1)}`;
  };
  const border = point && nearestBorder(point.sand, point.clay);
  const names = texture?.replaceAll('-', ' ') ?? 'no class';
  return (
    <svg
      viewBox="0 0 320 250"
      className="w-full"
      role="img"
      aria-label={`Texture triangle: ${names}${point ? `, sand ${show(point.sand, 0)} %, clay ${show(point.clay, 0)} %` : ''}`}
    >
      {Object.entries(CLASSES).map(([name, corners]) => (
        <path
          key={name}
          d={`M${corners.map(([sand, clay]) => at(sand, clay)).join('L')}Z`}
          fill={name === texture ? 'var(--spent)' : 'none'}
          stroke="var(--edge)"
          strokeWidth={name === texture ? 1.8 : 1}
        />
      ))}
      <path d={`M${at(100, 0)}L${at(0, 100)}L${at(0, 0)}Z`} fill="none" stroke="var(--ink)" strokeWidth="2" />
      {point && border && (
        <>
          <path
            d={`M${at(point.sand, point.clay)}L${at(border.sand, border.clay)}`}
            stroke="var(--act)"
            strokeWidth="2.4"
          />
          <circle
            cx={X + placed(point.sand, point.clay, SIDE).x}
            cy={Y + placed(point.sand, point.clay, SIDE).y}
            r="5.5"
            fill="var(--ink)"
          />
        </>
      )}
      <g fontSize="12.5" fill="var(--faded)">
        <text x={X} y={Y + SIDE * 0.866 + 18}>
          sand 100 %
        </text>
        <text x={X + SIDE} y={Y + SIDE * 0.866 + 18} textAnchor="end">
          silt 100 %
        </text>
        <text x={X + SIDE / 2 + 12} y={Y + 8}>
          clay 100 %
        </text>
      </g>
    </svg>
  );
}
