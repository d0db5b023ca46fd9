// @vitest-environment jsdom
import { expect, it } from 'vitest';
import type { Intervention, Method, TrendVisit } from '../api/types';
import { render, texts } from '../testing/render';
import { TrendDrawing } from './TrendDrawing';

const METHODS = [{ id: 'penetration', name: 'Cone' }] as unknown as Method[];

function visit(day: string, ...spots: number[]): TrendVisit {
  const mean = spots.reduce((sum, one) => sum + one, 0) / spots.length;
  return {
    visitId: day,
    day,
    observerName: 'Adviser',
    scores: {
      methods: [{ method: 'penetration', mean, spots: spots.map((score, i) => ({ spot: `s${i}`, score })) }],
    },
  } as unknown as TrendVisit;
}

const DONE = [
  { id: 'a', fieldId: 'f', doneOn: '2029-03-01', kind: 'cover-crop', note: null, version: 1 },
] as unknown as Intervention[];

it('visits stand in time, what was done stands as a peg, and each spot has its line', () => {
  const page = render(
    <TrendDrawing
      visits={[visit('2028-05-14', 40, 50), visit('2031-05-14', 60, 70)]}
      done={DONE}
      methods={METHODS}
      now="2031-05-14"
      since="2028-05-14"
      bands={[]}
    />,
  );
  expect(texts(page, 'svg text')).toEqual(
    expect.arrayContaining(['May 2028', 'May 2031', 'cover crop', 'Cone']),
  );
  expect(page.querySelectorAll('svg path[stroke-width="1.1"]')).toHaveLength(2);
  expect(page.innerHTML).not.toMatch(/NaN/);
});

it('a first visit alone is drawn without a line to nowhere', () => {
  const page = render(
    <TrendDrawing
      visits={[visit('2031-05-14', 100)]}
      done={[]}
      methods={METHODS}
      now="2031-05-14"
      since={null}
      bands={[]}
    />,
  );
  expect(page.innerHTML).not.toMatch(/NaN|undefined/);
  // A score of 100 keeps its scale within 0 to 100.
  expect(texts(page, 'svg text')).toContain('100');
  expect(texts(page, 'svg text')).not.toContain('110');
});
