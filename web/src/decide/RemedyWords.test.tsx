// @vitest-environment happy-dom
import { expect, it, vi } from 'vitest';
import type { Remedy } from '../api/types';
import { live, press } from '../testing/live';
import { render } from '../testing/render';
import { AnswerLists } from './AnswerLists';
import { Action, months } from './RemedyWords';

const STRAW = {
  id: 'straw-in-salt',
  name: 'Straw on salt',
  grade: 'C',
  fields: [],
  months: [9, 10, 3],
  cost: { amount: 150, per: 'hectare' },
  effect: 'Seedlings the same season.',
  range: '',
  cautions: ['It hides the salt and does not remove it.'],
  watch: ['white crust'],
} as unknown as Remedy;

it('months are told of the half of the world that the field lies in', () => {
  expect(months([8, 9, 10, 2, 3], false)).toBe('Aug to Oct, Feb to Mar');
  expect(months([8, 9, 10, 2, 3], true)).toBe('Feb to Apr, Aug to Sep');
  expect(months([11, 12, 1], true)).toBe('May to Jul');
});

it('an action without a sum goes into the plan by itself', async () => {
  const planned = vi.fn();
  const page = await live(<Action remedy={STRAW} serves={[]} south onPlan={planned} />);
  expect(page.textContent).toContain('Mar to Apr, Sep');
  await press(page, 'Take it into the plan');
  expect(planned).toHaveBeenCalledOnce();
});

it('a reader is shown no way into the plan', () => {
  expect(render(<Action remedy={STRAW} serves={[]} south={false} />).textContent).not.toContain(
    'into the plan',
  );
});

it('a column of an answer is named with its unit', () => {
  const html = render(
    <AnswerLists
      answer={{ crops: [{ crop: 'barley', relativeYieldPercent: 100, fromDSPerM: 8, depthCm: 15 }] }}
    />,
  ).innerHTML;
  for (const head of ['relative yield, %', 'from, dS/m', 'depth, cm']) expect(html).toContain(head);
});
