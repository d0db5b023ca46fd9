// @vitest-environment jsdom
import { describe, expect, it } from 'vitest';
import { render } from '../../testing/render';
import { drawingOf } from './index';

const METHODS = ['percolation-hole', 'penetration', 'structure-spade', 'root-depth', 'ph', 'slaking'];

/** What may stand in a draft half-way: nothing, words for numbers, rows without an end. */
const HALF_TYPED = [
  {},
  {
    levels: [{}, { depthMm: 'a' }],
    layers: [{ topCm: '' }],
    crumbs: [{}],
    root80Cm: 'deep',
    holeDepthMm: '0',
  },
  {
    levels: [{ minutes: '0', depthMm: '250' }],
    layers: [{ topCm: '0', bottomCm: '12', shape: 'plates' }],
    crumbs: [{ fellAt: 'still' }, { fellAt: 'never' }],
    root80Cm: '21',
    maxCm: '400',
    sharpEdge: true,
    bent: true,
  },
];

const STEPS = [
  'dig-roughen',
  'read-30',
  'push-read-ten',
  'block',
  'judge-layers',
  'auger',
  'read',
  'lay',
  'swirl-strongly',
];

describe.each(METHODS)('the drawing of %s', (method) => {
  it('is there, with a name for those who do not see it, whatever has been typed so far', () => {
    const drawing = drawingOf(method);
    if (!drawing?.StepDrawing) throw new Error(`no drawing for ${method}`);
    for (const values of HALF_TYPED) {
      for (const step of STEPS) {
        const page = render(<drawing.StepDrawing step={step} values={values} />);
        const svg = page.querySelector('svg');
        expect(svg?.getAttribute('aria-label')).toBeTruthy();
        expect(page.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
      }
    }
  });
});

it('every step of a judged scale is drawn, and no two alike', () => {
  const block = drawingOf('structure-spade')?.OptionDrawing;
  if (!block) throw new Error('the block has no drawings');
  const Option = block;
  const scales: Record<string, string[]> = {
    shape: ['crumb', 'granular', 'rounded-blocks', 'sharp-blocks', 'plates', 'massive', 'single-grain'],
    effort: ['falls', 'gentle', 'firm', 'hard'],
    pores: ['many', 'some', 'few', 'none'],
    roots: ['many', 'some', 'cracks-only', 'none'],
  };
  for (const [field, words] of Object.entries(scales)) {
    const drawn = words.map((word) => render(<Option field={field} word={word} />).innerHTML);
    expect(new Set(drawn).size).toBe(words.length);
  }
});

it('a method nobody has drawn yet has none, and the bench goes on without', () => {
  expect(drawingOf('divining')).toBeUndefined();
});
