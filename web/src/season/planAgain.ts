import { newId } from '../api/ids';
import type { FieldCard, Visit } from '../api/types';
import { NO_PLAN, planOf } from '../scout/dayPlan';

/** What is due of a zone: its tests, and until when they are in season. */
export type DueAgain = FieldCard['due'][number];

/** A planned visit that reads what is due: the same spots and tests, in the same months; today where its day has gone by. */
export function planAgain(due: DueAgain, fieldId: string, earlier: Visit | null, today: string) {
  const day = due.due < today ? today : due.due;
  const plan = earlier ? planOf(earlier) : NO_PLAN;
  return {
    id: newId(),
    body: {
      fieldId,
      day,
      state: 'planned',
      question: earlier?.question ?? 'routine',
      methods: due.methods,
      moisture: null,
      soilTemperatureC: null,
      daysSinceRain: null,
      rainMm: null,
      weather: null,
      startCard: {},
      ticks: {},
      plan: { ...plan, retest: { zone: due.zone, why: due.why, nth: due.nth } },
      version: 0,
    },
  };
}
