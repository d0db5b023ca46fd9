import { useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { keys } from '../../api/keys';
import type { KitChart, MethodField } from '../../api/types';
import type { Values } from '../draft';

/** What a practice's charts may read: the field of a method by the quantity printed on the card. */
const READS: Record<string, string> = {
  'ph.value': 'ph',
  'nutrient-kit.n': 'n',
  'nutrient-kit.p': 'p',
  'nutrient-kit.k': 'k',
  'respiration.value': 'respiration',
  'microbial-mass.microgramsCPerG': 'microbial-mass',
};

export const QUANTITIES: Record<string, string> = {
  ph: 'pH',
  n: 'Nitrogen',
  p: 'Phosphorus',
  k: 'Potassium',
  respiration: 'Respiration',
  'microbial-mass': 'Microbial mass',
};

export const quantityOf = (method: string, field: MethodField): string | null =>
  READS[`${method}.${field.key}`] ?? null;

export function useKitCharts() {
  return useQuery({
    queryKey: keys.kitCharts,
    queryFn: ({ signal }) => take(api.GET('/api/kit-charts', { signal })) as Promise<KitChart[]>,
  });
}

export type ChartRead = { value: number; between: number; share: number; offBy: number | null };

const round = (value: number) => String(Number(value.toPrecision(4)));

/** What a chart's reading means for a method's entries: the figure, a word of a scale, or a step of the chart it keeps. */
export function taken(method: string, field: MethodField, chart: KitChart, read: ChartRead): Values {
  if (field.kind === 'choice') {
    const word = wordOf(field, chart, read);
    return word === null ? {} : { [field.key]: word };
  }
  if (method === 'respiration') {
    // Such a reading keeps the chart it was read by: one edited later changes none.
    return {
      value: round(read.between + read.share + 1),
      unit: 'kit',
      kitChart: {
        name: chart.name,
        quantity: chart.quantity,
        steps: chart.steps.map((step) => ({ value: String(step.value), swatch: step.swatch })),
      },
    };
  }
  return { [field.key]: round(read.value) };
}

/** The nearest step by its label where that is a word of the scale; else by its place between the ends. */
function wordOf(field: MethodField, chart: KitChart, read: ChartRead): string | null {
  const at = Math.min(chart.steps.length - 1, Math.round(read.between + read.share));
  const label = chart.steps[at]?.label?.trim().toLowerCase() ?? '';
  const named = field.options.find((option) => option.word === label || option.label.toLowerCase() === label);
  if (named) return named.word;
  const place = (read.between + read.share) / Math.max(1, chart.steps.length - 1);
  return field.options[Math.round(place * (field.options.length - 1))]?.word ?? null;
}
