// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import type { Method, Sheet, Spot } from '../api/types';
import { render, texts } from '../testing/render';
import { SheetChart } from './SheetChart';

const METHODS = [
  {
    id: 'dispersion',
    name: 'Dispersion',
    variants: [
      {
        id: 'v',
        steps: [
          { id: 'lay', wait: { minS: 540, maxS: 660, watched: false } },
          { id: 'look', wait: null },
        ],
      },
    ],
  },
  { id: 'smell', name: 'Smell', variants: [{ id: 'v', steps: [{ id: 'sniff', wait: null }] }] },
] as unknown as Method[];

const SPOTS = ['a', 'b', 'c'].map((id) => ({ id, label: id.toUpperCase() })) as unknown as Spot[];

const step = (spot: string, method: string, id: string, startS: number, endS: number, person = 0) => ({
  person,
  spot,
  methods: [method],
  step: id,
  startS,
  endS,
});

function sheet(...steps: ReturnType<typeof step>[]): Sheet {
  return { steps, totalS: Math.max(...steps.map((one) => one.endS)) } as unknown as Sheet;
}

function draw(of: Sheet, nowS: number | null = null) {
  return render(
    <SheetChart
      sheet={of}
      spots={SPOTS}
      methods={METHODS}
      startsAt="09:00"
      nowS={nowS}
      chosen={null}
      onChoose={() => undefined}
    />,
  );
}

const SHEET = sheet(
  step('a', 'dispersion', 'lay', 0, 120),
  step('b', 'smell', 'sniff', 200, 260),
  step('a', 'dispersion', 'look', 700, 760),
);

describe('the chart of a run sheet', () => {
  it('has a row for each spot that is used, and times of the day across', () => {
    const page = draw(SHEET);
    expect(texts(page, 'text')).toEqual(expect.arrayContaining(['A', 'B', '9:00', '9:10']));
    expect(texts(page, 'text')).not.toContain('C');
  });

  it('says of each stay when, where and what', () => {
    const stays = [...draw(SHEET).querySelectorAll('[role=button]')].map((one) =>
      one.getAttribute('aria-label'),
    );
    expect(stays).toEqual(['9:00, spot A: dispersion', '9:03, spot B: smell', '9:11, spot A: dispersion']);
  });

  it('tints when the next look may begin, with the look inside it', () => {
    const window = draw(SHEET).querySelector('rect[fill="var(--water)"]');
    const look = [...draw(SHEET).querySelectorAll('rect[fill="var(--ink)"]')].at(-1);
    const from = Number(window?.getAttribute('x'));
    const to = from + Number(window?.getAttribute('width'));
    expect(Number(look?.getAttribute('x'))).toBeGreaterThan(from);
    expect(Number(look?.getAttribute('x'))).toBeLessThan(to);
  });

  it('draws two people by two kinds of thread', () => {
    const page = draw(sheet(step('a', 'smell', 'sniff', 0, 60), step('b', 'smell', 'sniff', 0, 60, 1)));
    const threads = [...page.querySelectorAll('polyline')].map((one) => one.getAttribute('stroke-dasharray'));
    expect(new Set(threads).size).toBe(2);
  });

  it('says where now is while the visit runs, and not before', () => {
    expect(texts(draw(SHEET, 300), 'text')).toContain('now');
    expect(texts(draw(SHEET), 'text')).not.toContain('now');
  });
});
