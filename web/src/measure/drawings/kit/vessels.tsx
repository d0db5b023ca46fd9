import { type At, FINE, PEN, THING } from './line';

/** A glass, its top left corner here: so much soil at the bottom in tones from below, so much water above. */
export function Jar({
  x,
  y,
  w = 60,
  h = 110,
  water = 0,
  soil = [],
  lid,
  cloud = 0,
}: At & { w?: number; h?: number; water?: number; soil?: number[]; lid?: boolean; cloud?: number }) {
  const tones = ['var(--soil-top)', 'var(--soil-mid)', 'var(--soil-deep)'];
  let foot = y + h - 2;
  return (
    <g>
      {water > 0 && (
        <rect
          x={x + 2}
          y={y + h - water}
          width={w - 4}
          height={Math.max(0, water - 2)}
          fill="var(--water)"
          opacity="0.3"
        />
      )}
      {cloud > 0 && (
        <rect
          x={x + 2}
          y={y + h - water}
          width={w - 4}
          height={Math.max(0, water - 2)}
          fill="var(--root)"
          opacity={cloud * 0.6}
        />
      )}
      {soil.map((high, i) => {
        foot -= high;
        return <rect key={i} x={x + 2} y={foot} width={w - 4} height={high} fill={tones[i % 3]} />;
      })}
      <path d={`M${x} ${y}V${y + h - 6}q0 6 6 6H${x + w - 6}q6 0 6 -6V${y}`} {...PEN} />
      {lid ? (
        <rect x={x - 3} y={y - 10} width={w + 6} height="12" rx="3" {...THING} fill="var(--ink)" />
      ) : (
        <path d={`M${x - 3} ${y}H${x + w + 3}`} {...PEN} />
      )}
    </g>
  );
}

/** A narrow glass, its top left corner here; what is in it, and its cap. */
export function Vial({
  x,
  y,
  h = 100,
  fill = 'var(--water)',
  full = 0.6,
  soil = 16,
  capped,
}: At & { h?: number; fill?: string; full?: number; soil?: number; capped?: boolean }) {
  const top = y + h * (1 - full);
  return (
    <g>
      <path d={`M${x + 1} ${top}V${y + h - 14}q0 13 13 13t13 -13V${top}Z`} fill={fill} opacity="0.45" />
      {soil > 0 && (
        <path
          d={`M${x + 1} ${y + h - soil}v${Math.max(0, soil - 14)}q0 13 13 13t13 -13v${-Math.max(0, soil - 14)}Z`}
          fill="var(--soil-top)"
        />
      )}
      <path d={`M${x} ${y}V${y + h - 14}q0 14 14 14t14 -14V${y}`} {...PEN} />
      {capped ? (
        <rect x={x - 3} y={y - 6} width="34" height="10" rx="3" fill="var(--ink)" />
      ) : (
        <path d={`M${x - 3} ${y}h34`} {...PEN} />
      )}
    </g>
  );
}

/** A shallow dish of water seen from above the rim. */
export function Dish({
  x,
  y,
  rx = 150,
  ry = 46,
  children,
}: At & { rx?: number; ry?: number; children?: React.ReactNode }) {
  return (
    <>
      <path d={`M${x - rx} ${y}v10a${rx} ${ry} 0 0 0 ${2 * rx} 0v-10`} {...FINE} />
      <ellipse
        cx={x}
        cy={y}
        rx={rx}
        ry={ry}
        {...PEN}
        stroke="var(--water)"
        fill="var(--water)"
        fillOpacity="0.2"
      />
      {children}
    </>
  );
}

/** A bag with its label, top left corner here. */
export function Bag({ x, y, full = 0.5, says }: At & { full?: number; says?: string }) {
  return (
    <g>
      <path d={`M${x + 4} ${y}H${x + 66}L${x + 72} ${y + 84}q-36 10 -74 0Z`} {...THING} />
      <path
        d={`M${x + 3} ${y + 84 - 70 * full}q34 8 66 0L${x + 70} ${y + 82}q-35 9 -70 0Z`}
        fill="var(--soil-mid)"
      />
      <path d={`M${x + 4} ${y + 8}H${x + 66}`} {...FINE} />
      {says !== undefined && (
        <>
          <rect x={x + 12} y={y + 22} width="46" height="28" rx="2" {...THING} />
          <path d={`M${x + 17} ${y + 31}h36M${x + 17} ${y + 41}h${says === '' ? 0 : 26}`} {...FINE} />
        </>
      )}
    </g>
  );
}

export function Bucket({ x, y, full = 0.4 }: At & { full?: number }) {
  const top = y + 76 * (1 - full);
  const inset = 10 * (1 - full);
  return (
    <g>
      <path
        d={`M${x + inset} ${top}H${x + 90 - inset}L${x + 80} ${y + 76}H${x + 10}Z`}
        fill="var(--soil-mid)"
      />
      <path
        d={`M${x} ${y}H${x + 90}L${x + 80} ${y + 76}H${x + 10}ZM${x} ${y}C${x + 10} ${y - 34} ${x + 80} ${y - 34} ${x + 90} ${y}`}
        {...PEN}
      />
    </g>
  );
}

/** A sieve from the side; what has gone through lies below. */
export function Sieve({ x, y, w = 110 }: At & { w?: number }) {
  return (
    <g>
      <path d={`M${x} ${y}v26M${x + w} ${y}v26`} {...PEN} />
      <path d={`M${x} ${y + 26}H${x + w}`} {...PEN} strokeDasharray="4 5" />
    </g>
  );
}

/** A ring in the ground: the surface cuts it; water stands so high above the surface. */
export function Ring({
  x,
  ground,
  w = 132,
  up = 56,
  down = 42,
  water = 0,
}: {
  x: number;
  ground: number;
  w?: number;
  up?: number;
  down?: number;
  water?: number;
}) {
  return (
    <g>
      {water > 0 && (
        <rect x={x} y={ground - water} width={w} height={water} fill="var(--water)" opacity="0.55" />
      )}
      {water > 0 && (
        <path
          d={`M${x + 2} ${ground - water}q${w / 4} -4 ${w / 2} 0t${w / 2 - 4} 0`}
          {...PEN}
          stroke="var(--water)"
        />
      )}
      <path
        d={`M${x} ${ground - up}V${ground + down}M${x + w} ${ground - up}V${ground + down}`}
        {...PEN}
        strokeWidth="5"
      />
    </g>
  );
}

/** A hole in section: its sides rough or smooth, the water so high. */
export function Hole({
  x,
  ground,
  w,
  h,
  water = 0,
  rough,
}: {
  x: number;
  ground: number;
  w: number;
  h: number;
  water?: number;
  rough?: boolean;
}) {
  const ticks = Math.max(2, Math.floor(h / 18));
  return (
    <g>
      <path d={`M${x} ${ground - 2}V${ground + h}H${x + w}V${ground - 2}Z`} fill="var(--paper)" />
      {water > 0 && (
        <rect x={x} y={ground + h - water} width={w} height={water} fill="var(--water)" opacity="0.5" />
      )}
      <path d={`M${x} ${ground}V${ground + h}H${x + w}V${ground}`} {...PEN} />
      {rough &&
        Array.from({ length: ticks }, (_, i) => (
          <path
            key={i}
            d={`M${x - 6} ${ground + 12 + i * 17}h5M${x + w + 1} ${ground + 18 + i * 17}h5`}
            {...PEN}
            stroke="var(--root)"
            strokeWidth="1.6"
          />
        ))}
    </g>
  );
}
