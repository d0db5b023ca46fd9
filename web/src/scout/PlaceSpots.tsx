import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { Corner, LandField, Placed, Spot, Zone } from '../api/types';
import { knowField } from '../device/known';
import { save } from '../device/save';
import { Fault } from '../ground/Fault';
import { show } from '../ground/format';
import { NumberField } from '../ground/NumberField';
import { Show } from '../ground/State';
import { parse } from '../ground/units';
import { useOneTap } from '../ground/useOneTap';
import { useMe } from '../people/session';
import { gateOf } from './plan';
import { spotLabel } from './spotLabel';

const WAYS = [
  { id: 'spread', name: 'spread', says: 'No part of the field is far from a spot.' },
  { id: 'line', name: 'line', says: 'Equal steps along the field, for a slope or a gradient.' },
  { id: 'walk', name: 'walk', says: 'Along a zigzag, for a mixed sample.' },
] as const;

type Props = {
  field: LandField;
  zone: Zone;
  onShow: (spots: Corner[]) => void;
  onDone: () => void;
};

/** Spots proposed on the map, to be taken or moved on: how many, how far from the edge, spread or along a way. */
export function PlaceSpots({ field, zone, onShow, onDone }: Props) {
  const me = useMe();
  const queries = useQueryClient();
  const [way, setWay] = useState<string>('spread');
  const [n, setN] = useState('5');
  const [margin, setMargin] = useState('15');
  const [seed, setSeed] = useState(1);
  const [fault, setFault] = useState<string | null>(null);
  const many = parse(n, null);
  const metres = parse(margin, 'm');
  const body = {
    // A zone that is drawn takes its spots inside it.
    polygon: polygonOf((zone.outline ?? []).length > 2 ? zone.outline : field.outline),
    avoid: (field.avoid ?? []).map(polygonOf),
    n: many.ok ? Math.round(many.value) : null,
    marginM: metres.ok ? metres.value : null,
    plan: way,
    seed,
    gate: gateOf(field),
  };
  const placed = useQuery({
    queryKey: ['placed', JSON.stringify(body)],
    queryFn: async ({ signal }) => {
      const found = (await take(api.POST('/api/spots/place', { signal, body: body as never }))) as Placed;
      onShow(found.spots);
      return found;
    },
    enabled: many.ok && metres.ok,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });

  const setOnce = useOneTap(set);

  async function set(spots: Corner[]) {
    try {
      let so = field;
      for (const at of spots) {
        const id = newId();
        const is = {
          zoneId: zone.id,
          label: spotLabel(zone, so.spots),
          note: null,
          lat: at.lat,
          lon: at.lon,
          retiredOn: null,
          retiredReason: null,
          version: 0,
        };
        const saved = await save<Spot>({
          person: me.id,
          path: `/api/spots/${id}`,
          was: null,
          is,
          label: `Spot ${is.label}, ${field.name}`,
        });
        so = { ...so, spots: [...so.spots, saved.kept ? { ...is, id, fieldId: field.id } : saved.stands] };
        knowField(queries, so);
      }
      onShow([]);
      onDone();
      await queries.invalidateQueries({ queryKey: keys.season });
    } catch (problem) {
      setFault(sentence(problem));
    }
  }

  return (
    <div className="grid gap-3 border-t border-rule pt-3">
      <div className="flex flex-wrap gap-x-5" role="group" aria-label="How spots are placed">
        {WAYS.map((one) => (
          <button
            key={one.id}
            type="button"
            aria-pressed={way === one.id}
            className={`min-h-11 border-b-2 font-medium ${way === one.id ? 'border-act' : 'border-transparent text-faded'}`}
            onClick={() => setWay(one.id)}
          >
            {one.name}
          </button>
        ))}
      </div>
      <p className="text-sm text-faded">{WAYS.find((one) => one.id === way)?.says}</p>
      <div className="grid grid-cols-2 gap-3">
        <NumberField
          label="Spots"
          unit={null}
          value={n}
          onChange={setN}
          error={many.ok ? undefined : many.text}
        />
        <NumberField
          label="From the edge"
          unit="m"
          value={margin}
          onChange={setMargin}
          error={metres.ok ? undefined : metres.text}
        />
      </div>
      <Show of={placed}>
        {(found) => (
          <>
            <p>
              No part of the field is farther than{' '}
              <span className="num font-semibold">{show(found.farthestM, 0)} m</span> from a spot. The walk is{' '}
              <span className="num font-semibold">{show(found.pathM, 0)} m</span> from the gate.
            </p>
            <div className="flex flex-wrap items-center gap-3">
              <button type="button" className="button button-main" onClick={() => void setOnce(found.spots)}>
                Set these {found.spots.length} spots
              </button>
              {way === 'spread' && (
                <button type="button" className="link min-h-11" onClick={() => setSeed(seed + 1)}>
                  Others
                </button>
              )}
              <button
                type="button"
                className="link min-h-11"
                onClick={() => {
                  onShow([]);
                  onDone();
                }}
              >
                Leave it
              </button>
            </div>
          </>
        )}
      </Show>
      <Fault text={fault} />
    </div>
  );
}

/** GeoJSON: longitude first, the first corner again at the end. */
export function polygonOf(corners: Corner[]): { type: 'Polygon'; coordinates: number[][][] } {
  const ring = corners.map((corner) => [corner.lon, corner.lat]);
  return { type: 'Polygon', coordinates: [ring[0] ? [...ring, ring[0]] : ring] };
}
