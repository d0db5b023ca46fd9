/** How long so many metres are on the map. */
export function ScaleBar({ x, y, m, px }: { x: number; y: number; m: number; px: number }) {
  return (
    <g transform={`translate(${x} ${y})`} aria-hidden="true">
      <path d={`M0 -5v10M0 0h${px}M${px} -5v10`} stroke="var(--ink)" fill="none" strokeWidth="1.2" />
      <text x={px + 9} y="5" fontSize="13" fill="var(--faded)" className="num">
        {m} m
      </text>
    </g>
  );
}

/** North is up, always. */
export function North({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`} aria-hidden="true">
      <path d="M0 18V-4M-5 4 0 -5 5 4" fill="none" stroke="var(--ink)" strokeWidth="1.4" />
      <text x="0" y="34" fontSize="13" fill="var(--faded)" textAnchor="middle">
        N
      </text>
    </g>
  );
}
