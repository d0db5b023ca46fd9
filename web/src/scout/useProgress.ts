import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { LandField, Method, Planning, ReadingBody, Visit, WholeVisit } from '../api/types';
import { now } from '../ground/time';
import { standing as counted } from '../measure/cell';
import { useRunning } from '../measure/useClocks';
import { findDraft, isOnThisDevice } from '../measure/useDraft';
import { usePending } from '../measure/usePending';
import { useStands } from '../measure/useTogether';
import { useMe } from '../people/session';
import type { DayPlan } from './dayPlan';
import { type AskedNow, askedSheet } from './plan';
import { type Ended, progress } from './progress';

/** The sheet is made anew when something ended, and else once a minute. */
const EVERY_MS = 60_000;

/** How far a running visit is: what was counted, what the bench has ended, what clocks run. Null where it does not run. */
export function useProgress(
  field: LandField,
  planning: Planning,
  visit: Visit | null,
  chosen: Method[],
  plan: DayPlan,
): { began: string; now: AskedNow } | null {
  const me = useMe();
  const clocks = useRunning();
  const standing = useStands(visit?.state === 'running' ? visit.id : null);
  const pending = usePending(visit?.id ?? '');
  useMinute(visit?.state === 'running');
  const whole = useQuery({
    queryKey: keys.visit(visit?.id ?? ''),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/visits/{id}', { signal, params: { path: { id: visit?.id ?? '' } } }),
      ) as Promise<WholeVisit>,
    enabled: visit?.state === 'running',
  });
  const asked = askedSheet(field, planning, chosen, plan, null);
  if (visit?.state !== 'running' || !asked) return null;
  const beganMs = Math.max(...Object.values(visit.startCard).map((at) => Date.parse(at)), 0);
  if (beganMs === 0) return null;
  const minute = Math.floor(now() / EVERY_MS) * EVERY_MS;
  const ended: Ended[] = [
    ...counted(whole.data?.readings ?? []).map((one) => ({
      ...ofReading(one),
      by: one.enteredById === me.id ? 'me' : one.enteredById,
    })),
    ...(pending as unknown as (ReadingBody & { spotId: string })[]).map((one) => ({
      ...ofReading(one),
      by: 'me',
    })),
    // Whoever mixes a bag has done with it in the field: its reading comes weeks later.
    ...asked.tests.flatMap((test) => {
      const mixed = plan.where[test.method] === 'mixed';
      const bag = mixed && field.samples.find((one) => one.visitId === visit.id);
      return bag ? [{ ...ofReading({ ...test, takenAt: bag.takenAt, spotId: test.spot }), by: null }] : [];
    }),
    ...asked.tests.flatMap((test) => {
      const draft = whole.data ? findDraft(whole.data, test.spot, test.method) : null;
      const clock = clocks.find(
        (one) => one.visitId === visit.id && one.spotId === test.spot && one.method === test.method,
      );
      const steps: Record<string, number> = Object.fromEntries(
        Object.entries(draft?.ended ?? {}).map(([step, at]) => [step, Date.parse(at)]),
      );
      if (clock) steps[clock.step] = Date.parse(clock.beganAt);
      const last = Math.max(...Object.values(steps), 0);
      const by = isOnThisDevice(visit.id, test.spot, test.method) ? 'me' : null;
      return last === 0 ? [] : [{ spot: test.spot, method: test.method, at: last, steps, by }];
    }),
  ];
  const began = new Date(beganMs);
  return {
    began: `${String(began.getHours()).padStart(2, '0')}:${String(began.getMinutes()).padStart(2, '0')}`,
    now: progress(
      asked,
      chosen,
      plan,
      ended,
      standing,
      beganMs,
      Math.max(minute, beganMs, ...ended.map((one) => one.at)),
    ),
  };
}

function ofReading(one: { spotId?: string | null; method: string; takenAt: string }) {
  return {
    spot: one.spotId ?? '',
    method: one.method,
    at: Date.parse(one.takenAt),
    steps: 'all' as const,
  };
}

function useMinute(running: boolean): void {
  const [, setMinute] = useState(0);
  useEffect(() => {
    if (!running) return;
    const timer = setInterval(() => setMinute((minute) => minute + 1), EVERY_MS);
    return () => clearInterval(timer);
  }, [running]);
}
