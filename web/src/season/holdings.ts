import type { Band, FieldCard } from '../api/types';
import { bandOf } from '../ground/Clod';

/** What the maps are tinted by: the whole soil, or one of its groups. */
export const TINTS = ['soil', 'water', 'structure', 'chemistry', 'life', 'roots', 'carbon'] as const;
export type Tint = (typeof TINTS)[number];

/** What is looked at: by what, as it stood at the end of which year (null: now), found by which words, in which condition. */
export type Look = { tint: Tint; year: number | null; words: string; band: Band | 'unread' | null };

export type Stood = { score: number | null; band: Band | null; provisional: boolean; day: string | null };

export type Holding = { id: string; name: string; cards: FieldCard[] };

const NOTHING: Stood = { score: null, band: null, provisional: false, day: null };

/** How a field stood by a look: its newest standing up to that year. */
export function stood(card: FieldCard, look: Pick<Look, 'tint' | 'year'>): Stood {
  const at = card.standings.find((one) => look.year === null || one.year <= look.year);
  if (!at) return NOTHING;
  const score =
    look.tint === 'soil' ? at.score : (at.groups.find((one) => one.group === look.tint)?.score ?? null);
  return { score, band: bandOf(score), provisional: at.provisional, day: at.day };
}

/** The years in which anything was read, oldest first. */
export function yearsOf(cards: FieldCard[]): number[] {
  return [...new Set(cards.flatMap((card) => card.standings.map((one) => one.year)))].sort((a, b) => a - b);
}

/** The fields that a look finds: every word in the name, the holding or the use, and in that condition. */
export function foundBy(cards: FieldCard[], look: Look): FieldCard[] {
  const words = look.words.toLowerCase().split(/\s+/).filter(Boolean);
  return cards.filter((card) => {
    const said = `${card.field.name} ${card.field.holdingName} ${card.field.use}`.toLowerCase();
    if (!words.every((word) => said.includes(word))) return false;
    return look.band === null || (stood(card, look).band ?? 'unread') === look.band;
  });
}

/** Fields by their holding, in the order in which the first of each needs somebody. */
export function byHolding(cards: FieldCard[]): Holding[] {
  const holdings = new Map<string, Holding>();
  for (const card of cards) {
    const { holdingId, holdingName } = card.field;
    const holding = holdings.get(holdingId) ?? { id: holdingId, name: holdingName, cards: [] };
    holding.cards.push(card);
    holdings.set(holdingId, holding);
  }
  return [...holdings.values()];
}

/** The so many fields that stand lowest; those never read do not count. */
export function lowest(cards: FieldCard[], look: Look, most: number): FieldCard[] {
  return cards
    .map((card) => ({ card, score: stood(card, look).score }))
    .filter((one): one is { card: FieldCard; score: number } => one.score !== null)
    .sort((a, b) => a.score - b.score)
    .slice(0, most)
    .map((one) => one.card);
}

const BANDS = ['thriving', 'holding', 'slipping', 'spent', 'unread'] as const;

/** A look stands in the address, so that it can be gone back to. */
export function lookIn(search: URLSearchParams): Look {
  const year = Number(search.get('year'));
  return {
    tint: TINTS.find((one) => one === search.get('by')) ?? 'soil',
    year: Number.isInteger(year) && year > 0 ? year : null,
    words: search.get('find') ?? '',
    band: BANDS.find((one) => one === search.get('in')) ?? null,
  };
}

export function looked(look: Look, asList: boolean): URLSearchParams {
  const search = new URLSearchParams();
  if (look.tint !== 'soil') search.set('by', look.tint);
  if (look.year !== null) search.set('year', String(look.year));
  if (look.words) search.set('find', look.words);
  if (look.band) search.set('in', look.band);
  if (asList) search.set('as', 'list');
  return search;
}
