import type { FieldTrial, LandField, TrialDesign, TrialJudged } from '../../api/types';
import { signed } from '../../ground/format';

export type TrialForm = {
  /** Beside what is left as it is. */
  treatments: string;
  replicates: string;
  stripM: string;
  marginM: string;
  difference: string;
  spotSd: string;
};

export const USUAL: TrialForm = {
  treatments: '1',
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
    treatments: 1 + number(form.treatments),
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
  if (!whole || !Number.isInteger(asked.replicates) || !Number.isInteger(asked.treatments)) return null;
  const ring = (corners: LandField['outline']) => {
    const places = corners.map((corner) => [corner.lon, corner.lat]);
    return { type: 'Polygon', coordinates: [[...places, places[0] ?? []]] };
  };
  return { ...asked, polygon: ring(field.outline), avoid: field.avoid.map(ring) };
}

/** How many treatments a design has, what is left as it is among them. */
export function treatmentsOf(design: TrialDesign): number {
  return 1 + Math.max(1, ...design.strips.map((strip) => strip.treatment));
}

/** One letter for a treatment: U for untreated, T for treated, A, B, C where there are several. */
export function letterOf(treatment: number, of: number): string {
  if (treatment === 0) return 'U';
  return of === 2 ? 'T' : (['A', 'B', 'C', 'D', 'E'][treatment - 1] ?? String(treatment));
}

/** What a treatment is called before anybody named it. */
export function treatmentName(treatment: number, of: number): string {
  if (treatment === 0) return 'untreated';
  return of === 2 ? 'treated' : `treatment ${letterOf(treatment, of)}`;
}

export function stripName(strip: { treatment: number; block: number }, of: number): string {
  return `block ${strip.block + 1}, ${treatmentName(strip.treatment, of)}`;
}

/** Where the strips lie, and the spots in them by their strip, for a machine's guidance and for the spots of the field. */
export function asGeoJson(design: TrialDesign): { strips: object; spots: object } {
  const of = treatmentsOf(design);
  const feature = (geometry: object, properties: object) => ({ type: 'Feature', geometry, properties });
  return {
    strips: {
      type: 'FeatureCollection',
      features: design.strips.map((strip) =>
        feature(strip.polygon, {
          name: stripName(strip, of),
          treatment: treatmentName(strip.treatment, of),
        }),
      ),
    },
    spots: {
      type: 'FeatureCollection',
      features: design.strips.flatMap((strip) =>
        strip.spots.map((at, i) =>
          feature(
            { type: 'Point', coordinates: at },
            {
              label: `${strip.block + 1}${letterOf(strip.treatment, of)}${i + 1}`,
              zone: stripName(strip, of),
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

type Corner = { lat: number; lon: number };

export type TrialBody = {
  fieldId: string;
  name: string;
  treatments: string[];
  begunOn: string | null;
  endedOn: string | null;
  strips: {
    treatment: number;
    block: number;
    zoneId: string;
    polygon: Corner[];
    spots?: (Corner & { id: string })[];
  }[];
  version: number;
};

/** A design as a trial of its own, each strip with an id for its zone and each spot with one. */
export function layOut(
  design: TrialDesign,
  of: { fieldId: string; name: string; treated: string[] },
  id: () => string,
): TrialBody {
  const corner = ([lon = 0, lat = 0]: number[]) => ({ lat, lon });
  return {
    fieldId: of.fieldId,
    name: of.name.trim(),
    treatments: ['left as it is', ...of.treated.map((one) => one.trim())],
    begunOn: null,
    endedOn: null,
    strips: design.strips.map((strip) => ({
      treatment: strip.treatment,
      block: strip.block,
      zoneId: id(),
      // The ring's last corner is its first.
      polygon: ((strip.polygon.coordinates as number[][][])[0] ?? []).slice(0, -1).map(corner),
      spots: strip.spots.map((at) => ({ ...corner(at), id: id() })),
    })),
    version: 0,
  };
}

/** The same trial with other days; its strips stay where they are. */
export function changed(trial: FieldTrial, days: { begunOn?: string; endedOn?: string }): TrialBody {
  const { fieldId, name, treatments, begunOn, endedOn, strips, version } = trial;
  return { fieldId, name, treatments, begunOn, endedOn, strips, version, ...days };
}

const SAID: Record<string, string> = {
  better: 'better',
  worse: 'worse',
  'no-clear-difference': 'no clear difference',
  'one-block': 'one block cannot tell',
};

/** One method's verdict in a sentence: how much better, how sure, in how many blocks. */
export function saidOf(of: TrialJudged['methods'][number], treated: string): string {
  const blocks = `${of.blocks.length} ${of.blocks.length === 1 ? 'block' : 'blocks'}`;
  const by = `${signed(of.difference, 0)} points`;
  const between =
    of.low === null ? '' : `, between ${signed(of.low, 0)} and ${signed(of.high ?? 0, 0)} nine times of ten`;
  return `${treated}: ${SAID[of.verdict] ?? of.verdict}. ${by}${between}, in ${blocks}.`;
}

/** What is to be done next with a trial, in a sentence. */
export function nextOf(trial: FieldTrial): string {
  const read = trial.verdicts.length > 0;
  if (trial.endedOn) return 'Ended.';
  if (!trial.begunOn) {
    return read
      ? 'Read once. Now the treatments can be given: say on which day.'
      : 'Laid out. Read every strip once before anything is done: each is a zone of its own, without its treatment’s name.';
  }
  const after = trial.verdicts.some((one) => !one.before);
  return after
    ? 'Read since; each further season makes it surer.'
    : 'Begun. When the treatment can show, the strips come due among the retests.';
}
