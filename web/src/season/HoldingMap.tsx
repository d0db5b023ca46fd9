import { Link, useNavigate } from 'react-router';
import type { Band, FieldCard } from '../api/types';
import { ClodMarks } from '../ground/Clod';
import { show } from '../ground/format';
import { ScaleBar } from '../ground/mapMarks';
import { boxOf, middle, project, scaleBar } from '../ground/mapProjection';
import { fieldPath } from './fieldPath';
import { type Holding, type Look, stood } from './holdings';
import { type Label, placeLabels } from './labels';
import { useSeen } from './useSeen';

const FILL: Record<Band, string> = {
  thriving: 'var(--thriving)',
  holding: 'var(--holding)',
  slipping: 'var(--slipping)',
  spent: 'var(--spent)',
};

/** Under this width a field is a ring, not a polygon. */
const SMALL_PX = 9;

type Sheet = { width: number; height: number };

export type Size = 'large' | 'middle' | 'small';

const SHEETS: Record<Size, Sheet> = {
  large: { width: 400, height: 218 },
  middle: { width: 272, height: 158 },
  small: { width: 190, height: 112 },
};
/** Names need room at the foot of a map. */
const FOOT_PX = 30;
/** The land reaches so far around a field. */
const SHORE_PX = 11;

type Props = {
  holding: Holding;
  look: Look;
  size: Size;
  line: { text: string; warn: boolean };
  /** Among the first, which are in sight at once. */
  atOnce: boolean;
};

/** One holding by its name, and once it is near sight its map. */
export function HoldingMap(props: Props) {
  const [ref, seen] = useSeen<HTMLElement>(props.atOnce);
  const { holding, size } = props;
  return (
    <section
      ref={ref}
      className="min-w-0"
      style={seen ? undefined : { minHeight: `${SHEETS[size].height + 60}px` }}
      aria-label={holding.name}
    >
      <div className="flex items-baseline justify-between gap-2">
        <h2 className={size === 'small' ? 'truncate text-base' : 'text-[1.15rem]'}>{holding.name}</h2>
        <span className="num text-sm text-faded">
          {size === 'small'
            ? holding.cards.length
            : `${holding.cards.length} ${holding.cards.length === 1 ? 'field' : 'fields'}`}
        </span>
      </div>
      {seen && <Drawn {...props} />}
    </section>
  );
}

/** The map at a scale of its own, fields where they lie, and what needs somebody there. */
function Drawn({ holding, look, size, line }: Props) {
  const sheet = SHEETS[size];
  const named = size !== 'small';
  const projection = project(
    boxOf(holding.cards.flatMap((card) => card.field.outline)),
    sheet.width,
    sheet.height - (named ? FOOT_PX : 0),
    SHORE_PX + 2,
  );
  const shapes = holding.cards.map((card) => {
    const points = card.field.outline.map(projection.to);
    const xs = points.map((point) => point.x);
    const ys = points.map((point) => point.y);
    const wide = Math.max(...xs) - Math.min(...xs);
    return { card, points, wide, top: Math.min(...ys), bottom: Math.max(...ys), centre: middle(points) };
  });
  const bar = scaleBar(projection.pxPerM, named ? 64 : 44);
  return (
    <>
      <svg
        viewBox={`0 0 ${sheet.width} ${sheet.height}`}
        className="w-full"
        role="group"
        aria-label={`Map of ${holding.name}`}
      >
        <Land shapes={shapes.map((one) => one.points)} />
        {shapes.map(({ card, points, wide, centre }) => (
          <Ground
            key={card.field.id}
            card={card}
            look={look}
            points={points}
            wide={wide}
            at={centre}
            named={named}
          />
        ))}
        {named && <Names shapes={shapes} look={look} sheet={sheet} />}
      </svg>
      <p className="flex items-end justify-between gap-3 text-sm">
        <Link
          to={wayTo(holding.cards)}
          className={`min-w-0 truncate ${line.warn ? 'text-warn' : 'text-faded'}`}
        >
          {line.text}
        </Link>
        <svg width={bar.px + 58} height="18" className="shrink-0 self-center" aria-hidden="true">
          <ScaleBar x={2} y={9} m={bar.m} px={bar.px} />
        </svg>
      </p>
    </>
  );
}

