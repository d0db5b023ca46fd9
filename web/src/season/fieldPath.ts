import type { FieldCard } from '../api/types';

/** Into a field: to its scored ground where there is some, else to scouting. */
export function fieldPath(card: FieldCard): string {
  const running = card.visits.find((visit) => visit.state === 'running');
  if (running) return `/fields/${card.field.id}/visits/${running.id}/measure`;
  return card.scored
    ? `/fields/${card.field.id}/visits/${card.scored.id}/read`
    : `/fields/${card.field.id}/scout`;
}
