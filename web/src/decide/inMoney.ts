import type { PriceList, RemedyAnswer } from '../api/types';
import { costOf } from './plan/plan';

export type Money = { prices: PriceList; areaHa: number };

/** What a laboratory can tell, by the key of a sum's input. */
const BY_LABORATORY = [
  'phNow',
  'organicCarbonPercent',
  'clayPercent',
  'carbonatePercent',
  'cec',
  'espNow',
  'esp',
  'eceNow',
  'ece',
  'omNow',
];

type Range = { low: number; high: number };

export type InMoney = {
  low: number;
  high: number;
  currency: string;
  /** The one test that would narrow it most: what it costs, and what would be left of the doubt. */
  test: { key: string; price: number; low: number; high: number } | null;
};

/** The doubt of a sum as money for the field, beside the laboratory's test that would narrow it; null where its price is not by amount. */
export function inMoney(answer: RemedyAnswer, { prices, areaHa }: Money): InMoney | null {
  const last = answer.lines.at(-1);
  const range = last && answer.ranges[last.key];
  const price = prices.prices.find((one) => one.remedy === answer.remedy);
  if (!last || !range || !price || !last.unit?.endsWith('/ha')) return null;
  const unit = last.unit.slice(0, -3);
  const cost = (perHa: number) => costOf(price, areaHa, perHa * areaHa, unit);
  const money = ({ low, high }: Range) => ({ low: cost(low), high: cost(high) });
  const all = money(range);
  if (all.low === null || all.high === null || all.low === all.high) return null;
  const sample = prices.prices.find((one) => one.remedy === 'sampling-laboratory');
  const best = Object.entries(answer.narrowed).find(([key]) => BY_LABORATORY.includes(key));
  const left = best && money(best[1]);
  const test =
    best && sample && left && left.low !== null && left.high !== null
      ? { key: best[0], price: sample.amount, low: left.low, high: left.high }
      : null;
  return { low: all.low, high: all.high, currency: prices.currency, test };
}
