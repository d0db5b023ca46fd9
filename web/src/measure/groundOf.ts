import type { WholeVisit, Yardstick } from '../api/types';
import type { Parcel } from '../device/parcel';
import { withUnsent } from '../device/withoutSignal';
import { placeOf } from './place';

/** What the core is told of a place while somebody types there. */
export type Ground = {
  /** Another one where anything of it is another. */
  mark: number;
  text: string;
};

/** Two stand on a paired bench; a few more cost nothing. */
const REMEMBERED = 4;
const known = new Map<string, { of: unknown[]; ground: Ground }>();
let marks = 0;

/** The place's field, visit and readings as the core takes them: the same as long as nothing of it changed, since keys come fast. */
export function groundOf(
  whole: WholeVisit,
  placeId: string,
  waiting: Parcel[],
  yardstick: Yardstick | undefined,
): Ground {
  const of = [whole, waiting, yardstick];
  const before = known.get(placeId);
  if (before?.of.every((one, i) => one === of[i])) return before.ground;
  const readings = withUnsent(whole.readings, waiting).filter(
    (one) => placeOf(one) === placeId && one.visitId === whole.visit.id,
  );
  const text = JSON.stringify({ field: whole.field, visits: [whole.visit], readings, yardstick });
  const ground = text === before?.ground.text ? before.ground : { mark: ++marks, text };
  known.delete(placeId);
  known.set(placeId, { of, ground });
  for (const oldest of known.keys()) {
    if (known.size <= REMEMBERED) break;
    known.delete(oldest);
  }
  return ground;
}
