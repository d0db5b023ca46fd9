import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { type Refusal, refusals, sentence } from '../api/problem';
import type { Corner, LandField } from '../api/types';
import { knowField } from '../device/known';
import { save } from '../device/save';
import type { Projection } from '../ground/mapProjection';
import { TextField } from '../ground/TextField';
import { useMe } from '../people/session';
import { FieldMap } from './FieldMap';
import { readOutline, writeOutline } from './outline';

type Props = { field: LandField; onDone: () => void };

/** Which ring is in hand: the edge, or one of the places to avoid. */
type Hand = 'edge' | number;

/** The edge of a field and the places to avoid, moved corner by corner on the map, or typed, or read from a file. */
export function EditOutline({ field, onDone }: Props) {
  const me = useMe();
  const queries = useQueryClient();
  const [edge, setEdge] = useState<Corner[]>(field.outline);
  const [avoid, setAvoid] = useState<Corner[][]>(field.avoid ?? []);
  const [hand, setHand] = useState<Hand>('edge');
  const [corner, setCorner] = useState<number | null>(null);
  const [typed, setTyped] = useState<string | null>(null);
  const [found, setFound] = useState<Refusal[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const ring = hand === 'edge' ? edge : (avoid[hand] ?? []);
  const at = (path: string) => found.find((one) => one.path.startsWith(path))?.text;

  function setRing(corners: Corner[]) {
    setTyped(null);
    setFound([]);
    if (hand === 'edge') setEdge(corners);
    else setAvoid(avoid.map((one, i) => (i === hand ? corners : one)));
  }

  async function keep() {
    const is = { ...field, outline: edge, avoid: avoid.filter((one) => one.length > 0) };
    try {
      const saved = await save<LandField>({
        person: me.id,
        path: `/api/fields/${field.id}`,
        was: field,
        is,
        label: `The outline of ${field.name}`,
      });
      knowField(queries, saved.kept ? is : saved.stands);
      if (!saved.kept) await queries.invalidateQueries({ queryKey: ['field'] });
      onDone();
    } catch (error) {
      setFound(refusals(error));
      setFault(refusals(error).length === 0 ? sentence(error) : null);
    }
  }

  function type(text: string) {
    const read = readOutline(text);
    setRing(read.corners);
    setTyped(text);
  }

  async function drop(file: File | undefined) {
    if (file) type(await file.text());
  }

  const text = typed ?? writeOutline(ring);
  const fell = typed === null ? null : readOutline(typed).fault;
  return (
    <section aria-labelledby="edge" className="mt-4 grid gap-3 border-t border-rule pt-4">
      <h2 id="edge">The outline</h2>
      <p className="text-sm text-faded">
        Drag a corner. A tap on the map sets a new corner where it is the least way round; a tap on a corner
        takes it in hand.
      </p>
      <FieldMap
        outline={edge}
        avoid={avoid}
        frame={[...field.outline, ...(field.avoid ?? []).flat()]}
        onPlace={(place) => setRing(withCorner(ring, place))}
        over={(projection, onSheet) => (
          <Corners
            ring={ring}
            chosen={corner}
            projection={projection}
            onSheet={onSheet}
            onChoose={setCorner}
            onMove={(i, place) => setRing(ring.map((one, k) => (k === i ? place : one)))}
          />
        )}
      />
      <div className="flex flex-wrap gap-x-5" role="group" aria-label="What is in hand">
        {(['edge', ...avoid.map((_, i) => i)] as Hand[]).map((one) => (
          <button
            key={one}
            type="button"
            aria-pressed={hand === one}
            className={`min-h-11 border-b-2 font-medium ${hand === one ? 'border-act' : 'border-transparent text-faded'}`}
            onClick={() => {
              setHand(one);
              setCorner(null);
              setTyped(null);
            }}
          >
            {one === 'edge' ? 'the edge' : `avoid ${one + 1}`}
          </button>
        ))}
        <button
          type="button"
          className="link min-h-11"
          onClick={() => {
            setAvoid([...avoid, []]);
            setHand(avoid.length);
            setTyped(null);
          }}
        >
          Another place to avoid
        </button>
      </div>
      <div className="flex flex-wrap gap-x-5">
        {corner !== null && ring.length > (hand === 'edge' ? 3 : 0) && (
          <button
            type="button"
            className="link min-h-11"
            onClick={() => {
              setRing(ring.filter((_, i) => i !== corner));
              setCorner(null);
            }}
          >
            Take corner {corner + 1} away
          </button>
        )}
        {hand !== 'edge' && (
          <button
            type="button"
            className="link min-h-11"
            onClick={() => {
              setAvoid(avoid.filter((_, i) => i !== hand));
              setHand('edge');
            }}
          >
            Nothing to avoid here
          </button>
        )}
        <label className="link flex min-h-11 cursor-pointer items-center">
          From a GeoJSON file
          <input
            type="file"
            accept=".geojson,.json,application/geo+json"
            className="sr-only"
            onChange={(event) => void drop(event.target.files?.[0])}
          />
        </label>
      </div>
      <TextField
        label={hand === 'edge' ? 'Corners of the edge' : `Corners of avoid ${hand + 1}`}
        rows={4}
        value={text}
        onChange={type}
        error={at(hand === 'edge' ? '/outline' : `/avoid/${hand}`) ?? fell ?? undefined}
        hint="A line for each: latitude, longitude."
      />
      {(fault ?? (found.length > 0 && !at(hand === 'edge' ? '/outline' : `/avoid/${hand}`))) && (
        <p className="text-warn" role="alert">
          {fault ?? found[0]?.text}
        </p>
      )}
      <div className="flex gap-3">
        <button type="button" className="button button-main" onClick={() => void keep()}>
          Keep the outline
        </button>
        <button type="button" className="button" onClick={onDone}>
          Close
        </button>
      </div>
    </section>
  );
}

/** A new corner between the two where it is the least way round. */
export function withCorner(ring: Corner[], place: Corner): Corner[] {
  if (ring.length < 3) return [...ring, place];
  const narrowing = Math.cos((place.lat * Math.PI) / 180);
  const apart = (a: Corner, b: Corner) => Math.hypot(a.lat - b.lat, (a.lon - b.lon) * narrowing);
  let least = Number.POSITIVE_INFINITY;
  let after = 0;
  ring.forEach((corner, i) => {
    const next = ring[(i + 1) % ring.length] as Corner;
    const round = apart(corner, place) + apart(place, next) - apart(corner, next);
    if (round < least) {
      least = round;
      after = i;
    }
  });
  return [...ring.slice(0, after + 1), place, ...ring.slice(after + 1)];
}

type CornersProps = {
  ring: Corner[];
  chosen: number | null;
  projection: Projection;
  onSheet: (clientX: number, clientY: number) => { x: number; y: number };
  onChoose: (corner: number) => void;
  onMove: (corner: number, place: Corner) => void;
};

const NUDGE: Record<string, [number, number]> = {
  ArrowLeft: [-2, 0],
  ArrowRight: [2, 0],
  ArrowUp: [0, -2],
  ArrowDown: [0, 2],
};

/** Corners to drag, or to move with the arrow keys. */
function Corners({ ring, chosen, projection, onSheet, onChoose, onMove }: CornersProps) {
  return (
    <>
      <polygon
        points={ring
          .map(projection.to)
          .map((at) => `${at.x},${at.y}`)
          .join(' ')}
        fill="none"
        stroke="var(--act)"
        strokeWidth="1.6"
        pointerEvents="none"
      />
      {ring.map((corner, i) => {
        const at = projection.to(corner);
        return (
          <g
            key={i}
            role="button"
            tabIndex={0}
            aria-label={`Corner ${i + 1}`}
            className="cursor-move"
            onClick={(event) => event.stopPropagation()}
            onPointerDown={(event) => {
              event.stopPropagation();
              event.currentTarget.setPointerCapture(event.pointerId);
              onChoose(i);
            }}
            onPointerMove={(event) => {
              if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
              event.stopPropagation();
              onMove(i, projection.back(onSheet(event.clientX, event.clientY)));
            }}
            onKeyDown={(event) => {
              const by = NUDGE[event.key];
              if (!by) return;
              event.preventDefault();
              onChoose(i);
              onMove(i, projection.back({ x: at.x + by[0], y: at.y + by[1] }));
            }}
          >
            <circle cx={at.x} cy={at.y} r="18" fill="transparent" />
            <circle
              cx={at.x}
              cy={at.y}
              r={i === chosen ? 8 : 6}
              fill={i === chosen ? 'var(--act)' : 'var(--paper)'}
              stroke="var(--act)"
              strokeWidth="2"
            />
          </g>
        );
      })}
    </>
  );
}
