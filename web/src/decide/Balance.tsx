import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Cause, Evidence, WholeVisit } from '../api/types';
import { inSentence, show } from '../ground/format';
import { figure } from '../ground/myUnits';
import { placeOf } from '../measure/place';

/** Pixels for each unit of weight, the natural log of how many times likelier. */
const PX = 46;

/** Words that may reach over the upright stand on paper. */
const OVER = 'bg-paper box-decoration-clone py-1 pr-2';

type Props = { causes: Cause[]; whole: WholeVisit; below?: (cause: Cause) => ReactNode };

/** Evidence as weight on two sides of one upright: what speaks against at the left, what speaks for at the right. */
export function Balance({ causes, whole, below }: Props) {
  return (
    <div>
      <div className="grid grid-cols-2 text-sm text-faded" aria-hidden="true">
        <span className="pr-3 text-right">speaks against</span>
        <span className="pl-3">speaks for</span>
      </div>
      {causes.map((cause) => (
        <article key={cause.id} aria-label={cause.text} className="relative pt-4 pb-2">
          <span aria-hidden="true" className="absolute inset-y-0 left-1/2 w-[1.5px] bg-ink" />
          <h2 className="relative pb-2 text-[1.15rem]">
            <span className={OVER}>
              {cause.text}{' '}
              <span className="font-sans text-base font-normal text-faded">
                {cause.word}, <span className="num">{show(cause.belief, 2)}</span>
              </span>
            </span>
          </h2>
          {cause.gate && (
            <p className="relative mb-2 font-semibold text-warn">
              <span className={OVER}>{cause.gate}</span>
            </p>
          )}
          <Sides evidence={cause.evidence} whole={whole} />
          {cause.turn && <Turn turn={cause.turn} />}
          <div className="relative flex w-fit flex-wrap items-start gap-x-6 bg-paper pr-3">
            <Numbers cause={cause} />
            {below?.(cause)}
          </div>
        </article>
      ))}
    </div>
  );
}

function Sides({ evidence, whole }: { evidence: Evidence[]; whole: WholeVisit }) {
  const against = evidence.filter((piece) => piece.weight < 0);
  const speaksFor = evidence.filter((piece) => piece.weight >= 0);
  return (
    <div className="grid grid-cols-2">
      <div className="pr-px">
        <Bar pieces={against} side="against" />
        <ul className="mt-1 pr-3 text-right text-sm">
          {against.map((piece) => (
            <Piece key={piece.finding} piece={piece} whole={whole} />
          ))}
        </ul>
      </div>
      <div className="pl-px">
        <Bar pieces={speaksFor} side="for" />
        <ul className="mt-1 pl-3 text-sm">
          {speaksFor.map((piece) => (
            <Piece key={piece.finding} piece={piece} whole={whole} />
          ))}
        </ul>
      </div>
    </div>
  );
}

/** The one thing that would change the word above. */
function Turn({ turn }: { turn: NonNullable<Cause['turn']> }) {
  const finding = inSentence(turn.text);
  return (
    <p className="relative mt-1 py-1 text-sm text-faded">
      <span className={OVER}>
        What would turn it round:{' '}
        {turn.inDoubt
          ? `${finding} rests on a reading whose error reaches the limit; settled the other way it is ${turn.word}.`
          : `${turn.ifSeen ? '' : 'not '}${finding}, which nobody has looked at: then it is ${turn.word}.`}
      </span>
    </p>
  );
}

/** The figures behind a word: how common the cause is, and how much more often each finding is seen with it than without. */
function Numbers({ cause }: { cause: Cause }) {
  const of100 = (share: number) => show(share * 100, 0);
  return (
    <details className="open:w-full">
      <summary className="link flex min-h-11 w-fit cursor-pointer items-center text-sm">
        How it is reckoned
      </summary>
      <p className="text-sm">
        Of 100 fields like this one, {of100(cause.prior)} have it before anything is looked at.
      </p>
      <ul className="text-sm">
        {cause.evidence.map((piece) => (
          <li key={piece.finding} className="border-t border-rule py-1">
            {piece.text}: seen in {of100(piece.seenWith)} of 100 fields that have it, in{' '}
            {of100(piece.seenWithout)} of 100 that do not.{' '}
            {piece.value ? 'It was seen' : 'It was looked for and not seen'}:{' '}
            {piece.weight >= 0 ? 'for' : 'against'}, by{' '}
            <span className="num">{show(Math.abs(piece.weight), 2)}</span>.
          </li>
        ))}
        <li className="border-t border-rule py-1">
          Together: {of100(cause.belief)} of 100. Findings that tell the same story count whole, half, a
          quarter.
        </li>
      </ul>
    </details>
  );
}

/** Heaviest next to the upright. */
function Bar({ pieces, side }: { pieces: Evidence[]; side: 'for' | 'against' }) {
  return (
    <div className={`flex h-5 gap-[2px] ${side === 'against' ? 'flex-row-reverse' : ''}`} aria-hidden="true">
      {pieces.map((piece, i) => (
        <span
          key={piece.finding}
          className={side === 'for' ? 'bg-ink' : 'border-[1.5px] border-ink'}
          style={{
            width: `${Math.max(3, Math.abs(piece.weight) * PX)}px`,
            opacity: side === 'for' ? 1 - Math.min(0.6, i * 0.18) : 1,
          }}
        />
      ))}
    </div>
  );
}

/** A finding in words with the number it rests on; it opens the reading it came from. */
function Piece({ piece, whole }: { piece: Evidence; whole: WholeVisit }) {
  const reading = whole.readings.find((one) => piece.readings.includes(one.id));
  const number = piece.number === null ? '' : ` (${withUnit(piece.number, piece.unit)})`;
  const text = `${piece.value ? '' : 'Not so: '}${piece.value ? piece.text : piece.text.charAt(0).toLowerCase() + piece.text.slice(1)}${number}`;
  return (
    <li className="py-0.5 leading-snug">
      {reading ? (
        <Link
          className="underline decoration-rule underline-offset-2"
          to={`/fields/${whole.field.id}/visits/${whole.visit.id}/measure?spot=${placeOf(reading)}&method=${reading.method}`}
        >
          {text}
        </Link>
      ) : (
        <span>
          {text}
          {piece.readings.length === 0 && piece.measure === null && (
            <span className="text-faded">, seen by eye</span>
          )}
        </span>
      )}
      {piece.of > 0 && <span className="text-faded">, {atSpots(piece)}</span>}
      {piece.shared ? (
        <span className="text-faded">, the same in the good patch: counts half</span>
      ) : (
        piece.half && <span className="text-faded">, by card near the limit: counts half</span>
      )}{' '}
      <span className="num text-faded">{show(Math.abs(piece.weight), 1)}</span>
    </li>
  );
}

/** Of a finding that holds, the spots that say so; of one that does not, those that say not. */
function atSpots(piece: Evidence): string {
  const n = piece.value ? piece.yes : piece.of - piece.yes;
  return piece.of === 1
    ? 'at the one spot'
    : `at ${n === piece.of ? 'all' : n} of ${piece.of} spots`.replace('all of', 'all');
}

function withUnit(value: number, unit: string | null): string {
  if (unit === 'share') return `${show(value * 100, 0)} %`;
  if (unit === 'score') return `score ${show(value, 0)}`;
  return unit === 'pH' ? `pH ${show(value)}` : figure(value, unit);
}
