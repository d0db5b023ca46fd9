import type { Reading } from '../api/types';
import type { Values } from './draft';
import { placeOf } from './place';

/** Readings that speak: neither corrected since nor set aside. */
export function standing(readings: Reading[]): Reading[] {
  return readings.filter((one) => one.correctedBy === null && one.setAside === null);
}

/** Readings of one very cell, from two phones mostly: a person says which holds, or that they are repeats. */
export function contested(readings: Reading[]): Reading[][] {
  const byCell = new Map<string, Reading[]>();
  for (const one of standing(readings)) {
    const key = `${placeOf(one)} ${one.method} ${one.cell}`;
    byCell.set(key, [...(byCell.get(key) ?? []), one]);
  }
  return [...byCell.values()].filter((all) => all.length > 1);
}

const TOLD_APART_BY = ['depthCm', 'placement', 'plant'];

/** The how-many-th reading it would be of those alike in depth, place and plant. */
export function repeatFor(reading: Values, variant: string | null, others: Reading[]): number {
  const alike = standing(others).filter(
    (one) =>
      one.variant === variant &&
      TOLD_APART_BY.every((key) => (one.reading[key] ?? null) === (reading[key] ?? null)),
  );
  return Math.min(9, 1 + Math.max(0, ...alike.map((one) => one.repeat)));
}

/** A place for one more draft in the cell. */
export function nextSlot(readings: Reading[]): number {
  return Math.min(9, standing(readings).length + 1);
}
