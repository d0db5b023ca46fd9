const WIDTH = 4000;

/** The top edge of the ground: a slow wobble of under 2 px, the same at every start. */
const WOBBLE = (() => {
  let path = 'M0 5';
  for (let x = 8; x <= WIDTH; x += 8) {
    const y = 5 + 0.9 * Math.sin(x / 47) + 0.6 * Math.sin(x / 17 + 1.3) + 0.4 * Math.sin(x / 91 + 4);
    path += `L${x} ${y.toFixed(2)}`;
  }
  return path;
})();

export function GroundLine() {
  return (
    <svg
      className="block w-full"
      height="10"
      viewBox={`0 0 ${WIDTH} 10`}
      preserveAspectRatio="xMinYMid slice"
      aria-hidden="true"
    >
      <path d={WOBBLE} fill="none" stroke="var(--ink)" strokeWidth="1.8" />
    </svg>
  );
}

/** The root the chosen verb puts through the ground line. */
export function VerbRoot() {
  return (
    <svg
      width="16"
      height="36"
      viewBox="0 0 16 36"
      aria-hidden="true"
      className="absolute -bottom-[34px] left-1/2 -translate-x-1/2"
    >
      <path
        d="M8 0C8.6 10 7.4 18 8 35M8 13C6.5 16 4.6 18 4.2 24M8 16C9.6 19 11 21 11.6 28"
        fill="none"
        stroke="var(--root)"
        strokeWidth="1.7"
        strokeLinecap="round"
      />
    </svg>
  );
}
