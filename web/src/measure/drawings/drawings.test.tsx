// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import { render } from '../../testing/render';
import type { Values } from '../draft';
import asked from './asked.json';
import { loadDrawing, type MethodDrawing } from './index';
import { Scene } from './Scene';

type Asked = { steps: string[]; scales: Record<string, string[]> };
const METHODS = Object.entries(asked as Record<string, Asked>);

/** What may stand in a draft half-way: nothing, words for numbers, rows without an end, far too much. */
const HALF_TYPED: Values[] = [
  {},
  {
    levels: [{}, { depthMm: 'a' }],
    layers: [{ topCm: '' }],
    crumbs: [{}],
    blocks: [{ adults: 'x' }],
    root80Cm: 'deep',
    holeDepthMm: '0',
    ribbonMm: '-',
    tPerHa: '',
  },
  {
    levels: [{ minutes: '0', depthMm: '250' }],
    layers: [{ topCm: '0', bottomCm: '12', shape: 'plates' }],
    crumbs: [{ fellAt: 'still', share: '0.5', cloudAt10: 'faint' }, { fellAt: 'never' }],
    pours: [{ volumeMl: '444' }, { volumeMl: '99999' }],
    blocks: [{ adults: '90', young: '-3' }],
    points: [{ value: '6.2' }],
    root80Cm: '21',
    maxCm: '400',
    sharpEdge: true,
    bent: true,
    ribbonMm: '5000',
    tPerHa: '9',
    bestTPerHa: '6',
  },
];

async function drawn(method: string): Promise<MethodDrawing> {
  const drawing = await loadDrawing(method);
  if (!drawing) throw new Error(`nothing is drawn for ${method}`);
  return drawing;
}

it('no drawing that the descriptions ask for is missing', async () => {
  const missing: string[] = [];
  for (const [method, { steps, scales }] of METHODS) {
    const drawing = await loadDrawing(method);
    missing.push(...steps.filter((step) => !drawing?.steps[step]).map((step) => `${method}, step ${step}`));
    for (const [scale, words] of Object.entries(scales)) {
      missing.push(
        ...words
          .filter((word) => !drawing?.scales?.[scale]?.[word])
          .map((word) => `${method}, ${scale}: ${word}`),
      );
    }
  }
  expect(missing).toEqual([]);
});

it('nothing is drawn that no description asks for', async () => {
  const unasked: string[] = [];
  for (const [method, { steps, scales }] of METHODS) {
    const drawing = await drawn(method);
    unasked.push(
      ...Object.keys(drawing.steps)
        .filter((step) => !steps.includes(step))
        .map((step) => `${method} ${step}`),
    );
    for (const [scale, words] of Object.entries(drawing.scales ?? {})) {
      unasked.push(
        ...Object.keys(words)
          .filter((word) => !scales[scale]?.includes(word))
          .map((word) => `${method} ${scale} ${word}`),
      );
    }
  }
  expect(unasked).toEqual([]);
});

describe.each(METHODS)('the drawings of %s', (method, { steps, scales }) => {
  it('say what they show, whatever has been typed so far', async () => {
    const drawing = await drawn(method);
    for (const values of HALF_TYPED) {
      for (const step of steps) {
        const page = render(<Scene drawing={drawing} step={step} values={values} />);
        expect(page.querySelector('svg')?.getAttribute('aria-label'), step).toMatch(/\w{3}/);
        expect(page.querySelectorAll('path, circle, ellipse, rect').length, step).toBeGreaterThan(2);
        expect(page.innerHTML, step).not.toMatch(/NaN|Infinity|undefined/);
      }
    }
  });

  it('tell every step of a judged scale from its neighbours', async () => {
    const drawing = await drawn(method);
    for (const [scale, words] of Object.entries(scales)) {
      const tiles = words.map(
        (word) => render(<svg role="presentation">{drawing.scales?.[scale]?.[word]}</svg>).innerHTML,
      );
      expect(new Set(tiles).size, scale).toBe(words.length);
    }
  });
});

it('a drawing has its room before it is here: the button under it stays under the thumb', async () => {
  const room = (drawing?: MethodDrawing) =>
    render(<Scene drawing={drawing} step="drop" values={{}} />).querySelector('svg');
  const coming = room();
  const here = room(await drawn('drop-shatter'));
  expect(coming?.childElementCount).toBe(0);
  expect(here?.childElementCount).toBeGreaterThan(0);
  expect(coming?.getAttribute('viewBox')).toBe(here?.getAttribute('viewBox'));
  expect(coming?.getAttribute('class')).toBe(here?.getAttribute('class'));
});

it('a method nobody has drawn yet has none, and the bench goes on without', async () => {
  expect(await loadDrawing('divining')).toBeUndefined();
});
