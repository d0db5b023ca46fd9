import { useState } from 'react';
import type { Method, WholeVisit } from '../api/types';
import { bandOf, Clod } from '../ground/Clod';
import { show, signed } from '../ground/format';
import { Bench } from './Bench';
import type { Place } from './place';

type Props = { whole: WholeVisit; method: Method; places: [Place, Place]; onLeave: () => void };

/** One test at two spots side by side, the poor one beside the good one mostly; the difference grows as one types. */
export function Paired({ whole, method, places, onLeave }: Props) {
  const [first, setFirst] = useState<number | null>(null);
  const [second, setSecond] = useState<number | null>(null);
  const [front, setFront] = useState(0);
  const scores = [first, second];
  const zoneOf = (place: Place) => {
    const spot = whole.field.spots.find((one) => one.id === place.id);
    return whole.field.zones.find((zone) => zone.id === spot?.zoneId)?.name ?? '';
  };
  return (
    <section aria-label="Two spots side by side">
      <div className="flex flex-wrap items-center gap-x-8 gap-y-2 border-b-2 border-ink pb-2">
        {places.map((place, i) => (
          <button
            key={place.id}
            type="button"
            aria-pressed={front === i}
            className={`flex min-h-14 items-center gap-3 border-b-[3px] text-left ${front === i ? 'border-act' : 'border-transparent'} desk:border-transparent`}
            onClick={() => setFront(i)}
          >
            <Clod band={bandOf(scores[i] ?? null)} size={24} />
            <span>
              <span className="block text-sm text-faded">
                spot {place.label}, {zoneOf(place)}
              </span>
              <span className="num text-2xl font-semibold">{show(scores[i])}</span>
            </span>
          </button>
        ))}
        <Difference first={first} second={second} />
        <button type="button" className="link ml-auto min-h-11" onClick={onLeave}>
          One spot alone
        </button>
      </div>
      <div className="mt-4 grid gap-x-10 desk:grid-cols-2">
        {places.map((place, i) => (
          <div key={place.id} className={front === i ? 'min-w-0' : 'min-w-0 max-desk:hidden'}>
            <Bench
              key={`${place.id} ${method.id}`}
              whole={whole}
              spot={place}
              method={method}
              onScore={i === 0 ? setFirst : setSecond}
            />
          </div>
        ))}
      </div>
    </section>
  );
}

/** How far the two lie apart, on the scale of a hundred; open until both have come to something. */
function Difference({ first, second }: { first: number | null; second: number | null }) {
  const apart = first === null || second === null ? null : second - first;
  const x = (score: number) => 9 + (score / 100) * 182;
  return (
    <figure className="flex items-center gap-4" aria-label="The difference" role="group">
      <svg viewBox="0 0 200 26" width="200" height="26" aria-hidden="true">
        <path d="M9 13H191" stroke="var(--rule)" strokeWidth="4" strokeLinecap="round" />
        {first !== null && second !== null && (
          <path d={`M${x(first)} 13H${x(second)}`} stroke="var(--act)" strokeWidth="6" />
        )}
        {first !== null && <circle cx={x(first)} cy="13" r="6" fill="var(--ink)" />}
        {second !== null && (
          <circle cx={x(second)} cy="13" r="6" fill="var(--paper)" stroke="var(--ink)" strokeWidth="2.4" />
        )}
      </svg>
      <figcaption role="status">
        {apart === null ? (
          <span className="text-faded">the difference shows once both are read</span>
        ) : (
          <>
            <span className="num text-xl font-semibold">{signed(apart)}</span> of 100
          </>
        )}
      </figcaption>
    </figure>
  );
}
