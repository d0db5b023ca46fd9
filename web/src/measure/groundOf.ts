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

let known: { of: unknown[]; ground: Ground } | null = null;
let marks = 0;

/** The place's field, visit and readings as the core takes them: the same as long as nothing of it changed, since keys come fast. */
export function groundOf(
  whole: WholeVisit,
  placeId: string,
  waiting: Parcel[],
  yardstick: Yardstick | undefined,
): Ground {
  const of = [whole, placeId, waiting, yardstick];
  if (!known?.of.every((one, i) => one === of[i])) {
    const readings = withUnsent(whole.readings, waiting).filter(
      (one) => placeOf(one) === placeId && one.visitId === whole.visit.id,
    );
    const text = JSON.stringify({ field: whole.field, visits: [whole.visit], readings, yardstick });
    const mark = text === known?.ground.text ? known.ground.mark : ++marks;
    known = { of, ground: { mark, text } };
  }
  return known.ground;
}
