import { download } from '../ground/download';
import { nowIso } from '../ground/time';
import { database } from './database';
import { isCounted, needsSomebody, type Parcel } from './parcel';
import { parcels, post } from './parcels';

/** What waits on a device, as a file that another one takes in. */
export type UnsentFile = {
  kind: 'morphotera-unsent';
  version: 1;
  person: string;
  name: string;
  savedAt: string;
  parcels: Pick<Parcel, 'verb' | 'path' | 'body' | 'label' | 'result'>[];
  /** The pictures, by the address they are sent to, in base64. */
  pictures: Record<string, { type: string; data: string }>;
};

const CHUNK = 0x8000;

/** All that this person typed here and the server does not have, in the order made. */
export async function unsent(person: { id: string; name: string }, savedAt: string): Promise<UnsentFile> {
  const mine = parcels().filter((one) => isCounted(one.state) || needsSomebody(one.state));
  const pictures: UnsentFile['pictures'] = {};
  for (const one of mine.filter((parcel) => parcel.file)) {
    const blob = (await database()?.files.get(one.id))?.blob;
    if (blob) pictures[one.path] = { type: blob.type, data: base64(await blob.arrayBuffer()) };
  }
  return {
    kind: 'morphotera-unsent',
    version: 1,
    person: person.id,
    name: person.name,
    savedAt,
    parcels: mine.map(({ verb, path, body, label, result }) => ({ verb, path, body, label, result })),
    pictures,
  };
}

/** Handed to the browser to be saved. */
export async function saveUnsent(person: { id: string; name: string }): Promise<void> {
  const file = await unsent(person, nowIso());
  const name = `morphotera-not-sent-${person.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.json`;
  download(name, 'application/json', JSON.stringify(file));
}

export function readUnsent(text: string): UnsentFile {
  let read: Partial<UnsentFile> | null;
  try {
    read = JSON.parse(text) as Partial<UnsentFile> | null;
  } catch {
    throw new Error('This file cannot be read. Is it whole?');
  }
  if (read?.kind !== 'morphotera-unsent' || !Array.isArray(read.parcels)) {
    throw new Error('This is no file of unsent work: those are saved at signing out, or under the account.');
  }
  if (read.version !== 1) throw new Error('This file is of a newer page: load that one, then take it in.');
  const strange = read.parcels.find((one) => !one?.path?.startsWith('/api/') || !one.label);
  if (strange) throw new Error('A part of this file is damaged: nothing of it was taken in.');
  return read as UnsentFile;
}

/**
 * Puts what somebody else could not send among one's own, to be sent in the order it was made and under their name.
 *
 * @returns how many now wait here
 */
export async function takeIn(file: UnsentFile, me: { id: string }): Promise<number> {
  const here = new Set(parcels().map((one) => one.path));
  let taken = 0;
  for (const one of file.parcels) {
    // The same file twice adds nothing twice.
    if (here.has(one.path) && one.verb === 'PUT') continue;
    const picture = file.pictures?.[one.path];
    const kept = await post(
      {
        ...one,
        person: me.id,
        ...(me.id !== file.person && { madeBy: file.person }),
        label: `${one.label}, of ${file.name}`,
      },
      { file: picture ? new Blob([bytes(picture.data)], { type: picture.type }) : null },
    );
    if (!kept) throw new Error('This device has no room for all of it: free some, then take it in again.');
    taken++;
  }
  return taken;
}

function base64(buffer: ArrayBuffer): string {
  const all = new Uint8Array(buffer);
  let text = '';
  for (let i = 0; i < all.length; i += CHUNK) text += String.fromCharCode(...all.subarray(i, i + CHUNK));
  return btoa(text);
}

function bytes(text: string): Uint8Array<ArrayBuffer> {
  return Uint8Array.from(atob(text), (one) => one.charCodeAt(0));
}