/** The land around the fields, so that they lie on something. */
function Land({ shapes }: { shapes: { x: number; y: number }[][] }) {
  return (
    <g
      fill="var(--land)"
      stroke="var(--land)"
      strokeWidth={2 * SHORE_PX}
      strokeLinejoin="round"
      aria-hidden="true"
    >
      {shapes.map((points) => (
        <polygon key={cornersOf(points)} points={cornersOf(points)} />
      ))}
    </g>
  );
}

function cornersOf(points: { x: number; y: number }[]): string {
  return points.map((point) => `${point.x},${point.y}`).join(' ');
}

/** To the field that needs somebody first: they come in that order. */
function wayTo(cards: FieldCard[]): string {
  const first = cards[0];
  return first ? fieldPath(first) : '/';
}

type GroundProps = {
  card: FieldCard;
  look: Look;
  points: { x: number; y: number }[];
  wide: number;
  at: { x: number; y: number };
  named: boolean;
};

function Ground({ card, look, points, wide, at, named }: GroundProps) {
  const navigate = useNavigate();
  const { band, score, provisional } = stood(card, look);
  const paint = {
    fill: band ? FILL[band] : 'var(--lift)',
    stroke: band === 'spent' ? 'var(--warn)' : 'var(--ink)',
    strokeWidth: 1.3,
    strokeDasharray: band === null || provisional ? '4 3' : undefined,
  };
  const said = `${card.field.name}, ${band ?? 'not read'}${score === null ? '' : `, ${show(score, 0)} of 100`}`;
  return (
    <g
      role="link"
      tabIndex={0}
      aria-label={said}
      className="cursor-pointer"
      onClick={() => void navigate(fieldPath(card))}
      onKeyDown={(event) => {
        if (event.key === 'Enter') void navigate(fieldPath(card));
      }}
    >
      {!named && <title>{said}</title>}
      {wide < SMALL_PX ? (
        <circle cx={at.x} cy={at.y} r="7" {...paint} />
      ) : (
        <polygon points={cornersOf(points)} {...paint} />
      )}
    </g>
  );
}

type NamesProps = {
  shapes: { card: FieldCard; wide: number; top: number; bottom: number; centre: { x: number; y: number } }[];
  look: Look;
  sheet: Sheet;
};

/** Each field's name with its condition and score, moved apart where they would meet. */
function Names({ shapes, look, sheet }: NamesProps) {
  const widthOf = (card: FieldCard) =>
    card.field.name.length * 7.2 + (stood(card, look).score === null ? 14 : 54);
  const labels = placeLabels(
    shapes.map(({ card, wide, bottom, centre }): Label => {
      const width = widthOf(card);
      return {
        id: card.field.id,
        x: centre.x - width / 2,
        y: wide > width + 8 ? centre.y - 13 : bottom + SHORE_PX + 2,
        width,
        height: 26,
      };
    }),
    sheet,
  );
  return labels.map((label) => {
    const shape = shapes.find((one) => one.card.field.id === label.id);
    if (!shape) return null;
    const { card, wide } = shape;
    const { band, score } = stood(card, look);
    return (
      <g
        key={label.id}
        transform={`translate(${label.x} ${label.y})`}
        aria-hidden="true"
        pointerEvents="none"
      >
        {wide > label.width + 8 && (
          <rect width={label.width} height={label.height} rx="5" fill="var(--paper)" fillOpacity="0.92" />
        )}
        <g transform="translate(6 5)">{band !== null && <ClodMarks band={band} />}</g>
        <text
          x={band === null ? 7 : 26}
          y="18"
          fontSize="14"
          fontWeight="600"
          fill="var(--ink)"
          stroke="var(--paper)"
          strokeWidth="3"
          paintOrder="stroke"
        >
          {card.field.name}
          {score !== null && (
            <tspan dx="6" className="num" fontWeight="400">
              {show(score, 0)}
            </tspan>
          )}
        </text>
      </g>
    );
  });
}
