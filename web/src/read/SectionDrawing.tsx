import type { SectionColumn, SectionView } from '../api/types';
import { bandOf, ClodMarks } from '../ground/Clod';
import { ROOT_LIMIT_KPA } from '../ground/ConeProfile';
import { show } from '../ground/format';
import { figure, myUnit, sayMine } from '../ground/myUnits';
import { Scrollable } from '../ground/Scrollable';
import { depthScale, scale } from '../ground/scale';
import {
  ConeLine,
  type Frame,
  GroundLayers,
  LimitMark,
  PhMarks,
  Roots,
  SaltMarks,
  WaterMark,
} from './columnMarks';

const LEFT = 62;
const TOP = 60;
const HEIGHT = 440;
const GAP = 18;
const WIDTH = 118;
const MOST_KPA = 4000;

type Props = {
  view: SectionView;
  /** The depths shown, cm; all of them where it is missing. */
  between?: [number, number] | null;
  /** Opens the reading behind a mark: the first of these tests that was made at the spot. */
  onOpen?: ((spotId: string, methods: string[]) => void) | undefined;
};

/** Spots side by side on one ruler: ground drawn, not charted; the visit before as a ghost. */
export function SectionDrawing({ view, between = null, onOpen }: Props) {
  const depth = between
    ? scale(between, [TOP, TOP + HEIGHT], stepOf(between), 'cm')
    : depthScale(view.deepestCm, HEIGHT, TOP);
  const wide = view.columns.length > 7 ? 92 : WIDTH;
  const full = LEFT + view.columns.length * (wide + GAP);
  const bottom = depth(depth.domain[1]);
  const has = (of: (ground: SectionColumn['ground']) => boolean) =>
    view.columns.some((column) => of(column.ground));
  const hasGhost = view.columns.some((column) => column.ground.coneBefore.length > 0);
  return (
    <figure>
      <Scrollable label="The cut through the ground">
        <svg
          viewBox={`0 0 ${full} ${bottom + 12}`}
          className="w-full"
          style={{ minWidth: `${Math.min(full, view.columns.length * 92)}px`, maxWidth: `${full}px` }}
          role="group"
          aria-label={`Section of ${view.columns.length} spots ${sayMine(`from ${depth.domain[0]} to ${depth.domain[1]} cm`)}. ${view.said.map((said) => said.text).join(' ')}`}
          data-testid="section"
        >
          <text x="4" y="22" fontSize="13" fill="var(--faded)">
            depth,
          </text>
          <text x="4" y="38" fontSize="13" fill="var(--faded)">
            {myUnit('cm')}
          </text>
          {depth.ticks.map((tick) => (
            <g key={tick}>
              <text
                x={LEFT - 22}
                y={depth(tick) + 5}
                textAnchor="end"
                fontSize="14"
                className="num"
                fill="var(--ink)"
              >
                {depth.says(tick)}
              </text>
              <path d={`M${LEFT - 15} ${depth(tick)}h9`} stroke="var(--ink)" strokeWidth="1.6" />
              {tick > depth.domain[0] && (
                <path
                  d={`M${LEFT} ${depth(tick)}H${full - GAP}`}
                  stroke="var(--rule)"
                  strokeDasharray="2 6"
                />
              )}
            </g>
          ))}
          {view.columns.map((column, i) => (
            <Column
              key={column.spotId}
              column={column}
              onOpen={onOpen && ((methods) => onOpen(column.spotId, methods))}
              frame={{
                left: LEFT + i * (wide + GAP),
                width: wide,
                bottom,
                depth,
                kPa: scale([0, MOST_KPA], [LEFT + i * (wide + GAP), LEFT + i * (wide + GAP) + wide], 1000),
              }}
            />
          ))}
        </svg>
      </Scrollable>
      <figcaption className="mt-2">
        <Legend
          ghost={hasGhost}
          salt={has((ground) => ground.salinity.length > 0)}
          hollow={has((ground) => ground.coneHollow)}
          water={has(
            (ground) =>
              ground.waterAtCm !== null ||
              ground.layers.some((one) => one.mottles !== null && one.mottles !== 'none'),
          )}
        />
      </figcaption>
    </figure>
  );
}

/** Ticks close enough to read by: every 5 cm over a hand's breadth, every 10 over more. */
function stepOf([from, to]: [number, number]): number {
  return to - from <= 30 ? 5 : 10;
}

type ColumnProps = { column: SectionColumn; frame: Frame; onOpen: ((methods: string[]) => void) | undefined };

