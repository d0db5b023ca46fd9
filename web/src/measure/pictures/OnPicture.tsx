import { type KeyboardEvent, type PointerEvent, type ReactNode, useRef, useState } from 'react';
import type { WholeVisit } from '../../api/types';
import type { Place } from '../place';
import { Thumbnail } from './Pictures';
import { type Shown, usePictures, usePictureUrl } from './usePictures';

/** A place on a picture, as shares of its width and height. */
export type At = [x: number, y: number];

const STEP = 0.005;
const within = (share: number) => Math.min(1, Math.max(0, Number(share.toFixed(4))));

/** The pictures that were taken of a test at a place: one is chosen, and what is marked on it lies over it. */
export function OnPicture({
  shown,
  all,
  onChoose,
  onAspect,
  children,
}: {
  shown: Shown;
  all: Shown[];
  onChoose: (id: string) => void;
  /** Its height over its width, once it is there. */
  onAspect?: (aspect: number) => void;
  /** Drawn on 1000 across; told how high that is. */
  children: (high: number) => ReactNode;
}) {
  const url = usePictureUrl(shown, false);
  const [aspect, setAspect] = useState<number | null>(null);
  return (
    <div className="grid gap-3">
      <Which all={all} shown={shown} onChoose={onChoose} />
      <div className="relative max-w-xl select-none">
        {url && (
          <img
            src={url}
            alt="As it was photographed"
            className="w-full"
            onLoad={(event) => {
              const is = event.currentTarget.naturalHeight / event.currentTarget.naturalWidth;
              setAspect(is);
              onAspect?.(is);
            }}
          />
        )}
        {aspect !== null && (
          <svg
            viewBox={`0 0 1000 ${1000 * aspect}`}
            className="absolute inset-0 size-full"
            aria-label="Marks on the picture"
          >
            {children(1000 * aspect)}
          </svg>
        )}
      </div>
    </div>
  );
}

/** Of several photographs, the one that is looked at; nothing where there is no choice. */
export function Which({
  all,
  shown,
  onChoose,
}: {
  all: Shown[];
  shown: Shown;
  onChoose: (id: string) => void;
}) {
  if (all.length < 2) return null;
  return (
    <div className="flex flex-wrap gap-3" role="group" aria-label="Which photograph">
      {all.map((one) => (
        <button
          type="button"
          key={one.id}
          aria-pressed={one.id === shown.id}
          className={`border-b-[3px] pb-1 ${one.id === shown.id ? 'border-act' : 'border-transparent'}`}
          onClick={() => onChoose(one.id)}
        >
          <Thumbnail shown={one} />
        </button>
      ))}
    </div>
  );
}

/** The pictures of a test at a place. One that was just sent stays: the server has it before the visit says so. */
export function usePicturesOf(whole: WholeVisit, place: Place, method: string): Shown[] {
  const now = usePictures(whole).filter((one) => one.spotId === place.id && one.method === method);
  const before = useRef<Shown[]>([]);
  const sent = before.current
    .filter((one) => now.every((other) => other.id !== one.id))
    .map((one) => ({ ...one, parcel: null }));
  before.current = [...sent, ...now];
  return before.current;
}

type MarkProps = { at: At; label: string; high: number; onMove: (at: At) => void; children: ReactNode };

/** A mark that is dragged over the picture or moved with the arrow keys. */
export function Mark({ at, label, high, onMove, children }: MarkProps) {
  const [x, y] = at;
  function drag(event: PointerEvent<SVGGElement>) {
    if (event.buttons === 0) return;
    const box = event.currentTarget.ownerSVGElement?.getBoundingClientRect();
    if (!box || box.width === 0) return;
    onMove([within((event.clientX - box.left) / box.width), within((event.clientY - box.top) / box.height)]);
  }
  function press(event: KeyboardEvent<SVGGElement>) {
    const by: Record<string, At> = {
      ArrowLeft: [-STEP, 0],
      ArrowRight: [STEP, 0],
      ArrowUp: [0, -STEP],
      ArrowDown: [0, STEP],
    };
    const move = by[event.key];
    if (!move) return;
    event.preventDefault();
    onMove([within(x + move[0]), within(y + move[1])]);
  }
  return (
    <g
      role="button"
      tabIndex={0}
      aria-label={label}
      transform={`translate(${x * 1000} ${y * high})`}
      style={{ touchAction: 'none', cursor: 'move' }}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={drag}
      onKeyDown={press}
    >
      {children}
    </g>
  );
}
