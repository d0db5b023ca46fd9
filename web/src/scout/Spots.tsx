import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { Corner, LandField, Spot } from '../api/types';
import { knowField, knowSpot } from '../device/known';
import { save } from '../device/save';
import { BringFile } from '../exchange/BringFile';
import { download } from '../ground/download';
import { Fault } from '../ground/Fault';
import { TextField } from '../ground/TextField';
import { nowIso } from '../ground/time';
import { useOneTap } from '../ground/useOneTap';
import { mayWrite, useMe } from '../people/session';
import { FieldMap } from './FieldMap';
import { PlaceSpots } from './PlaceSpots';
import { gateOf } from './plan';
import { whereIStand } from './position';
import { zoneAt } from './rings';
import { toGeoJson, toGpx } from './spotFiles';
import { spotLabel } from './spotLabel';
import { WayBack } from './WayBack';
import { Zones } from './Zones';

const LANDMARKS = ['gate', 'water'] as const;
type Landmark = (typeof LANDMARKS)[number];

/**
 * The spots of a field: set by hand on the map or by standing there, named, and found again at every later visit.
 *
 * @param into the zone whose next spot the map waits for; null: none is asked
 */
export function Spots({ field, into }: { field: LandField; into: string | null }) {
  const me = useMe();
  const queries = useQueryClient();
  const [placing, setPlacing] = useState<'spot' | 'many' | Landmark | null>(into ? 'spot' : null);
  const [proposed, setProposed] = useState<Corner[]>([]);
  const [zoneId, pickZone] = useState<string | null>(into);
  const [chosen, setChosen] = useState<string | null>(null);
  const [here, setHere] = useState<(Corner & { accuracyM: number }) | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const spot = field.spots.find((one) => one.id === chosen) ?? null;
  const living = field.spots.filter((one) => one.retiredOn === null);
  const zone =
    field.zones.find((one) => one.id === zoneId) ??
    field.zones.find((one) => one.kind === 'main') ??
    field.zones[0];

  const addOnce = useOneTap(add);
  const standOnce = useOneTap(stand);

  async function add(at: Corner) {
    try {
      // Where it lies tells the zone, until one is picked.
      const its = zoneId ? zone : (zoneAt(at, field.zones) ?? zone);
      if (!its) return;
      const id = newId();
      const is = {
        zoneId: its.id,
        label: spotLabel(its, field.spots),
        note: null,
        lat: at.lat,
        lon: at.lon,
        retiredOn: null,
        retiredReason: null,
        version: 0,
      };
      const path = `/api/spots/${id}`;
      const label = `Spot ${is.label}, ${field.name}`;
      const saved = await save<Spot>({ person: me.id, path, was: null, is, label });
      knowSpot(queries, field, saved.kept ? { ...is, id, fieldId: field.id } : saved.stands);
      setPlacing(null);
      setChosen(id);
      setFault(null);
      if (!saved.kept) await queries.invalidateQueries({ queryKey: keys.season });
    } catch (error) {
      setFault(sentence(error));
    }
  }

  async function mark(landmark: Landmark, at: Corner) {
    try {
      const is = { ...field, [landmark]: at };
      const label = `The ${landmark} of ${field.name}`;
      const path = `/api/fields/${field.id}`;
      const saved = await save<LandField>({ person: me.id, path, was: field, is, label });
      knowField(queries, saved.kept ? is : saved.stands);
      setPlacing(null);
      setFault(null);
    } catch (error) {
      setFault(sentence(error));
    }
  }

  async function stand() {
    try {
      const place = await whereIStand();
      setHere(place);
      await add(place);
    } catch (error) {
      setFault(sentence(error));
    }
  }

  return (
    <div className="mt-4 grid gap-4">
      <FieldMap
        outline={field.outline}
        spots={field.spots}
        zones={field.zones}
        chosen={chosen}
        onChoose={setChosen}
        onPlace={
          placing === 'spot'
            ? (at) => void addOnce(at)
            : placing === 'gate' || placing === 'water'
              ? (at) => void mark(placing, at)
              : undefined
        }
        me={here}
        gate={gateOf(field)}
        water={field.water}
        avoid={field.avoid}
        proposed={proposed}
      />
      {living.length === 0 && (
        <p>
          No spot yet. A spot is a place that every later visit returns to; three or more stand for a field.
        </p>
      )}
      {mayWrite(me) && (
        <>
          {zone && <Zones field={field} zone={zone} onPick={pickZone} />}
          <div className="flex flex-wrap gap-3">
            <button
              type="button"
              className={`button ${placing === 'spot' ? 'button-main' : ''}`}
              aria-pressed={placing === 'spot'}
              onClick={() => setPlacing(placing === 'spot' ? null : 'spot')}
            >
              {placing === 'spot' ? 'Tap the map…' : 'Set a spot on the map'}
            </button>
            <button type="button" className="button" onClick={() => void standOnce()}>
              I stand here
            </button>
          </div>
          <div className="flex flex-wrap gap-x-5">
            {placing !== 'many' && (
              <button type="button" className="link min-h-11" onClick={() => setPlacing('many')}>
                Propose spots
              </button>
            )}
            {LANDMARKS.map((landmark) => (
              <button
                key={landmark}
                type="button"
                className="link min-h-11"
                aria-pressed={placing === landmark}
                onClick={() => setPlacing(placing === landmark ? null : landmark)}
              >
                {placing === landmark ? `Tap where the ${landmark} is…` : `Set the ${landmark}`}
              </button>
            ))}
            {living.length > 0 && (
              <>
                <button
                  type="button"
                  className="link min-h-11"
                  onClick={() => download(`${field.name}.gpx`, 'application/gpx+xml', toGpx(field))}
                >
                  GPX
                </button>
                <button
                  type="button"
                  className="link min-h-11"
                  onClick={() => download(`${field.name}.geojson`, 'application/geo+json', toGeoJson(field))}
                >
                  GeoJSON
                </button>
              </>
            )}
          </div>
          <BringFile
            kind="spots"
            title="Spots from a file"
            hint="Waypoints of GPX, or points of GeoJSON with a label and, if wanted, a zone."
            accept=".gpx,.geojson,.json"
            names={['spot', 'spots']}
            field={field.id}
          />
          <BringFile
            kind="zones"
            title="Zones and places to avoid from a file"
            hint="Polygons of GeoJSON, each with a name and its kind: good, poor, strip, reference or avoid."
            accept=".geojson,.json"
            names={['outline', 'outlines']}
            field={field.id}
          />
          {placing === 'many' && zone && (
            <PlaceSpots field={field} zone={zone} onShow={setProposed} onDone={() => setPlacing(null)} />
          )}
        </>
      )}
      {here && <p className="text-sm text-faded">Position good to about {Math.round(here.accuracyM)} m.</p>}
      <Fault text={fault} />
      {spot && <WayBack key={spot.id} spot={spot} />}
      {spot && mayWrite(me) && (
        <EditSpot key={spot.id} spot={spot} field={field} onDone={() => setChosen(null)} />
      )}
    </div>
  );
}

