/** Small, seeded, the same on every machine (mulberry32): for marks of a drawing, never for data. */
export function seeded(text: string): () => number {
  let state = 2166136261;
  for (const char of text) {
    state = Math.imul(state ^ (char.codePointAt(0) ?? 0), 16777619);
  }
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
