export type Space = { usedBytes: number; leftBytes: number; forGood: boolean };

/** Pictures end before the room does: what is read is never short of it for their sake. */
const FOR_READINGS_BYTES = 50_000_000;

/** Null where the browser does not say. */
export async function space(): Promise<Space | null> {
  const storage = globalThis.navigator?.storage;
  if (!storage?.estimate) return null;
  const { usage = 0, quota = 0 } = await storage.estimate();
  const forGood = (await storage.persisted?.()) ?? false;
  return { usedBytes: usage, leftBytes: Math.max(0, quota - usage), forGood };
}

export async function hasRoomFor(picture: Blob): Promise<boolean> {
  const room = await space();
  return room === null || room.leftBytes - picture.size >= FOR_READINGS_BYTES;
}
