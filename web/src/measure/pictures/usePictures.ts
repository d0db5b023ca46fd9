import { useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { newId } from '../../api/ids';
import type { Photograph, WholeVisit } from '../../api/types';
import { database } from '../../device/database';
import { type Parcel, thingOf } from '../../device/parcel';
import { parcels, post } from '../../device/parcels';
import { hasRoomFor } from '../../device/room';
import { onChange } from '../../device/words';
import { nowIso } from '../../ground/time';

/** A photograph to be shown: at the server, or on this device until it is sent. */
export type Shown = {
  id: string;
  spotId: string | null;
  method: string | null;
  takenAt: string;
  /** The parcel that carries it; null once the server has it. */
  parcel: Parcel | null;
};

const AT = '/api/photographs/';
const KEEPS_PLACE = 'morphotera:keeps-place';

/** Whether this device's photographs keep where they were taken: only where somebody wished it. */
export function keepsPlace(): boolean {
  return localStorage.getItem(KEEPS_PLACE) === 'yes';
}

export function setKeepsPlace(keeps: boolean): void {
  localStorage.setItem(KEEPS_PLACE, keeps ? 'yes' : 'no');
}

/** A visit's photographs in the order taken, those that wait on this device among them. */
export function usePictures(whole: WholeVisit): Shown[] {
  const all = useSyncExternalStore(onChange, parcels);
  return useMemo(() => {
    const waiting = all
      .filter((one) => one.file && one.path.startsWith(AT) && one.state.is !== 'put-away')
      .map(asShown)
      .filter((one) => one.visitId === whole.visit.id);
    const there = whole.photographs
      .filter((one: Photograph) => waiting.every((other) => other.id !== one.id))
      .map(({ id, spotId, method, takenAt }) => ({ id, spotId, method, takenAt, parcel: null }));
    return [...there, ...waiting].sort((a, b) => a.takenAt.localeCompare(b.takenAt));
  }, [all, whole]);
}

function asShown(parcel: Parcel): Shown & { visitId: string | null } {
  const asked = new URLSearchParams(parcel.path.split('?')[1]);
  return {
    id: thingOf(parcel.path),
    visitId: asked.get('visitId'),
    spotId: asked.get('spotId'),
    method: asked.get('method'),
    takenAt: asked.get('takenAt') ?? '',
    parcel,
  };
}

type Of = { visitId: string; spotId: string | null; method: string | null };

/** Keeps a photograph on this device to be sent; its id, or null where the device has no room for it. */
export async function keepPicture(person: string, of: Of, file: Blob, label: string): Promise<string | null> {
  if (!(await hasRoomFor(file))) return null;
  const id = newId();
  const asked = new URLSearchParams({
    visitId: of.visitId,
    ...(of.spotId && { spotId: of.spotId }),
    ...(of.method && { method: of.method }),
    takenAt: nowIso(),
    ...(keepsPlace() && { keepPlace: 'true' }),
  });
  const kept = await post({ person, path: `${AT}${id}?${asked}`, body: null, label }, { file });
  return kept ? id : null;
}

/** The picture itself, as this device or the server has it. */
export async function pictureOf(shown: Shown): Promise<Blob> {
  if (shown.parcel) {
    const kept = await database()?.files.get(shown.parcel.id);
    if (kept) return kept.blob;
  }
  const response = await fetch(`${AT}${shown.id}`);
  if (!response.ok) throw new Error('The picture cannot be had just now.');
  return response.blob();
}

/** Sent, a picture is the server's: an image may still be fetching it from this device. */
const GIVEN_BACK_MS = 10_000;

/** An address for an image element; null until there is one. */
export function usePictureUrl(shown: Shown, small: boolean): string | null {
  const [url, setUrl] = useState<string | null>(null);
  const parcel = shown.parcel?.id ?? null;
  useEffect(() => {
    if (parcel === null) {
      setUrl(`${AT}${shown.id}${small ? '/small' : ''}`);
      return;
    }
    let made: string | null = null;
    let gone = false;
    void database()
      ?.files.get(parcel)
      .then((kept) => {
        if (!kept || gone) return;
        made = URL.createObjectURL(kept.blob);
        setUrl(made);
      });
    return () => {
      gone = true;
      const held = made;
      if (held !== null) setTimeout(() => URL.revokeObjectURL(held), GIVEN_BACK_MS);
    };
  }, [parcel, shown.id, small]);
  return url;
}
