import type { LandField, TrialDesign } from '../../api/types';

export type TrialForm = {
  replicates: string;
  stripM: string;
  marginM: string;
  difference: string;
  spotSd: string;
};

export const USUAL: TrialForm = {
  replicates: '4',
  stripM: '12',
  marginM: '15',
  difference: '20',
  spotSd: '9',
};

/** What is asked of the design; null where something is no number yet. */
export function askedOf(form: TrialForm, field: LandField, replicates?: number) {
  const number = (text: string) => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')));
  const asked = {
    treatments: 2,
    replicates: replicates ?? number(form.replicates),
    stripM: number(form.stripM),
    marginM: number(form.marginM),
    bearingDeg: null,
    difference: number(form.difference),
    spotSd: number(form.spotSd),
    observerSpread: 8,
    stripSd: null,
    seed: 7,
  };
  const whole = Object.values(asked).every((value) => value === null || Number.isFinite(value));
  if (!whole || !Number.isInteger(asked.replicates)) return null;
  const ring = (corners: LandField['outline']) => {
    const places = corners.map((corner) => [corner.lon, corner.lat]);
    return { type: 'Polygon', coordinates: [[...places, places[0] ?? []]] };
  };
  return { ...asked, polygon: ring(field.outline), avoid: field.avoid.map(ring) };
}

export const TREATMENTS = ['untreated', 'treated'];

export function stripName(strip: { treatment: number; block: number }): string {
  return `block ${strip.block + 1}, ${TREATMENTS[strip.treatment] ?? `treatment ${strip.treatment}`}`;
}

/** Where the strips lie, and the spots in them by their strip, for a machine's guidance and for the spots of the field. */
export function asGeoJson(design: TrialDesign): { strips: object; spots: object } {
  const feature = (geometry: object, properties: object) => ({ type: 'Feature', geometry, properties });
  return {
    strips: {
      type: 'FeatureCollection',
      features: design.strips.map((strip) =>
        feature(strip.polygon, { name: stripName(strip), treatment: TREATMENTS[strip.treatment] }),
      ),
    },
    spots: {
      type: 'FeatureCollection',
      features: design.strips.flatMap((strip) =>
        strip.spots.map((at, i) =>
          feature(
            { type: 'Point', coordinates: at },
            {
              label: `${strip.block + 1}${strip.treatment === 0 ? 'U' : 'T'}${i + 1}`,
              zone: stripName(strip),
            },
          ),
        ),
      ),
    },
  };
}

/** The verdict on the design in a sentence. */
export function verdict(design: TrialDesign, replicates: number): string {
  if (!design.fits)
    return 'There is no room for these strips: fewer replicates, narrower strips, or a smaller margin.';
  const chance = Math.round(design.power * 100);
  const spots = `${design.spotsPerStrip} ${design.spotsPerStrip === 1 ? 'spot' : 'spots'} in each strip`;
  if (design.power >= 0.8) {
    return `${replicates} blocks with ${spots} show it ${chance} times of 100.`;
  }
  const needed =
    design.replicatesNeeded === null
      ? 'no number of blocks up to 20 would'
      : `${design.replicatesNeeded} blocks would`;
  return `${replicates} blocks with ${spots} show it only ${chance} times of 100; ${needed}.`;
}