function EditSpot({ spot, field, onDone }: { spot: Spot; field: LandField; onDone: () => void }) {
  const me = useMe();
  const queries = useQueryClient();
  const [label, setLabel] = useState(spot.label);
  const [note, setNote] = useState(spot.note ?? '');
  const [reason, setReason] = useState('');
  const [fault, setFault] = useState<string | null>(null);

  async function keep(retire: boolean) {
    if (retire && reason.trim() === '') {
      setFault('Say why it is given up; its readings stay.');
      return;
    }
    try {
      const is = {
        ...spot,
        label,
        note: note.trim() === '' ? null : note,
        retiredOn: retire ? nowIso().slice(0, 10) : null,
        retiredReason: retire ? reason : null,
      };
      const path = `/api/spots/${spot.id}`;
      const saved = await save<Spot>({
        person: me.id,
        path,
        was: spot,
        is,
        label: `Spot ${label}, ${field.name}`,
      });
      knowSpot(queries, field, saved.kept ? is : saved.stands);
      onDone();
    } catch (error) {
      setFault(sentence(error));
    }
  }

  return (
    <section className="grid gap-3 border-t border-rule pt-4" aria-label={`Spot ${spot.label}`}>
      <h2>Spot {spot.label}</h2>
      <p className="num text-sm text-faded">
        {spot.lat.toFixed(6)}, {spot.lon.toFixed(6)}
      </p>
      <TextField label="Label" value={label} onChange={setLabel} />
      <TextField
        label="How to find it"
        value={note}
        onChange={setNote}
        hint="A word or two: gate end, wheelings."
      />
      <div className="flex flex-wrap gap-3">
        <button type="button" className="button button-main" onClick={() => void keep(false)}>
          Keep
        </button>
        <button type="button" className="button" onClick={onDone}>
          Close
        </button>
      </div>
      <details>
        <summary className="link cursor-pointer">Give this spot up</summary>
        <div className="mt-3 grid gap-3">
          <TextField
            label="Why"
            value={reason}
            onChange={setReason}
            hint="It is never moved; set a new one instead."
          />
          <button type="button" className="button justify-self-start" onClick={() => void keep(true)}>
            Give it up
          </button>
        </div>
      </details>
      <Fault text={fault} />
    </section>
  );
}
