import { describe, expect, it } from 'vitest';
import { SOIL_HUES, swatch } from './munsell';

const parts = (colour: string | null) => [...(colour ?? '').matchAll(/\d+/g)].map(Number);

describe('a swatch of a soil’s colour', () => {
  it('is lighter for a higher value, and brown where the hue is', () => {
    const dark = parts(swatch('10YR', 3, 2));
    const light = parts(swatch('10YR', 6, 2));
    expect(light[0]).toBeGreaterThan(dark[0] ?? 255);
    expect(dark[0]).toBeGreaterThan(dark[2] ?? 255);
  });

  it('is redder for a redder hue', () => {
    const red = parts(swatch('2.5YR', 4, 6));
    const yellow = parts(swatch('2.5Y', 4, 6));
    expect((red[0] ?? 0) - (red[1] ?? 0)).toBeGreaterThan((yellow[0] ?? 0) - (yellow[1] ?? 0));
  });

  it('is there for every hue a soil is offered, and for nothing else', () => {
    expect(SOIL_HUES.every((hue) => swatch(hue, 4, 4) !== null)).toBe(true);
    expect(swatch('brown', 4, 4)).toBeNull();
    expect(swatch('10YR', Number.NaN, 4)).toBeNull();
  });
});
