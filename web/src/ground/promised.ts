/** What a remedy can promise, by its measure: how it is named, shortly at the side of a drawing, and what its figure is of. */
type Promised = { name: string; short: string; unit: string };

const PROMISED: Record<string, Promised> = {
  'ph.topsoil': { name: 'pH of the topsoil', short: 'pH, topsoil', unit: 'in water' },
  'salinity.rootZoneEce': { name: 'Salt in the root zone', short: 'Salt', unit: 'dS/m, root zone' },
  structure: { name: 'Structure', short: 'Structure', unit: 'score of the group' },
};

export function promised(measure: string): Promised {
  return PROMISED[measure] ?? { name: measure, short: measure, unit: '' };
}
