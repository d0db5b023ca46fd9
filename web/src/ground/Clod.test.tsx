// @vitest-environment happy-dom
import { expect, it } from 'vitest';
import { render } from '../testing/render';
import { bandOf, Clod } from './Clod';

it('each band has a glyph of its own, told apart without colour', () => {
  const shapes = (['thriving', 'holding', 'slipping', 'spent', null] as const).map((band) =>
    render(<Clod band={band} />).innerHTML.replace(/(fill|stroke)="[^"]*"/g, ''),
  );
  expect(new Set(shapes).size).toBe(5);
});

it('a band begins at its limit', () => {
  expect([75, 74.9, 50, 25, 24.9, 0].map((score) => bandOf(score))).toEqual([
    'thriving',
    'holding',
    'holding',
    'slipping',
    'spent',
    'spent',
  ]);
  expect(bandOf(null)).toBeNull();
});
