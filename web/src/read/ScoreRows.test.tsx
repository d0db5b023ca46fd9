// @vitest-environment happy-dom
import { expect, it } from 'vitest';
import type { FieldScores, Method, MethodScore } from '../api/types';
import { render, texts } from '../testing/render';
import { ScoreRows } from './ScoreRows';

const METHODS = [{ id: 'slaking', name: 'Slaking' }] as unknown as Method[];

function scores(spots: number[], odd: string[] = []): FieldScores {
  const mean = spots.reduce((sum, one) => sum + one, 0) / spots.length;
  return {
    methods: [
      {
        method: 'slaking',
        depthClass: null,
        inGroup: true,
        hollow: false,
        group: 'structure',
        grade: 'A',
        n: spots.length,
        mean,
        sd: null,
        lowest: Math.min(...spots),
        highest: Math.max(...spots),
        uneven: false,
        odd,
        spots: spots.map((score, i) => ({ spot: `s${i + 1}`, score, hollow: false, beside: false })),
      } as MethodScore,
    ],
    groups: [{ group: 'structure', score: mean }],
    soil: {
      balanced: mean,
      weakest: mean,
      tally: 50,
      coverage: 1 / 6,
      spotsPerMethod: spots.length,
      provisional: true,
    },
    plants: null,
    difference: null,
    balance: null,
  } as FieldScores;
}

const drawn = (now: FieldScores, before: FieldScores | null = null) =>
  render(<ScoreRows scores={now} before={before} methods={METHODS} spotLabel={(id) => id.slice(1)} />);

it('every spot stands on the line and the odd one is named', () => {
  const page = drawn(scores([60, 62, 61, 20], ['s4']));
  expect(page.querySelectorAll('svg circle[r="5.2"]')).toHaveLength(3);
  expect(page.querySelectorAll('svg circle[r="9"]')).toHaveLength(1);
  expect(texts(page, 'svg text')).toContain('4');
});

it('the mean of the visit before stands beside it where there was one', () => {
  const dashed = (page: HTMLElement) => page.querySelectorAll('svg path[stroke-dasharray="2 3"]').length;
  expect(dashed(drawn(scores([60]), scores([40])))).toBe(1);
  expect(dashed(drawn(scores([60])))).toBe(0);
});

it('a table behind it holds the same numbers', () => {
  const page = drawn(scores([60, 62.25]));
  expect(texts(page, 'table td')).toEqual(['61.1', '1: 60, 2: 62.3']);
});

it('a test made on a wrong day is drawn hollow and said to be no evidence', () => {
  const now = scores([40, 60]);
  const row = now.methods[0] as MethodScore;
  now.methods[0] = {
    ...row,
    n: 0,
    hollow: true,
    inGroup: false,
    spots: row.spots.map((spot) => ({ ...spot, hollow: true })),
  };
  const page = drawn(now);
  expect(page.querySelectorAll('svg circle[stroke-dasharray]')).toHaveLength(2);
  expect(page.textContent).toContain('no evidence');
});

it('a deeper row says its depth', () => {
  const now = scores([40]);
  now.methods.push({ ...(now.methods[0] as MethodScore), depthClass: '30-60', inGroup: false });
  expect(drawn(now).textContent).toContain('30–60 cm');
});
