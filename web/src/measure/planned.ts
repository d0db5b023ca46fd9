import type { Method, WholeVisit } from '../api/types';
import { planOf } from '../scout/dayPlan';
import { testsOf } from '../scout/plan';
import type { TrayPlan } from './Tray';

/** Which cells of the tray the day was planned for; a test mixed from all spots belongs to its bag, once there is one. */
export function plannedIn(whole: WholeVisit, chosen: Method[]): TrayPlan {
  const plan = planOf(whole.visit);
  const isMixed = (method: string) => plan.where[method] === 'mixed';
  const cells = new Set(testsOf(whole.field, chosen, plan).map((test) => `${test.spot} ${test.method}`));
  const bags = new Set(
    whole.field.samples.filter((one) => one.visitId === whole.visit.id).map((one) => one.id),
  );
  const ofSamples = (id: string) => chosen.some((one) => one.id === id && one.ofSamples);
  return {
    has: (place, method) =>
      bags.has(place) ? ofSamples(method) : cells.has(`${place} ${method}`) && !isMixed(method),
    toMix: bags.size > 0 ? [] : chosen.map((one) => one.id).filter((id) => isMixed(id) && ofSamples(id)),
  };
}
