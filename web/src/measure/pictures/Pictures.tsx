import { useQuery } from '@tanstack/react-query';
import { memo, useId, useState } from 'react';
import { api, take } from '../../api/client';
import { keys } from '../../api/keys';
import type { Shot, WholeVisit } from '../../api/types';
import { Fault } from '../../ground/Fault';
import { hour } from '../../ground/format';
import { mayWrite, useMe } from '../../people/session';
import type { Place } from '../place';
import {
  keepPicture,
  keepsPlace,
  type Shown,
  setKeepsPlace,
  usePictures,
  usePictureUrl,
} from './usePictures';

type Props = {
  whole: WholeVisit;
  /** Where and of what; null: the visit as a whole. */
  place: Place | null;
  method: { id: string; name: string } | null;
};

const MOST_BYTES = 20_000_000;

/** The photographs of a cell, and a way to take one more; each is kept on this device until the server has it. */
export const Pictures = memo(function Pictures({ whole, place, method }: Props) {
  const me = useMe();
  const id = useId();
  const [fault, setFault] = useState<string | null>(null);
  const spotId = place && !place.sample ? place.id : null;
  const shown = usePictures(whole).filter(
    (one) => one.spotId === spotId && one.method === (method?.id ?? null),
  );
  if (shown.length === 0 && !mayWrite(me)) return null;

  async function kept(file: File) {
    if (file.size > MOST_BYTES) {
      setFault('A photograph takes 20 MB at most; this one is larger. Make it smaller in the camera.');
      return;
    }
    const label = `photograph, ${whole.field.name}${place ? ` ${place.label}` : ''}`;
    const id = await keepPicture(
      me.id,
      { visitId: whole.visit.id, spotId, method: method?.id ?? null },
      file,
      label,
    );
    setFault(
      id
        ? null
        : 'This device has no room left for the photograph: its last 50 MB are for readings. Free some room and take it again.',
    );
  }

  return (
    <section className="mt-4 grid gap-3 border-t border-rule pt-3" aria-label="Photographs">
      {shown.length > 0 && (
        <ul className="flex flex-wrap gap-3">
          {shown.map((one) => (
            <li key={one.id}>
              <Thumbnail shown={one} />
            </li>
          ))}
        </ul>
      )}
      {mayWrite(me) && (
        <label className="link flex min-h-12 cursor-pointer items-center justify-self-start" htmlFor={id}>
          {shown.length > 0 ? 'Take another photograph' : 'Take a photograph'}
          <input
            id={id}
            type="file"
            accept="image/jpeg,image/png,image/webp"
            capture="environment"
            className="sr-only"
            onChange={(event) => {
              const file = event.target.files?.[0];
              if (file) void kept(file);
              event.target.value = '';
            }}
          />
        </label>
      )}
      {mayWrite(me) && <KeepPlace />}
      {mayWrite(me) && method && <Roll method={method.id} onTake={(file) => void kept(file)} />}
      <Fault text={fault} />
    </section>
  );
});

/** Off until somebody wishes it: where a photograph was taken says whose land it is. */
function KeepPlace() {
  const [keeps, setKeeps] = useState(keepsPlace);
  return (
    <label className="flex min-h-11 items-center gap-3 text-sm text-faded">
      <input
        type="checkbox"
        className="size-5"
        checked={keeps}
        onChange={(event) => {
          setKeepsPlace(event.target.checked);
          setKeeps(event.target.checked);
        }}
      />
      keep where photographs are taken
    </label>
  );
}

/** Drawn pictures in place of a camera, where this practice is a made-up one. */
function Roll({ method, onTake }: { method: string; onTake: (file: File) => void }) {
  const roll = useQuery({
    queryKey: keys.cameraRoll,
    queryFn: ({ signal }) => take(api.GET('/api/camera-roll', { signal })) as Promise<Shot[]>,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const shots = (roll.data ?? []).filter((one) => one.method === method);
  if (shots.length === 0) return null;

  async function choose(shot: Shot) {
    const response = await fetch(`/api/camera-roll/${shot.id}`);
    if (response.ok) onTake(new File([await response.blob()], `${shot.id}.jpg`, { type: 'image/jpeg' }));
  }

  return (
    <p className="flex flex-wrap items-baseline gap-x-4 text-sm">
      <span className="text-faded">or a made-up one</span>
      {shots.map((shot) => (
        <button key={shot.id} type="button" className="link min-h-11" onClick={() => void choose(shot)}>
          {shot.name.toLowerCase()}
        </button>
      ))}
    </p>
  );
}

export function Thumbnail({ shown, label }: { shown: Shown; label?: string }) {
  const url = usePictureUrl(shown, true);
  const words = label ?? `taken ${hour(shown.takenAt)}`;
  const state = shown.parcel?.state;
  return (
    <figure className="w-36">
      <a href={url ?? undefined} target="_blank" rel="noreferrer">
        {url && <img src={url} alt={`Photograph, ${words}`} className="h-24 w-36 rounded-sm object-cover" />}
      </a>
      <figcaption className="mt-1 text-sm text-faded">
        {words}
        {state &&
          (state.is === 'refused' ? (
            <span className="text-warn">, {state.problem.detail}</span>
          ) : (
            ', to send'
          ))}
      </figcaption>
    </figure>
  );
}
