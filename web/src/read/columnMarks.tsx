import type { SectionColumn } from '../api/types';
import { seeded } from '../ground/random';
import type { Scale } from '../ground/scale';

/** Where a column stands and its scales: depth shared by all, resistance its own. */
export type Frame = { left: number; width: number; bottom: number; depth: Scale; kPa: Scale };

type Props = { column: SectionColumn; frame: Frame };
type Layer = SectionColumn['ground']['layers'][number];

const SOIL = ['var(--soil-top)', 'var(--soil-mid)', 'var(--soil-deep)'];

/** The layers of the block with what they came apart in; below what was dug, plain ground. */
export function GroundLayers({ column, frame }: Props) {
  const { left, width, bottom, depth } = frame;
  const dug = column.ground.layers.at(-1)?.bottomCm ?? 0;
  const last = SOIL[Math.min(column.ground.layers.length, SOIL.length - 1)];
  return (
    <g>
      <rect
        x={left}
        y={depth(dug)}
        width={width}
        height={bottom - depth(dug)}
        fill={last}
        fillOpacity="0.4"
      />
      {column.ground.layers.map((layer, i) => (
        <g key={layer.topCm}>
          <rect
            x={left}
            y={depth(layer.topCm)}
            width={width}
            height={depth(layer.bottomCm) - depth(layer.topCm)}
            fill={SOIL[Math.min(i, SOIL.length - 1)]}
          />
          <Structure layer={layer} frame={frame} seed={`${column.spotId}${i}`} />
          <WaterColours layer={layer} frame={frame} seed={`${column.spotId}${i}water`} />
        </g>
      ))}
    </g>
  );
}

const WATER_COLOURS: Record<string, string> = {
  rust: 'var(--iron)',
  black: 'var(--ink)',
  grey: 'var(--water)',
  yellow: 'var(--slipping)',
};

/** Flecks that standing water left, where the block or the pit showed them. */
function WaterColours({ layer, frame, seed }: { layer: Layer; frame: Frame; seed: string }) {
  const fill = WATER_COLOURS[layer.mottles ?? ''];
  const top = frame.depth(layer.topCm) + 3;
  const high = frame.depth(layer.bottomCm) - frame.depth(layer.topCm) - 6;
  if (!fill || high <= 0) return null;
  const random = seeded(seed);
  return (
    <g fill={fill} fillOpacity="0.85">
      {Array.from({ length: Math.max(4, Math.round((frame.width * high) / 420)) }, (_, i) => (
        <ellipse
          key={i}
          cx={frame.left + 6 + random() * (frame.width - 12)}
          cy={top + random() * high}
          rx={1.5 + random() * 2.6}
          ry={1 + random() * 1.4}
        />
      ))}
    </g>
  );
}

/** Where water stood in the pit. */
export function WaterMark({ column, frame }: Props) {
  if (column.ground.waterAtCm === null) return null;
  const y = frame.depth(column.ground.waterAtCm);
  return (
    <path
      d={`M${frame.left + 3} ${y}q5 -4 10 0t10 0t10 0t10 0t10 0`}
      fill="none"
      stroke="var(--water)"
      strokeWidth="2.2"
    />
  );
}

/** Salt as saturated paste, at the right edge. */
export function SaltMarks({ column, frame }: Props) {
  return (
    <>
      {column.ground.salinity.map((at) => (
        <g
          key={at.depthCm}
          transform={`translate(${frame.left + frame.width - 41} ${frame.depth(at.depthCm) - 9})`}
        >
          <rect width="36" height="18" rx="9" fill="var(--paper)" stroke="var(--water)" />
          <text x="18" y="14" textAnchor="middle" fontSize="13" className="num" fill="var(--ink)">
            {at.value.toFixed(1)}
          </text>
        </g>
      ))}
    </>
  );
}

/** A layer's structure, drawn over its room: round crumbs, blocks, plates, or a closed mass. */
function Structure({ layer, frame, seed }: { layer: Layer; frame: Frame; seed: string }) {
  const random = seeded(seed);
  const top = frame.depth(layer.topCm) + 4;
  const high = frame.depth(layer.bottomCm) - frame.depth(layer.topCm) - 8;
  const area = (frame.width * high) / 1000;
  const x = () => frame.left + 6 + random() * (frame.width - 12);
  const y = () => top + random() * Math.max(1, high);
  if (high <= 0) return null;
  switch (layer.shape) {
    case 'plates':
      return (
        <path
          d={Array.from({ length: Math.max(3, Math.floor(high / 6)) }, (_, row) => {
            const rowY = top + 2 + row * 6;
            let at = frame.left + 4 + random() * 8;
            let path = '';
            while (at < frame.left + frame.width - 10) {
              const long = 8 + random() * 17;
              path += `M${at.toFixed(1)} ${(rowY + random() * 1.6).toFixed(1)}h${Math.min(long, frame.left + frame.width - 5 - at).toFixed(1)}`;
              at += long + 4 + random() * 6;
            }
            return path;
          }).join('')}
          stroke="var(--root)"
          strokeWidth="1.7"
          fill="none"
        />
      );
    case 'massive':
      return (
        <rect
          x={frame.left + 1}
          y={top - 3}
          width={frame.width - 2}
          height={high + 6}
          fill="var(--root)"
          fillOpacity="0.42"
        />
      );
    case 'rounded-blocks':
    case 'sharp-blocks':
      return (
        <path
          d={Array.from({ length: Math.round(area * 1.9) }, () =>
            block(x(), y(), layer.shape === 'sharp-blocks' ? 4 : 6, random),
          ).join('')}
          fill="none"
          stroke="var(--root)"
          strokeOpacity="0.75"
          strokeWidth="1.1"
        />
      );
    default:
      return (
        <g fill="var(--root)" fillOpacity="0.5">
          {Array.from({ length: Math.round(area * (layer.shape === 'crumb' ? 6 : 9)) }, (_, i) => (
            <circle
              key={i}
              cx={x()}
              cy={y()}
              r={(layer.shape === 'crumb' ? 1.2 : 0.8) + random() * (layer.shape === 'crumb' ? 2.4 : 0.9)}
            />
          ))}
        </g>
      );
  }
}

