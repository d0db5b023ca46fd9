import type { LandField, Zone } from '../api/types';
import { livingSpots } from './plan';

/** Ground that a question needs a spot in and the field has none of yet. */
export type Lacking = { kind: 'poor' | 'good' | 'reference'; text: string; zone: Zone | null };

/** What the question and the chosen tests ask of the spots: a poor one and a good one for a poor patch, one outside the worked ground. */
export function lackingOf(field: LandField, question: string, where: Record<string, string>): Lacking[] {
  const has = (...kinds: string[]) =>
    livingSpots(field).some((spot) =>
      kinds.includes(field.zones.find((zone) => zone.id === spot.zoneId)?.kind ?? 'main'),
    );
  const zone = (kind: string) => field.zones.find((one) => one.kind === kind) ?? null;
  const lacking: Lacking[] = [];
  if (question === 'poor-patch') {
    if (!has('poor', 'main')) {
      lacking.push({ kind: 'poor', text: 'There is no spot in the poor patch yet.', zone: zone('poor') });
    }
    if (!has('good')) {
      lacking.push({
        kind: 'good',
        text: 'A poor patch is judged beside a good one, and there is no spot in good ground yet.',
        zone: zone('good'),
      });
    }
  }
  if (Object.values(where).includes('reference') && !has('reference')) {
    lacking.push({
      kind: 'reference',
      text: 'A test is asked at the undisturbed reference, and there is no spot outside the worked ground yet.',
      zone: zone('reference'),
    });
  }
  return lacking;
}
