import { Link } from 'react-router';
import type { FieldCard } from '../api/types';
import { Clod } from '../ground/Clod';
import { day, show } from '../ground/format';
import { fieldPath } from './fieldPath';
import { type Look, type Stood, stood } from './holdings';
import { useSeen } from './useSeen';

type Props = { cards: FieldCard[]; look: Look; withHolding?: boolean };

/** The same as the maps, as a list, lowest first: the table behind the picture. */
export function FieldRows({ cards, look, withHolding = false }: Props) {
  const rows = cards
    .map((card) => ({ card, at: stood(card, look) }))
    .sort((a, b) => (a.at.score ?? 101) - (b.at.score ?? 101));
  const blocks = Array.from({ length: Math.ceil(rows.length / BLOCK) }, (_, i) =>
    rows.slice(i * BLOCK, (i + 1) * BLOCK),
  );
  return (
    <div className="mt-2">
      {blocks.map((block, i) => (
        <Block key={block[0]?.card.field.id} rows={block} atOnce={i === 0} withHolding={withHolding} />
      ))}
    </div>
  );
}

type Row = { card: FieldCard; at: Stood };

/** So many rows are drawn together once they are near sight, each about so high. */
const BLOCK = 40;
const ROW_PX = 49;

function Block({ rows, atOnce, withHolding }: { rows: Row[]; atOnce: boolean; withHolding: boolean }) {
  const [ref, seen] = useSeen<HTMLUListElement>(atOnce);
  return (
    <ul ref={ref} style={seen ? undefined : { height: `${rows.length * ROW_PX}px` }}>
      {(seen ? rows : []).map(({ card, at }) => (
        <li key={card.field.id} className="border-t border-rule">
          <Link
            to={fieldPath(card)}
            className="grid grid-cols-[1.75rem_1fr_auto] items-center gap-x-2 py-2.5"
          >
            <Clod band={at.band} size={18} />
            <span>
              <span className="font-semibold">{card.field.name}</span>{' '}
              <span className="text-sm text-faded">
                {withHolding && `${card.field.holdingName}, `}
                {card.field.use}, {show(card.field.areaHa, card.field.areaHa < 1 ? 2 : 1)} ha
                {withHolding && at.day && `, read ${day(at.day)}`}
              </span>
            </span>
            <span className="num">
              {at.score === null ? <span className="text-faded">not yet</span> : show(at.score, 0)}
              {at.provisional && at.score !== null && <span className="text-faded"> prov.</span>}
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}
