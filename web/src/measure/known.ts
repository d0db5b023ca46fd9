import type { WholeVisit } from '../api/types';

/** Which measure of which method tells it; a laboratory's first. */
const PH = [
  ['laboratory', 'ph'],
  ['ph', 'topsoil'],
] as const;
const ECE = [
  ['laboratory', 'ece'],
  ['salinity', 'ece'],
] as const;

/** What other readings of the visit tell of a spot: pH in water, salt as saturated paste; null where not known. */
export function knownAt(whole: WholeVisit, spotId: string): { ph: number | null; ece: number | null } {
  const standing = whole.readings.filter((one) => one.spotId === spotId && one.correctedBy === null);
  const first = (from: readonly (readonly [string, string])[]) => {
    for (const [method, key] of from) {
      const found = standing
        .filter((one) => one.method === method)
        .flatMap((one) => one.evaluation.measures.filter((measure) => measure.key === key))
        .at(-1)?.value;
      if (found !== undefined && found !== null) return found;
    }
    return null;
  };
  return { ph: first(PH), ece: first(ECE) };
}
