import limits from '../api/limits.json';
import type { Reading } from '../api/types';
import { askCore } from './core';

/** The same to the last digits that matter, of the larger of 1 and the value. */
const NEAR = 1e-9;

type Said = Pick<Reading['evaluation'], 'score' | 'words' | 'flags'>;

/**
 * The server's word stands. Where it goes by the same rules and yardstick, this device comes to the same result in the same
 * context: that it does not is a fault of the product, and is written down as one.
 */
export async function agree(answer: unknown): Promise<void> {
  const reading = answer as Partial<Reading> | null;
  if (!reading?.evaluation || reading.rulesVersion !== limits.rules || reading.yardstickId !== null) return;
  const here = (await askCore('evaluate', reading.evaluation.method, {
    context: reading.context,
    reading: reading.reading,
  }).catch(() => null)) as Said | { status: number } | null;
  if (here === null || 'status' in here) return;
  const unlike = unlikeness(reading.evaluation, here);
  if (unlike.length > 0) {
    console.error(
      `${reading.evaluation.method} ${reading.id}: the server and this device differ in ${unlike.join(', ')}`,
    );
  }
}

export function unlikeness(there: Said, here: Said): string[] {
  const codes = (of: Said) => of.flags.map((flag) => flag.code).join();
  return [
    ...(near(there.score, here.score) ? [] : ['score']),
    ...(same(there.words, here.words) ? [] : ['words']),
    ...(codes(there) === codes(here) ? [] : ['flags']),
  ];
}

function near(one: number | null, other: number | null): boolean {
  if (one === null || other === null) return one === other;
  return Math.abs(one - other) <= NEAR * Math.max(1, Math.abs(one));
}

const same = (one: object, other: object) =>
  JSON.stringify(Object.entries(one).sort()) === JSON.stringify(Object.entries(other).sort());