function block(x: number, y: number, corners: number, random: () => number): string {
  const size = 6 + random() * 6;
  const turn = random() * Math.PI;
  const points = Array.from({ length: corners }, (_, i) => {
    const angle = turn + (i / corners) * 2 * Math.PI;
    const r = size * (0.8 + random() * 0.35);
    return `${(x + r * Math.cos(angle)).toFixed(1)} ${(y + r * 0.8 * Math.sin(angle)).toFixed(1)}`;
  });
  return `M${points.join('L')}Z`;
}

/** Roots from the surface: four fifths end above root80, the rest go on to the deepest; a flat end is drawn flat. */
export function Roots({ column, frame }: Props) {
  if (column.ground.root80Cm === null) return null;
  const random = seeded(`${column.spotId}roots`);
  const { left, width, depth } = frame;
  const deepest = column.ground.rootMaxCm ?? column.ground.root80Cm * 1.3;
  const count = Math.round(width / 9);
  const paths = Array.from({ length: count }, (_, i) => {
    const deep = i % 5 === 2;
    const end = deep
      ? column.ground.root80Cm === null
        ? 0
        : column.ground.root80Cm + (deepest - column.ground.root80Cm) * (0.4 + 0.6 * random())
      : column.ground.rootsEndFlat
        ? (column.ground.root80Cm ?? 0) - random() * 1.2
        : (column.ground.root80Cm ?? 0) * (0.45 + 0.55 * Math.sqrt(random()));
    let x = left + 5 + ((i + random()) / count) * (width - 10);
    let path = `M${x.toFixed(1)} ${depth(0)}`;
    const step = 12;
    for (let y = depth(0) + step; y < depth(end); y += step) {
      x = Math.max(left + 3, Math.min(left + width - 3, x + (random() - 0.5) * 7));
      path += `L${x.toFixed(1)} ${y.toFixed(1)}`;
    }
    path += `L${x.toFixed(1)} ${depth(end).toFixed(1)}`;
    return column.ground.rootsEndFlat && !deep ? `${path}q1 3 ${random() > 0.5 ? 9 : -9} 3` : path;
  });
  const y = depth(column.ground.root80Cm);
  return (
    <g fill="none" stroke="var(--root)">
      <path d={paths.join('')} strokeWidth="1.5" strokeLinejoin="round" strokeLinecap="round" />
      <path d={`M${left - 5} ${y}h10M${left + width - 5} ${y}h10`} strokeWidth="2.4" />
    </g>
  );
}

export function ConeLine({
  points,
  frame,
  ghost = false,
  hollow = false,
}: {
  points: { depthCm: number; value: number }[];
  frame: Frame;
  ghost?: boolean;
  hollow?: boolean;
}) {
  if (points.length === 0) return null;
  const most = frame.kPa.domain[1];
  const d = `M${points.map((at) => `${frame.kPa(Math.min(most, at.value)).toFixed(1)} ${frame.depth(at.depthCm).toFixed(1)}`).join('L')}`;
  return ghost ? (
    <path d={d} fill="none" stroke="var(--ink)" strokeWidth="1.5" strokeDasharray="2 4" />
  ) : (
    <g fill="none" strokeLinejoin="round" strokeOpacity={hollow ? 0.35 : undefined}>
      <path d={d} stroke="var(--paper)" strokeWidth="4.6" strokeOpacity="0.75" />
      <path d={d} stroke="var(--ink)" strokeWidth="2.4" />
    </g>
  );
}

/** Where the mean cone first meets the root limit. */
export function LimitMark({ column, frame }: Props) {
  if (column.ground.limitCm === null) return null;
  const y = frame.depth(column.ground.limitCm);
  return <path d={`M${frame.left - 4} ${y}h${frame.width + 8}`} stroke="var(--act)" strokeWidth="2.6" />;
}

export function PhMarks({ column, frame }: Props) {
  return (
    <>
      {column.ground.ph.map((at) => (
        <g key={at.depthCm} transform={`translate(${frame.left + 5} ${frame.depth(at.depthCm) - 9})`}>
          <rect width="32" height="18" rx="3" fill="var(--paper)" fillOpacity="0.9" />
          <text x="16" y="14" textAnchor="middle" fontSize="13" className="num" fill="var(--ink)">
            {at.value.toFixed(1)}
          </text>
        </g>
      ))}
    </>
  );
}
