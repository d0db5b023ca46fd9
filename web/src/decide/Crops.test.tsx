// @vitest-environment happy-dom
import { expect, it } from 'vitest';
import { render } from '../testing/render';
import { Crops } from './Crops';

const crop = (name: string, phLow: number | null, phHigh: number | null, yieldPercent: number | null) => ({
  crop: name,
  phLow,
  phHigh,
  yieldPercent,
  acidity: null,
  suits: true,
  why: `it likes pH ${phLow} to ${phHigh}`,
});

it('each crop is a band from the lowest to the highest pH it likes, on one line', () => {
  const html = render(
    <Crops crops={[crop('white-clover', 5.6, 7.5, null), crop('oats', 5, 7.5, null)]} ph={6.3} />,
  ).innerHTML;
  const bands = [...html.matchAll(/M([\d.]+) 15H([\d.]+)/g)].map(([, from, to]) => [
    Number(from),
    Number(to),
  ]);
  expect(bands[0]?.[0]).toBeGreaterThan(bands[1]?.[0] ?? 0);
  expect(bands[0]?.[1]).toBe(bands[1]?.[1]);
  expect(html).toContain('white clover');
  expect(html).toContain('6.3 here');
  expect(html).not.toContain('yield kept');
});

it('what salt leaves stands beside a crop whose pH nobody knows', () => {
  const html = render(<Crops crops={[crop('cotton', null, null, 94.2)]} ph={null} />).innerHTML;
  expect(html).toContain('94 %');
  expect(html).not.toContain('here');
});
