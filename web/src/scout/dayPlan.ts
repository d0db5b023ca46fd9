import type { Visit } from '../api/types';

/** How the day of a visit is meant: what is not said goes the usual way. */
export type DayPlan = {
  people: number;
  startsAt: string;
  variants: Record<string, string>;
  where: Record<string, string>;
  leftOut: { spot: string; method: string }[];
  /** What was due again and is read by this visit. */
  retest: { zone: string; why: string; nth: number } | null;
};

export const NO_PLAN: DayPlan = {
  people: 1,
  startsAt: '09:00',
  variants: {},
  where: {},
  leftOut: [],
  retest: null,
};

export function planOf(visit: Visit | null): DayPlan {
  const kept = visit?.plan;
  return {
    people: kept?.people ?? NO_PLAN.people,
    startsAt: kept?.startsAt ?? NO_PLAN.startsAt,
    variants: kept?.variants ?? {},
    where: kept?.where ?? {},
    leftOut: kept?.leftOut ?? [],
    retest: kept?.retest ?? null,
  };
}
