/** As long as a page takes an answer for fresh that says nothing else. */
export const FRESH_MS = 15_000;
