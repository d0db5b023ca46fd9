import { describe, expect, it } from 'vitest';
import type { LandField } from '../api/types';
import { lackingOf } from './asked';

function field(...spots: [zone: string, given: boolean][]): LandField {
  const zones = ['main', 'good', 'poor', 'reference'].map((kind) => ({ id: `z-${kind}`, kind, name: kind }));
  return {
    zones: zones.filter((zone) => zone.kind === 'main' || spots.some(([kind]) => kind === zone.kind)),
    spots: spots.map(([kind, given], i) => ({
      id: `s${i}`,
      label: String(i),
      zoneId: `z-${kind}`,
      retiredOn: given ? '2026-05-01' : null,
    })),
  } as unknown as LandField;
}

const kinds = (of: LandField, question: string, where = {}) =>
  lackingOf(of, question, where).map((one) => one.kind);

describe('spots that a question asks for', () => {
  it('are a poor one and a good one for a poor patch', () => {
    expect(kinds(field(), 'poor-patch')).toEqual(['poor', 'good']);
    expect(kinds(field(['main', false]), 'poor-patch'), 'the field itself is the poor ground').toEqual([
      'good',
    ]);
    expect(kinds(field(['main', false], ['good', false]), 'poor-patch')).toEqual([]);
    expect(kinds(field(['main', false]), 'routine')).toEqual([]);
  });

  it('are one outside the worked ground where a test is asked there alone', () => {
    const where = { earthworms: 'reference' };
    expect(kinds(field(['main', false]), 'routine', where)).toEqual(['reference']);
    expect(kinds(field(['main', false], ['reference', false]), 'routine', where)).toEqual([]);
  });

  it('do not count where they were given up, though their zone is taken again', () => {
    const lacking = lackingOf(field(['main', false], ['good', true]), 'poor-patch', {});
    expect(lacking.map((one) => one.zone?.kind)).toEqual(['good']);
  });
});
