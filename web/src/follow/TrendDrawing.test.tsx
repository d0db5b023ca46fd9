// @vitest-environment happy-dom
import { expect, it } from 'vitest';
import type { Intervention } from '../api/types';
import { render, texts } from '../testing/render';
import { TrendDrawing } from './TrendDrawing';
import type { TrendRow } from './trendRows';

const VISITS = ['2028-05-14', '2031-05-14'].map((day) => ({ visitId: day, day }));

function cone(...visits: number[][]): TrendRow {
  const at = (value: number, i: number) => ({ day: VISITS[i]?.day ?? '', value });
  return {
    id: 'penetration',
    name: 'Cone',
    said: ['score'],
    ends: [30, 80],
    endsFor: () => [30, 80],
    means: [
      {
        id: 'main',
        points: visits.map((spots, i) => at(spots.reduce((sum, one) => sum + one, 0) / spots.length, i)),
      },
    ],
    spots: (visits[0] ?? []).map((_, spot) => ({
      id: `s${spot}`,
      points: visits.map((spots, i) => at(spots[spot] ?? 0, i)),
    })),
  };
}

const DONE = [
  { id: 'a', fieldId: 'f', doneOn: '2029-03-01', kind: 'cover-crop', note: null, version: 1 },
] as unknown as Intervention[];

const SEEN = {
  visits: VISITS,
  done: DONE,
  now: '2031-05-14',
  since: '2028-05-14',
  bands: [],
  caption: 'scores',
};

it('visits stand in time, what was done stands as a peg, and each spot has its line', () => {
  const page = render(<TrendDrawing {...SEEN} rows={[cone([40, 50], [60, 70])]} />);
  expect(texts(page, 'svg text')).toEqual(
    expect.arrayContaining(['May 2028', 'May 2031', 'cover crop', 'Cone']),
  );
  expect(page.querySelectorAll('svg path[stroke-width="1.1"]')).toHaveLength(2);
  expect(page.innerHTML).not.toMatch(/NaN/);
});

it('a first visit alone is drawn without a line to nowhere', () => {
  const page = render(
    <TrendDrawing {...SEEN} visits={VISITS.slice(0, 1)} done={[]} since={null} rows={[cone([70])]} />,
  );
  expect(page.innerHTML).not.toMatch(/NaN|undefined/);
});

it('zones drawn together have a stroke each, and the one that is looked at is strong', () => {
  const both = cone([40], [60]);
  const row = {
    ...both,
    spots: [],
    means: [...both.means, { id: 'strip', points: both.means[0]?.points ?? [] }],
  };
  const zones = new Map([
    ['main', 'whole field'],
    ['strip', 'ploughed strip'],
  ]);
  const page = render(<TrendDrawing {...SEEN} rows={[row]} zones={zones} />);
  expect(texts(page, 'li')).toEqual(['whole field', 'ploughed strip']);
  const stroke = (zone: string) =>
    page.querySelector(`svg[role="img"] [data-zone="${zone}"] path`)?.getAttribute('stroke-width');
  expect([stroke('main'), stroke('strip')]).toEqual(['2.6', '1.5']);
});

it('a strip that was read where the zone was not keeps its stroke', () => {
  const strip = { ...cone([40], [60]), spots: [] };
  const row = { ...strip, means: strip.means.map((line) => ({ ...line, id: 'strip' })) };
  const zones = new Map([
    ['main', 'whole field'],
    ['strip', 'ploughed strip'],
  ]);
  const page = render(<TrendDrawing {...SEEN} rows={[row]} zones={zones} />);
  const line = page.querySelector('svg[role="img"] [data-zone="strip"] path');
  expect([line?.getAttribute('stroke-width'), line?.getAttribute('stroke-dasharray')]).toEqual([
    '1.5',
    '9 4',
  ]);
});
