import { Crumb } from '../drawings/kit/soil';
import { Dish } from '../drawings/kit/vessels';

export type Specimen = { fell: number; cloud: number; stone: boolean; said: string };

const place = (i: number, of: number) => ({
  x: 44 + ((i + 0.5) * 272) / of,
  y: 92 + (i % 2 === 0 ? -14 : 16),
});

/** The dish from above with its crumbs: one is tapped; a stone is struck out. */
export function DishOf({
  crumbs,
  chosen,
  onTap,
}: {
  crumbs: Specimen[];
  chosen: number | null;
  onTap: (i: number) => void;
}) {
  return (
    <div className="relative mx-auto w-full max-w-md">
      <svg viewBox="0 0 360 180" className="w-full" aria-hidden="true">
        <Dish x={180} y={96} rx={164} ry={70}>
          {crumbs.map((crumb, i) => {
            const { x, y } = place(i, crumbs.length);
            return (
              <g key={i}>
                {crumb.cloud > 0 && (
                  <ellipse
                    cx={x}
                    cy={y}
                    rx={20 + 16 * crumb.cloud}
                    ry={14 + 11 * crumb.cloud}
                    fill="var(--root)"
                    opacity={0.2 + crumb.cloud * 0.35}
                  />
                )}
                <Crumb x={x} y={y} fell={crumb.fell} size={1.5} />
                {crumb.stone && (
                  <path
                    d={`M${x - 18} ${y + 14}L${x + 18} ${y - 14}`}
                    stroke="var(--warn)"
                    strokeWidth="3.4"
                  />
                )}
                {chosen === i && (
                  <circle cx={x} cy={y} r="25" fill="none" stroke="var(--act)" strokeWidth="3" />
                )}
              </g>
            );
          })}
        </Dish>
      </svg>
      {crumbs.map((crumb, i) => {
        const { x, y } = place(i, crumbs.length);
        return (
          <button
            key={i}
            type="button"
            aria-label={`Crumb ${i + 1}${crumb.said ? `: ${crumb.said}` : ''}`}
            aria-pressed={chosen === i}
            className="absolute size-14 -translate-x-1/2 -translate-y-1/2 rounded-full"
            style={{ left: `${(x / 360) * 100}%`, top: `${(y / 180) * 100}%` }}
            onClick={() => onTap(i)}
          />
        );
      })}
    </div>
  );
}
