import type { FieldCopy } from '../api/types';
import { OPENED_MS } from './copies';
import { database } from './database';
import { tell } from './words';

/** A field that is on this device, how old its copy is, and what keeps it here. */
export type KeptField = { id: string; name: string; at: number; why: 'pinned' | 'opened' | 'planned' };

export async function keptFields(now = Date.now()): Promise<KeptField[]> {
  const db = database();
  if (!db) return [];
  const copies = await db.copies.where('key').startsWith('copy:').toArray();
  const notes = new Map(
    (await db.copies.where('key').startsWithAnyOf('pinned:', 'opened:').toArray()).map((one) => [
      one.key,
      one.at,
    ]),
  );
  return copies
    .map((copy) => {
      const { field } = copy.value as FieldCopy;
      const openedAt = notes.get(`opened:${field.id}`) ?? 0;
      const why = notes.has(`pinned:${field.id}`)
        ? ('pinned' as const)
        : now - openedAt < OPENED_MS
          ? ('opened' as const)
          : ('planned' as const);
      return { id: field.id, name: `${field.holdingName}, ${field.name}`, at: copy.at, why };
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}

export async function isPinned(fieldId: string): Promise<boolean> {
  return (await database()?.copies.get(`pinned:${fieldId}`)) !== undefined;
}

/** Taken along until it is let go, whether anybody opens it or not. */
export async function pin(fieldId: string): Promise<void> {
  await database()?.copies.put({ key: `pinned:${fieldId}`, value: null, at: Date.now() });
  tell();
}

export async function unpin(fieldId: string): Promise<void> {
  await database()?.copies.delete(`pinned:${fieldId}`);
  tell();
}

/** Frees what a field takes up here; what is typed and not sent stays. */
export async function letGo(fieldId: string): Promise<void> {
  const db = database();
  if (!db) return;
  await db.transaction('rw', db.copies, async () => {
    await db.copies.bulkDelete([`copy:${fieldId}`, `pinned:${fieldId}`, `opened:${fieldId}`]);
    await db.copies.filter((one) => one.key.startsWith('q:') && one.key.includes(fieldId)).delete();
  });
  tell();
}
