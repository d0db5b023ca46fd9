import type { Spot, Zone } from '../api/types';

/** What a new spot is called: a number in the whole field, a letter and a number in a patch, Ref beside it; never a name given up. */
export function spotLabel(zone: Zone, spots: Spot[]): string {
  const taken = new Set(spots.map((one) => one.label));
  if (zone.kind === 'reference' && !taken.has('Ref')) return 'Ref';
  const letter =
    zone.kind === 'main' ? '' : zone.kind === 'reference' ? 'Ref ' : zone.kind.charAt(0).toUpperCase();
  let number = 1;
  while (taken.has(`${letter}${number}`)) number += 1;
  return `${letter}${number}`;
}
