import type { Found, SeasonPage } from '../api/types';
import { day } from '../ground/format';

export type Hit = { kind: string; title: string; detail: string; to: string };

const KINDS: Record<string, string> = { done: 'log' };

/** What the server found, as lines that lead somewhere. */
export function hitsOf(all: Found[]): Hit[] {
  return all.map((one) => ({
    kind: KINDS[one.kind] ?? one.kind,
    title: titleOf(one),
    detail: [one.kind === 'field' ? one.holding : null, one.kind === 'spot' ? null : one.words]
      .filter(Boolean)
      .join(', '),
    to: wayTo(one),
  }));
}

function titleOf(one: Found): string {
  if (one.kind === 'spot') return `${one.field}, spot ${one.words ?? ''}`;
  return one.day === null ? one.field : `${one.field}, ${day(one.day)}`;
}

function wayTo(one: Found): string {
  const field = `/fields/${one.fieldId}`;
  if (one.kind === 'done') return `${field}/scout`;
  if (one.visitId === null) return `${field}/scout`;
  const visit = `${field}/visits/${one.visitId}`;
  return one.spotId !== null && one.method !== null
    ? `${visit}/measure?spot=${one.spotId}&method=${one.method}`
    : `${visit}/read`;
}

/** What the season on this device says: fields, their spots, their visits. */
export function hitsIn(season: SeasonPage | null, typed: string): Hit[] {
  const word = typed.toLowerCase();
  const says = (...parts: (string | null)[]) => parts.filter(Boolean).join(' ').toLowerCase().includes(word);
  return (season?.fields ?? []).flatMap(({ field, visits }) => {
    const named = says(field.name, field.holdingName);
    const way = `/fields/${field.id}`;
    return [
      ...(named ? [{ kind: 'field', title: field.name, detail: field.holdingName, to: `${way}/scout` }] : []),
      ...field.spots
        .filter((spot) => !named && says(field.name, spot.label, spot.note))
        .map((spot) => ({
          kind: 'spot',
          title: `${field.name}, spot ${[spot.label, spot.note].filter(Boolean).join(', ')}`,
          detail: '',
          to: `${way}/scout`,
        })),
      ...visits
        .filter((visit) => says(visit.day))
        .map((visit) => ({
          kind: 'visit',
          title: `${field.name}, ${day(visit.day)}`,
          detail: '',
          to: `${way}/visits/${visit.id}/read`,
        })),
    ];
  });
}
