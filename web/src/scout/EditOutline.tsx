import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { type Refusal, refusals, sentence } from '../api/problem';
import type { Corner, LandField, Zone } from '../api/types';
import { knowField } from '../device/known';
import { save } from '../device/save';
import { Fault } from '../ground/Fault';
import { TextField } from '../ground/TextField';
import { useMe } from '../people/session';
import { Corners } from './Corners';
import { FieldMap } from './FieldMap';
import { readOutline, withCorner, writeOutline } from './outline';
import { avoidance, cornersBy, type Ring, ringsOf } from './rings';
import { WalkEdge } from './WalkEdge';

type Props = { field: LandField; onDone: () => void };

/** The edge of a field, its zones and the places to avoid, moved corner by corner on the map, walked, typed, or read from a file. */
export function EditOutline({ field, onDone }: Props) {
  const me = useMe();
  const queries = useQueryClient();
  const [rings, setRings] = useState<Ring[]>(() => ringsOf(field));
  const [hand, setHand] = useState('edge');
  const [corner, setCorner] = useState<number | null>(null);
  const [typed, setTyped] = useState<string | null>(null);
  const [found, setFound] = useState<(Refusal & { key: string })[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const inHand = rings.find((one) => one.key === hand) ?? (rings[0] as Ring);
  const ring = inHand.corners;
  const edge = cornersBy(rings, 'edge')[0] ?? [];

  function setRing(corners: Corner[]) {
    setTyped(null);
    setFound([]);
    setRings((all) => all.map((one) => (one.key === hand ? { ...one, corners } : one)));
  }

  function take(key: string) {
    setHand(key);
    setCorner(null);
    setTyped(null);
  }

  /** The ring a refusal of the field speaks of. */
  function keyOf(path: string): string {
    const avoided = /^\/avoid\/(\d+)/.exec(path)?.[1];
    const kept = rings.filter((one) => one.of === 'avoid' && one.corners.length > 0);
    return (avoided && kept[Number(avoided)]?.key) || 'edge';
  }

  async function keepOne<T extends Record<string, unknown>>(
    path: string,
    was: T,
    is: T,
    label: string,
    key?: string,
  ): Promise<T> {
    if (JSON.stringify(was) === JSON.stringify(is)) return is;
    try {
      const saved = await save<T>({ person: me.id, path, was, is, label });
      return saved.kept ? is : saved.stands;
    } catch (error) {
      setFound(refusals(error).map((one) => ({ ...one, key: key ?? keyOf(one.path) })));
      if (key) take(key);
      throw error;
    }
  }

  async function keep() {
    try {
      setFault(null);
      const is = { ...field, outline: edge, avoid: cornersBy(rings, 'avoid') };
      const stands = await keepOne<LandField>(
        `/api/fields/${field.id}`,
        field,
        is,
        `The outline of ${field.name}`,
      );
      let zones = stands.zones;
      for (const zone of field.zones) {
        const drawn = rings.find((one) => one.key === zone.id);
        if (!drawn) continue;
        const path = `/api/zones/${zone.id}`;
        const now = { ...zone, outline: drawn.corners };
        const kept = await keepOne<Zone>(
          path,
          zone,
          now,
          `The outline of ${drawn.name}, ${field.name}`,
          zone.id,
        );
        zones = zones.map((one) => (one.id === kept.id ? kept : one));
      }
      knowField(queries, { ...stands, zones });
      await queries.invalidateQueries({ queryKey: ['field'] });
      onDone();
    } catch (error) {
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
        avoid={cornersBy(rings, 'avoid')}
        zones={field.zones.map((zone) => ({
          ...zone,
          outline: rings.find((one) => one.key === zone.id)?.corners ?? [],
        }))}
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
        {rings.map((one) => (
          <button
            key={one.key}
            type="button"
            aria-pressed={hand === one.key}
            className={`min-h-11 border-b-2 font-medium ${hand === one.key ? 'border-act' : 'border-transparent text-faded'}`}
            onClick={() => take(one.key)}
          >
            {one.name}
          </button>
        ))}
        <button
          type="button"
          className="link min-h-11"
          onClick={() => {
            const next = avoidance(rings.filter((one) => one.of === 'avoid').length, []);
            setRings([...rings, next]);
            take(next.key);
          }}
        >
          Another place to avoid
        </button>
      </div>
      <div className="flex flex-wrap gap-x-5">
        {corner !== null && ring.length > (inHand.of === 'edge' ? 3 : 0) && (
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
        {inHand.of !== 'edge' && ring.length > 0 && (
          <button
            type="button"
            className="link min-h-11"
            onClick={() => {
              setRing([]);
              setCorner(null);
            }}
          >
            {inHand.of === 'avoid' ? 'Nothing to avoid here' : 'Known by its spots alone'}
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
      <WalkEdge key={hand} onCorners={setRing} />
      <TextField
        label={`Corners of ${inHand.name}`}
        rows={4}
        value={text}
        onChange={type}
        error={found.find((one) => one.key === hand)?.text ?? fell ?? undefined}
        hint="A line for each: latitude, longitude."
      />
      <Fault text={fault} />
      {found
        .filter((one) => one.key !== hand)
        .map((one) => (
          <p key={one.path} className="text-warn" role="alert">
            {rings.find((ring) => ring.key === one.key)?.name}: {one.text}
          </p>
        ))}
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
