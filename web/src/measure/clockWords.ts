import { clockText, inSentence } from '../ground/format';
import type { Standing } from './clocks';
import { placeOf } from './place';

/** The bench that a clock runs for. */
export function benchPath(one: Standing): string {
  const { fieldId, visitId, method } = one.clock;
  return `/fields/${fieldId}/visits/${visitId}/measure?spot=${placeOf(one.clock)}&method=${method}`;
}

export function words(one: Standing): string {
  return `${inSentence(one.methodName)}, spot ${one.clock.spotLabel}`;
}

export function time(one: Standing): string {
  return one.state === 'waiting'
    ? clockText(one.leftS)
    : one.state === 'due'
      ? 'now'
      : `+${clockText(one.leftS)}`;
}
