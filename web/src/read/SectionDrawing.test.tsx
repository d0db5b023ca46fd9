// @vitest-environment happy-dom
import { afterEach, describe, expect, it } from 'vitest';
import type { SectionColumn, SectionView, Units } from '../api/types';
import { setMyUnits } from '../ground/myUnits';
import { render, texts } from '../testing/render';
import { SectionDrawing } from './SectionDrawing';

function column(
  label: string,
  more: Partial<SectionColumn['ground']> = {},
  score: number | null = 58,
): SectionColumn {
  return {
    spotId: `spot-${label}`,
    label,
    note: null,
    zoneKind: 'main',
    score,
    ground: {
      spot: `spot-${label}`,
      layers: [
        layer({ topCm: 0, bottomCm: 14, shape: 'crumb', effort: 'falls', pores: 'many', roots: 'many' }),
        layer({ topCm: 14, bottomCm: 30, shape: 'plates', effort: 'hard', pores: 'none', roots: 'none' }),
      ],
      cone: [
        { depthCm: 15, value: 900 },
        { depthCm: 30, value: 2600 },
      ],
      coneHollow: false,
      coneBefore: [],
      limitCm: 24,
      panPeakCm: null,
      panBaseCm: null,
      root80Cm: 21,
      rootMaxCm: 25,
      rootRatio: 0.6,
      rootStopCm: null,
      rootsEndFlat: true,
      rootsBent: false,
      waterAtCm: null,
      ph: [{ depthCm: 5, value: 6 }],
      salinity: [],
      ...more,
    },
  };
}

type Layer = SectionColumn['ground']['layers'][number];

function layer(of: Partial<Layer>): Layer {
  return {
    topCm: 0,
    bottomCm: 20,
    shape: 'crumb',
    effort: null,
    pores: null,
    roots: 'many',
    mottles: null,
    moisture: null,
    pit: false,
    ...of,
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

afterEach(() => setMyUnits(null));

it('to whoever reads in inches the depths of the ruler are round inches', () => {
  setMyUnits({ depth: 'in' } as Units);
  const said = texts(render(<SectionDrawing view={section(column('1'))} />), 'svg text');
  expect(said).toContain('in');
  expect(said).toContain('10');
  expect(said).not.toContain('25.4');
});

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
    const bare = column(
      '1',
      {
        layers: [],
        cone: [],
        limitCm: null,
        root80Cm: null,
        rootMaxCm: null,
        ph: [],
      },
      null,
    );
    const page = render(<SectionDrawing view={section(bare)} />);
    expect(page.innerHTML).not.toMatch(/NaN|undefined/);
    expect(texts(page, 'svg text')).not.toContain('58');
  });

  it('draws the layers of a pit, salt by depth and where water stood', () => {
    const wet = column('1', {
      layers: [layer({ topCm: 0, bottomCm: 60, mottles: 'rust', pit: true })],
      salinity: [{ depthCm: 45, value: 6.4 }],
      waterAtCm: 55,
    });
    const page = render(<SectionDrawing view={section(wet)} />);
    expect(texts(page, 'svg text')).toContain('6.4');
    expect(page.querySelectorAll('ellipse').length).toBeGreaterThan(3);
    expect(page.textContent).toContain('salt as paste, dS/m');
  });

  it('says of a cone pushed on a wrong day that it is no evidence', () => {
    const page = render(<SectionDrawing view={section(column('1', { coneHollow: true }))} />);
    expect(page.textContent).toContain('no evidence');
  });

  it('is the same ground every time it is drawn', () => {
    const once = render(<SectionDrawing view={section(column('1'))} />).innerHTML;
    expect(render(<SectionDrawing view={section(column('1'))} />).innerHTML).toBe(once);
  });
});
