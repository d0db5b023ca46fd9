import type { MethodDrawing } from './index';

/** A face with a ruler: where four fifths of the roots end, how they end. */
function StepDrawing({ values }: { step: string; values: { [key: string]: unknown } }) {
  const root80 = Math.min(60, Number(values.root80Cm) || 18);
  const max = Math.min(64, Math.max(root80 + 2, Number(values.maxCm) || root80 * 1.6));
  const flat = values.sharpEdge === true;
  const bent = values.bent === true;
  const y = (cm: number) => 30 + (cm / 64) * 160;
  return (
    <svg
      viewBox="0 0 360 206"
      className="w-full"
      role="img"
      aria-label={`Roots on a cleaned face; four fifths of them above ${root80} cm`}
    >
      <rect x="92" y="30" width="216" height="166" fill="var(--soil-mid)" />
      <path d="M10 30H350" stroke="var(--ink)" strokeWidth="2.2" />
      {Array.from({ length: 14 }, (_, i) => {
        const x = 106 + i * 15;
        const depth = flat ? root80 + (i % 3) : i % 5 === 0 ? max : root80 * (0.55 + ((i * 7) % 10) / 20);
        const bend = bent && i % 4 === 1;
        return (
          <path
            key={i}
            d={
              bend
                ? `M${x} 30V${y(root80 * 0.8)}q2 8 22 8`
                : `M${x} 30q${i % 2 ? 5 : -5} ${(y(depth) - 30) / 2} 0 ${y(depth) - 30}`
            }
            fill="none"
            stroke="var(--root)"
            strokeWidth={i % 5 === 0 ? 2.4 : 1.4}
          />
        );
      })}
      <rect x="64" y="30" width="18" height="166" fill="var(--lift)" stroke="var(--ink)" />
      {[0, 10, 20, 30, 40, 50, 60].map((tick) => (
        <g key={tick}>
          <path d={`M64 ${y(tick)}h9`} stroke="var(--ink)" />
          <text x="58" y={y(tick) + 4} fontSize="12" textAnchor="end" className="num" fill="var(--faded)">
            {tick}
          </text>
        </g>
      ))}
      <path d={`M84 ${y(root80)}H316`} stroke="var(--act)" strokeWidth="2.4" />
      <text x="320" y={y(root80) + 5} fontSize="14" fill="var(--act)" className="num">
        ⅘
      </text>
    </svg>
  );
}

export default { method: 'root-depth', StepDrawing } satisfies MethodDrawing;
