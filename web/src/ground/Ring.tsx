/** A wait as a ring that closes; due, it is whole and in the colour of what must be done. */
export function Ring({
  share,
  due,
  size = 20,
  width = 3,
}: {
  share: number;
  due: boolean;
  size?: number;
  width?: number;
}) {
  const r = (size - width) / 2;
  const round = 2 * Math.PI * r;
  const filled = due ? 1 : Math.max(0, Math.min(1, share));
  return (
    <svg width={size} height={size} viewBox={`0 0 ${size} ${size}`} aria-hidden="true" className="shrink-0">
      <circle cx={size / 2} cy={size / 2} r={r} fill="none" stroke="var(--rule)" strokeWidth={width} />
      <circle
        cx={size / 2}
        cy={size / 2}
        r={r}
        fill="none"
        stroke={due ? 'var(--warn)' : 'var(--act)'}
        strokeWidth={width}
        strokeDasharray={`${filled * round} ${round}`}
        transform={`rotate(-90 ${size / 2} ${size / 2})`}
      />
    </svg>
  );
}
