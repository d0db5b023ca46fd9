/**
 * What is kept on this device, written at once: localStorage answers before the next key is pressed, and small words are all
 * there is to keep. Every kept thing carries a version; an older one is brought forward by its migrations, one step each.
 */
type Kept = { version: number; value: unknown };
export type Migration = (older: unknown) => unknown;

const PREFIX = 'morphotera';
const listeners = new Set<() => void>();

export function read<T>(key: string, version: number, migrations: Migration[] = []): T | null {
  const text = localStorage.getItem(`${PREFIX}:${key}`);
  if (text === null) return null;
  try {
    const kept = JSON.parse(text) as Kept;
    if (kept.version > version) return null;
    return migrations
      .slice(kept.version - 1, version - 1)
      .reduce((value, step) => step(value), kept.value) as T;
  } catch {
    return null;
  }
}

/** False where the device has no room left; the caller says so. */
export function write(key: string, version: number, value: unknown): boolean {
  try {
    localStorage.setItem(`${PREFIX}:${key}`, JSON.stringify({ version, value }));
  } catch {
    return false;
  }
  for (const tell of listeners) tell();
  return true;
}

export function remove(key: string): void {
  localStorage.removeItem(`${PREFIX}:${key}`);
  for (const tell of listeners) tell();
}

/** Called when anything kept changes, in this page or in another one. */
export function onChange(tell: () => void): () => void {
  listeners.add(tell);
  globalThis.addEventListener('storage', tell);
  return () => {
    listeners.delete(tell);
    globalThis.removeEventListener('storage', tell);
  };
}
