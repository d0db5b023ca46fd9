// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import type { SectionColumn, SectionView } from '../api/types';
import { render, texts } from '../testing/render';
import { SectionDrawing } from './SectionDrawing';

function column(label: string, more: Partial<SectionColumn> = {}): SectionColumn {
  return {
    spotId: `spot-${label}`,
    label,
    note: null,
    zoneKind: 'main',
    score: 58,
    layers: [
      { topCm: 0, bottomCm: 14, shape: 'crumb', effort: 'falls', pores: 'many', roots: 'many' },
      { topCm: 14, bottomCm: 30, shape: 'plates', effort: 'hard', pores: 'none', roots: 'none' },
    ],
    cone: [
      { depthCm: 15, value: 900 },
      { depthCm: 30, value: 2600 },
    ],
    coneBefore: [],
    limitCm: 24,
    panPeakCm: null,
    panBaseCm: null,
    root80Cm: 21,
    rootMaxCm: 25,
    rootsEndFlat: true,
    rootsBent: false,
    ph: [{ depthCm: 5, value: 6 }],
    ...more,
  };
}

function section(...columns: SectionColumn[]): SectionView {
  return {
    deepestCm: 52,
    previousVisit: null,
    previousDay: null,
    columns,
    said: [{ code: 'roots-stop', text: 'Roots stop at 21 cm, where the ground closes' }],
  };
}

describe('the section', () => {
  it('has a column for each spot on one ruler, depth downward', () => {
    const page = render(<SectionDrawing view={section(column('1'), column('2'), column('Fence'))} />);
    const words = texts(page, 'svg text');
    expect(words).toEqual(expect.arrayContaining(['Spot 1', 'Spot 2', 'Fence', '0', '30', '60']));
    const y = (word: string) =>
      Number(
        [...page.querySelectorAll('svg text')].find((one) => one.textContent === word)?.getAttribute('y'),
      );
    expect(y('60')).toBeGreaterThan(y('30'));
  });

  it('says what it shows to those who do not see it', () => {
    const page = render(<SectionDrawing view={section(column('1'))} />);
    expect(page.querySelector('svg')?.getAttribute('aria-label')).toContain('Roots stop at 21 cm');
  });

  it('shows a pH with its decimal, whole or not', () => {
    expect(texts(render(<SectionDrawing view={section(column('1'))} />), 'svg text')).toContain('6.0');
  });

  it('draws the visit before as a ghost only where there was one', () => {
    const without = render(<SectionDrawing view={section(column('1'))} />);
    expect(without.textContent).not.toContain('the visit before');
    const withGhost = render(
      <SectionDrawing view={section(column('1', { coneBefore: [{ depthCm: 15, value: 1200 }] }))} />,
    );
    expect(withGhost.textContent).toContain('the visit before');
  });

  it('leaves out what was not looked at and draws nothing that is not a number', () => {
    const bare = column('1', {
      layers: [],
      cone: [],
      limitCm: null,
      root80Cm: null,
      rootMaxCm: null,
      ph: [],
      score: null,
    });
    const page = render(<SectionDrawing view={section(bare)} />);
    expect(page.innerHTML).not.toMatch(/NaN|undefined/);
    expect(texts(page, 'svg text')).not.toContain('58');
  });

  it('is the same ground every time it is drawn', () => {
    const once = render(<SectionDrawing view={section(column('1'))} />).innerHTML;
    expect(render(<SectionDrawing view={section(column('1'))} />).innerHTML).toBe(once);
  });
});