function Column({ column, frame, onOpen }: ColumnProps) {
  const { left, width, bottom, depth } = frame;
  const top = depth.range[0];
  const name = /^\d/.test(column.label) ? `Spot ${column.label}` : column.label;
  return (
    <g>
      <text x={left} y="22" fontSize="18" fontWeight="650" className="font-head" fill="var(--ink)">
        {name}
      </text>
      {column.score !== null && (
        <g transform={`translate(${left + width - 44} 8)`}>
          <ClodMarks band={bandOf(column.score)} />
          <text x="44" y="14" textAnchor="end" fontSize="15" className="num" fill="var(--ink)">
            {show(column.score, 0)}
          </text>
        </g>
      )}
      <text x={left} y="44" fontSize="12.5" fill="var(--faded)">
        {cutTo(column.note ?? '', width)}
      </text>
      <clipPath id={`cut-${column.spotId}`}>
        <rect x={left} y={top} width={width} height={bottom - top} />
      </clipPath>
      <clipPath id={`beside-${column.spotId}`}>
        <rect x={left - BESIDE} y={top - 8} width={width + 2 * BESIDE} height={bottom - top + 9} />
      </clipPath>
      <Opens words={`${name}, soil block or pit`} methods={['structure-spade', 'root-pit']} onOpen={onOpen}>
        <g clipPath={`url(#cut-${column.spotId})`}>
          <GroundLayers column={column} frame={frame} />
        </g>
      </Opens>
      <g clipPath={`url(#beside-${column.spotId})`}>
        <Opens words={`${name}, roots`} methods={['root-depth', 'root-pit']} onOpen={onOpen}>
          <Roots column={column} frame={frame} />
        </Opens>
        <rect
          x={left}
          y={top}
          width={width}
          height={bottom - top}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="1.3"
        />
        <path
          d={`M${frame.kPa(ROOT_LIMIT_KPA)} ${top}V${bottom}`}
          stroke="var(--warn)"
          strokeWidth="1.2"
          strokeDasharray="5 4"
        />
        <ConeLine points={column.ground.coneBefore} frame={frame} ghost />
        <Opens words={`${name}, cone`} methods={['penetration']} onOpen={onOpen}>
          <ConeLine points={column.ground.cone} frame={frame} hollow={column.ground.coneHollow} />
          <LimitMark column={column} frame={frame} />
        </Opens>
        <WaterMark column={column} frame={frame} />
        <Opens words={`${name}, pH`} methods={['ph', 'laboratory', 'root-pit']} onOpen={onOpen}>
          <PhMarks column={column} frame={frame} />
        </Opens>
        <Opens words={`${name}, salinity`} methods={['salinity', 'laboratory']} onOpen={onOpen}>
          <SaltMarks column={column} frame={frame} />
        </Opens>
      </g>
    </g>
  );
}

/** How far the marks beside a column reach. */
const BESIDE = 17;

type OpensProps = {
  words: string;
  methods: string[];
  onOpen: ((methods: string[]) => void) | undefined;
  children: React.ReactNode;
};

/** Marks that open the reading they were drawn from. */
function Opens({ words, methods, onOpen, children }: OpensProps) {
  if (!onOpen) return children;
  return (
    <g
      role="link"
      tabIndex={0}
      aria-label={`${words}: open the reading`}
      className="cursor-pointer"
      onClick={() => onOpen(methods)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') onOpen(methods);
      }}
    >
      {children}
    </g>
  );
}

/** A note cut to the column, with a sign that it goes on. */
function cutTo(text: string, width: number): string {
  const most = Math.floor(width / 6.1);
  return text.length <= most ? text : `${text.slice(0, most - 1).trimEnd()}…`;
}

function Legend(shown: { ghost: boolean; salt: boolean; hollow: boolean; water: boolean }) {
  const { ghost, salt, hollow, water } = shown;
  return (
    <ul className="flex flex-wrap gap-x-6 gap-y-1 text-sm text-faded" aria-label="Marks">
      <Mark words={myUnit('kPa') === 'kPa' ? 'cone, 0 to 4 MPa' : `cone, 0 to ${figure(MOST_KPA, 'kPa', 0)}`}>
        <path d="M0 6h30" stroke="var(--ink)" strokeWidth="2.4" />
      </Mark>
      {ghost && (
        <Mark words="the visit before">
          <path d="M0 6h30" stroke="var(--ink)" strokeWidth="1.6" strokeDasharray="2 4" />
        </Mark>
      )}
      {hollow && (
        <Mark words="cone on a day too dry or wet: no evidence">
          <path d="M0 6h30" stroke="var(--ink)" strokeWidth="2.4" strokeOpacity="0.35" />
        </Mark>
      )}
      {salt && (
        <Mark words={`salt as paste, ${myUnit('dS/m')}`}>
          <rect x="1" y="0.5" width="28" height="11" rx="5.5" fill="var(--lift)" stroke="var(--water)" />
        </Mark>
      )}
      {water && (
        <Mark words="colours of water, and where it stood">
          <path d="M1 6q4 -4 8 0t8 0" fill="none" stroke="var(--water)" strokeWidth="2" />
          <circle cx="24" cy="6" r="2.6" fill="var(--iron)" />
        </Mark>
      )}
      <Mark
        words={
          myUnit('kPa') === 'kPa' ? 'root limit, 2.07 MPa' : `root limit, ${figure(ROOT_LIMIT_KPA, 'kPa', 0)}`
        }
      >
        <path d="M0 6h30" stroke="var(--warn)" strokeWidth="1.4" strokeDasharray="5 4" />
      </Mark>
      <Mark words="limit met">
        <path d="M0 6h30" stroke="var(--act)" strokeWidth="2.6" />
      </Mark>
      <Mark words="four fifths of the roots">
        <path d="M0 6h30M2 2v8M28 2v8" stroke="var(--root)" strokeWidth="2" />
      </Mark>
      <Mark words="pH in water">
        <rect x="2" y="0" width="26" height="12" rx="2" fill="var(--lift)" stroke="var(--rule)" />
        <text x="15" y="10" textAnchor="middle" fontSize="10" className="num" fill="var(--ink)">
          6.3
        </text>
      </Mark>
    </ul>
  );
}

function Mark({ words, children }: { words: string; children: React.ReactNode }) {
  return (
    <li className="flex items-center gap-2">
      <svg width="30" height="12" aria-hidden="true">
        {children}
      </svg>
      {words}
    </li>
  );
}
