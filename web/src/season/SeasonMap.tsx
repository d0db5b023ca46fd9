import { useNavigate } from 'react-router';
import type { Band, FieldCard } from '../api/types';
import { ClodMarks } from '../ground/Clod';
import { show } from '../ground/format';
import { North, ScaleBar } from '../ground/mapMarks';
import { boxOf, middle, project, scaleBar, type XY } from '../ground/mapProjection';
import { useNarrow } from '../ground/useNarrow';
import { fieldPath } from './fieldPath';
import { type Label, placeLabels } from './labels';

const FILL: Record<Band, string> = {
  thriving: 'var(--thriving)',
  holding: 'var(--holding)',
  slipping: 'var(--slipping)',
  spent: 'var(--spent)',
};

/** The holdings as polygons, tinted by band; too small a field to see gets a ring of its own. */
export function SeasonMap({ cards }: { cards: FieldCard[] }) {
  const navigate = useNavigate();
  const narrow = useNarrow();
  const sheet = narrow ? { width: 400, height: 400 } : { width: 820, height: 600 };
  const projection = project(
    boxOf(cards.flatMap((card) => card.field.outline)),
    sheet.width,
    sheet.height,
    narrow ? 52 : 70,
  );
  const shapes = cards.map((card) => {
    const points = card.field.outline.map(projection.to);
    const xs = points.map((point) => point.x);
    const ys = points.map((point) => point.y);
    const wide = Math.max(...xs) - Math.min(...xs);
    return { card, points, centre: middle(points), wide, bottom: Math.max(...ys), small: wide < 16 };
  });
  const bar = scaleBar(projection.pxPerM, narrow ? 80 : 130);
  const labels = placeLabels(
    shapes.map(({ card, centre, wide, bottom, small }): Label => {
      const text = card.field.name;
      const width = text.length * 7.7 + (card.score === null ? 16 : 62);
      const inside = !small && wide > width + 8;
      return {
        id: card.field.id,
        x: centre.x - width / 2,
        y: inside ? centre.y - 14 : bottom + (small ? 16 : 8),
        width,
        height: 28,
      };
    }),
    sheet,
    [
      { x: 30, y: sheet.height - 46, width: bar.px + 90, height: 40 },
      { x: 26, y: 8, width: 40, height: 74 },
    ],
  );
  return (
    <svg
      viewBox={`0 0 ${sheet.width} ${sheet.height}`}
      className="w-full"
      role="group"
      aria-label="Map of the fields"
    >
      {shapes.map(({ card, points, centre, small }) => (
        <g
          key={card.field.id}
          role="link"
          tabIndex={0}
          aria-label={`${card.field.name}, ${card.band ?? 'nothing scored yet'}${card.score === null ? '' : `, ${show(card.score, 0)} of 100`}`}
          className="cursor-pointer"
          onClick={() => void navigate(fieldPath(card))}
          onKeyDown={(event) => {
            if (event.key === 'Enter') void navigate(fieldPath(card));
          }}
        >
          {!small && (
            <polygon
              points={points.map((point) => `${point.x},${point.y}`).join(' ')}
              fill={card.band ? FILL[card.band] : 'var(--lift)'}
              stroke={card.band === 'spent' ? 'var(--warn)' : 'var(--ink)'}
              strokeWidth="1.4"
              strokeDasharray={card.band === null || card.provisional ? '5 4' : undefined}
            />
          )}
          {small && (
            <circle
              cx={centre.x}
              cy={centre.y}
              r="11"
              fill="transparent"
              stroke="var(--ink)"
              strokeWidth="1.2"
            />
          )}
          {card.field.spots.map((spot) => {
            const at: XY = projection.to(spot);
            return small ? null : (
              <circle
                key={spot.id}
                cx={at.x}
                cy={at.y}
                r="2.6"
                fill="var(--paper)"
                stroke="var(--ink)"
                strokeWidth="1"
              />
            );
          })}
        </g>
      ))}
      {labels.map((label) => {
        const card = cards.find((one) => one.field.id === label.id);
        if (!card) return null;
        return (
          <g
            key={label.id}
            transform={`translate(${label.x} ${label.y})`}
            aria-hidden="true"
            pointerEvents="none"
          >
            <rect width={label.width} height={label.height} rx="5" fill="var(--paper)" fillOpacity="0.92" />
            <g transform="translate(7 6)">{card.band !== null && <ClodMarks band={card.band} />}</g>
            <text x={card.band === null ? 8 : 28} y="19" fontSize="14.5" fontWeight="600" fill="var(--ink)">
              {card.field.name}
              {card.score !== null && (
                <tspan dx="6" className="num" fontWeight="400">
                  {show(card.score, 0)}
                </tspan>
              )}
            </text>
          </g>
        );
      })}
      <ScaleBar x={40} y={sheet.height - 26} m={bar.m} px={bar.px} />
      <North x={46} y={44} />
    </svg>
  );
}
