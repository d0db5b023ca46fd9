import type { Method } from '../api/types';

export const GROUPS = [
  'water',
  'structure',
  'chemistry',
  'life',
  'roots',
  'carbon',
  'plants',
  'context',
] as const;

/** All that a method says of itself, to be found by. */
function saidOf(method: Method): string {
  return [
    method.name,
    method.purpose,
    method.group,
    method.about,
    ...method.gear.map((gear) => gear.item),
    ...method.variants.flatMap((way) => way.steps.map((step) => `${step.title} ${step.how}`)),
    ...method.results.map((result) => result.label),
  ]
    .join(' ')
    .toLowerCase();
}

/** Methods that say every word typed; those whose name begins with what was typed first. */
export function found(methods: Method[], typed: string): Method[] {
  const words = typed.toLowerCase().split(/\s+/).filter(Boolean);
  const begin = words[0] ?? '';
  return methods
    .filter((method) => {
      const said = saidOf(method);
      return words.every((word) => said.includes(word));
    })
    .sort(
      (a, b) =>
        Number(b.name.toLowerCase().startsWith(begin)) - Number(a.name.toLowerCase().startsWith(begin)),
    );
}

/** In the order of the groups, each with its methods; groups without one are left out. */
export function byGroup(methods: Method[]): { group: string; methods: Method[] }[] {
  return GROUPS.map((group) => ({ group, methods: methods.filter((one) => one.group === group) })).filter(
    (one) => one.methods.length > 0,
  );
}

/** The step that shows a method best: the first at which something is entered. */
export function showingStep(method: Method): string {
  const steps = method.variants[0]?.steps ?? [];
  return (steps.find((step) => step.entry.length > 0) ?? steps[0])?.id ?? '';
}
