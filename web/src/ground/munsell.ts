/**
 * About how a Munsell notation looks, for a swatch beside its figures: lightness by ASTM D1535, hue and chroma laid onto CIELAB by
 * a straight line. Never computed with.
 */
const HUES: Record<string, number> = { R: 20, YR: 52, Y: 88, GY: 118 };

/** The hues that soils have, from red to olive. */
export const SOIL_HUES = ['10R', '2.5YR', '5YR', '7.5YR', '10YR', '2.5Y', '5Y'];

export function swatch(hue: string, value: number, chroma: number): string | null {
  const named = /^(\d+(?:\.\d+)?)(YR|GY|R|Y)$/.exec(hue.trim().toUpperCase());
  const start = named ? HUES[named[2] ?? ''] : undefined;
  if (!named || start === undefined || !(value >= 0 && value <= 10) || !(chroma >= 0)) return null;
  const angle = ((start + (Number(named[1]) / 10) * 34 - 17) * Math.PI) / 180;
  const y =
    1.1914 * value -
    0.22533 * value ** 2 +
    0.23352 * value ** 3 -
    0.020484 * value ** 4 +
    0.00081939 * value ** 5;
  const light = 116 * Math.cbrt(Math.max(0, y) / 100) - 16;
  return rgb(light, chroma * 5.2 * Math.cos(angle), chroma * 5.2 * Math.sin(angle));
}

/** CIELAB (D65) as a colour of the screen. */
function rgb(l: number, a: number, b: number): string {
  const fy = (l + 16) / 116;
  const back = (f: number) => (f > 6 / 29 ? f ** 3 : 3 * (6 / 29) ** 2 * (f - 4 / 29));
  const x = 0.95047 * back(fy + a / 500);
  const y = back(fy);
  const z = 1.08883 * back(fy - b / 200);
  const linear = [
    3.2406 * x - 1.5372 * y - 0.4986 * z,
    -0.9689 * x + 1.8758 * y + 0.0415 * z,
    0.0557 * x - 0.204 * y + 1.057 * z,
  ];
  return `rgb(${linear
    .map((one) => {
      const within = Math.min(1, Math.max(0, one));
      const bent = within <= 0.0031308 ? 12.92 * within : 1.055 * within ** (1 / 2.4) - 0.055;
      return Math.round(bent * 255);
    })
    .join(' ')})`;
}
