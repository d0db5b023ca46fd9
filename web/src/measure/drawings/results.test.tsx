// @vitest-environment happy-dom
import { describe, expect, it } from 'vitest';
import type { Evaluation, Reading } from '../../api/types';
import { render } from '../../testing/render';
import type { Values } from '../draft';
import { loadDrawing } from './index';

type Measure = [key: string, value: number | null, index?: number];

function came(measures: Measure[], words: Values = {}): Evaluation {
  return {
    measures: measures.map(([key, value, index]) => ({
      key,
      value,
      index: index ?? null,
      depthCm: null,
      unit: null,
    })),
    words,
    flags: [],
    because: [],
  } as unknown as Evaluation;
}

async function drawn(method: string, evaluation: Evaluation, values: Values = {}, others: Reading[] = []) {
  const Drawing = (await loadDrawing(method))?.ResultDrawing;
  if (!Drawing) throw new Error(`no result is drawn for ${method}`);
  const page = render(<Drawing evaluation={evaluation} values={values} others={others} />);
  expect(page.innerHTML).not.toMatch(/NaN|Infinity|undefined/);
  return page;
}

const says = (page: HTMLElement, nth = 0) =>
  page.querySelectorAll('svg[role=img]')[nth]?.getAttribute('aria-label');

describe('the picture of a result', () => {
  it('a block stands layer by layer with what each came to', async () => {
    const layers = [
      { topCm: 0, bottomCm: 12, shape: 'crumb' },
      { topCm: 12, bottomCm: 25, shape: 'plates' },
    ];
    const page = await drawn(
      'structure-spade',
      came([
        ['layerScore', 14, 1],
        ['layerScore', 100, 0],
      ]),
      { layers },
    );
    expect(says(page)).toBe('0 to 12 cm: 100, 12 to 25 cm: 14');
  });

  it('a pit shows where roots stop, and is not drawn while a layer is missing', async () => {
    const layers = [{ topCm: 0, bottomCm: 25, shape: 'crumb' }];
    const page = await drawn(
      'root-pit',
      came([
        ['layerScore', 80, 0],
        ['rootStop', 25],
      ]),
      { layers, waterAtCm: 90 },
    );
    expect(page.textContent).toContain('roots stop');
    expect((await drawn('root-pit', came([]), { layers })).querySelector('svg')).toBeNull();
  });

  it('a jar is a point in the triangle with the border nearest to it', async () => {
    const page = await drawn(
      'texture-jar',
      came(
        [
          ['sand', 40],
          ['clay', 20],
        ],
        { texture: 'loam' },
      ),
    );
    expect(says(page)).toBe('Texture triangle: loam, sand 40 %, clay 20 %');
    expect(page.querySelectorAll('circle')).toHaveLength(1);
  });

  it('by feel the class is known and no point', async () => {
    const page = await drawn('texture-feel', came([], { texture: 'clay-loam' }));
    expect(says(page)).toBe('Texture triangle: clay loam');
    expect(page.querySelectorAll('circle')).toHaveLength(0);
  });

  it('sizes in the tray are a bar, what counts is bracketed', async () => {
    const share = { under5mm: 20, '5to20mm': 30, '20to75mm': 30, over75mm: 20 };
    const page = await drawn('drop-shatter', came([['fineShare', 50]]), { share });
    expect(says(page)).toBe('under 5 20 %, to 20 30 %, to 75 30 %, over 75 mm 20 %');
    expect(page.textContent).toContain('under 20 mm');
  });

  it('cover is shown as shares, whether typed or called', async () => {
    const typed = await drawn('ground-cover', came([['cover', 70]]), {
      live: 40,
      litter: 30,
      stone: 5,
      bare: 25,
    });
    expect(says(typed)).toBe('live 40 %, litter 30 %, stone 5 %, bare 25 %');
    const called = await drawn('ground-cover', came([['cover', 50]]), {
      hits: ['live', 'bare', 'live', 'litter'],
    });
    expect(says(called)).toBe('live 50 %, litter 25 %, stone 0 %, bare 25 %');
  });

  it('two colours lie side by side with the difference', async () => {
    const page = await drawn('soil-colour', came([['paler', 1.5]]), {
      field: { hue: '10YR', value: 4.5, chroma: 3 },
      reference: { hue: '10YR', value: 3, chroma: 2 },
    });
    expect(page.textContent).toContain('+1.5');
  });

  it('worms are drawn by age', async () => {
    const page = await drawn(
      'earthworms',
      came([
        ['perBlock', 8],
        ['youngShare', 37.5],
      ]),
    );
    expect(says(page)).toBe('8 worms in a block, 3 of them young');
    expect(
      (
        await drawn(
          'earthworms',
          came([
            ['perBlock', 0],
            ['youngShare', null],
          ]),
        )
      ).textContent,
    ).toContain('0 grown');
  });

  it('salinity goes down the core where other depths were read', async () => {
    const other = { reading: { depthCm: 25 }, evaluation: came([['ece', 6.1]]) } as unknown as Reading;
    const page = await drawn('salinity', came([['ece', 1.2]]), { depthCm: 5 }, [other]);
    expect(says(page, 1)).toBe('1.2 dS/m at 5 cm, 6.1 dS/m at 25 cm');
    expect((await drawn('salinity', came([['ece', null]]))).querySelector('svg')).toBeNull();
  });

  it('by level the fitted curve runs through what soaked in; by pours each is a bar', async () => {
    const levels = [
      { minutes: 0, mm: 0 },
      { minutes: 60, mm: 30 },
    ];
    const fitted = await drawn(
      'infiltration-ring',
      came([
        ['sorptivity', 20],
        ['transmissivity', 10],
      ]),
      { levels },
    );
    expect(says(fitted)).toContain('30 mm in 60 min');
    const pours = await drawn(
      'infiltration-ring',
      came([
        ['pourRate', 90, 1],
        ['pourRate', 225, 0],
      ]),
    );
    expect(says(pours)).toBe('pour 1: 225 mm/h, pour 2: 90 mm/h');
  });

  it('each cover has its warmth on one scale', async () => {
    const evaluation = {
      ...came([]),
      measures: [{ key: 'celsius', value: 27.5, unit: '°C', depthCm: 5, index: 0 }],
    } as unknown as Evaluation;
    expect(says(await drawn('soil-temperature', evaluation))).toBe('27.5 °C');
  });
});
