import { renderToStaticMarkup } from 'react-dom/server';
import { expect, test } from 'vitest';
import type { TrendView } from '../api/types';
import { Slopes } from './Slopes';

function trend(verdict: string, low: number | null, high: number | null): TrendView {
  const slope = { perYear: 2.46, low, high, verdict, visits: 4 };
  return {
    visits: [],
    methods: [{ method: 'slaking', methodName: 'Slaking', trend: slope }],
    groups: [{ group: 'structure', trend: slope }],
  } as unknown as TrendView;
}

test('three visits have a slope and wait for a verdict', () => {
  const html = renderToStaticMarkup(<Slopes trend={trend('too-few', null, null)} inValues={false} />);
  expect(html).toContain('+2.5');
  expect(html).toContain('a fourth visit gives a verdict');
});

test('four visits have a verdict with its interval', () => {
  const html = renderToStaticMarkup(<Slopes trend={trend('rising', 0.5, 4.2)} inValues={false} />);
  expect(html).toContain('rising, +0.5 to +4.2');
});

test('without a slope nothing stands there', () => {
  const none = { visits: [], methods: [], groups: [] } as unknown as TrendView;
  expect(renderToStaticMarkup(<Slopes trend={none} inValues={false} />)).toBe('');
});
