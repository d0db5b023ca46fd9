import type { Refusal } from '../api/problem';
import type { LandField, LandFieldBody } from '../api/types';
import { parse } from '../ground/units';

/** What is known of a field, as typed: an empty word is not known. */
export type FieldForm = {
  name: string;
  use: string;
  texture: string;
  clay: string;
  crop: string;
  rainGarden: string;
  climate: string;
  coastal: string;
  building: string;
  well: string;
  septic: string;
  sulphideClearOn: string;
  school: string;
  yardstick: string;
};

export const NOTHING_KNOWN: FieldForm = {
  name: '',
  use: '',
  texture: '',
  clay: '',
  crop: '',
  rainGarden: '',
  climate: '',
  coastal: '',
  building: '',
  well: '',
  septic: '',
  sulphideClearOn: '',
  school: '',
  yardstick: '',
};

export function formOf(field: LandField): FieldForm {
  const number = (value: number | null) => (value === null ? '' : String(value));
  return {
    name: field.name,
    use: field.use,
    texture: field.texture ?? '',
    clay: number(field.clayPercent),
    crop: field.crop ?? '',
    rainGarden: field.purpose === 'rain-garden' ? 'yes' : '',
    climate: field.climate ?? '',
    coastal: field.coastal === null ? '' : field.coastal ? 'yes' : 'no',
    building: number(field.buildingM),
    well: number(field.wellM),
    septic: number(field.septicM),
    sulphideClearOn: field.sulphideClearOn ?? '',
    school: field.school,
    yardstick: field.yardstickId ?? '',
  };
}

type Known = Omit<
  LandFieldBody,
  'holdingId' | 'mainZoneId' | 'outline' | 'gate' | 'water' | 'avoid' | 'timeZone' | 'version'
>;

/** What is sent of it, with what could not be read as a number. */
export function knownOf(form: FieldForm): { known: Known; unread: Refusal[] } {
  const unread: Refusal[] = [];
  const number = (typed: string, unit: string, path: string): number | null => {
    if (typed.trim() === '') return null;
    const parsed = parse(typed, unit);
    if (parsed.ok) return parsed.value;
    unread.push({ path, code: 'wrong-type', text: parsed.text });
    return null;
  };
  return {
    known: {
      name: form.name,
      // The server says what it misses.
      use: form.use || (null as unknown as string),
      texture: form.texture || null,
      clayPercent: number(form.clay, '%', '/clayPercent'),
      crop: form.crop || null,
      purpose: form.rainGarden === 'yes' ? 'rain-garden' : null,
      climate: form.climate || null,
      coastal: form.coastal === '' ? null : form.coastal === 'yes',
      buildingM: number(form.building, 'm', '/buildingM'),
      wellM: number(form.well, 'm', '/wellM'),
      septicM: number(form.septic, 'm', '/septicM'),
      sulphideClearOn: form.sulphideClearOn || null,
      school: form.school || null,
      yardstickId: form.yardstick || null,
    },
    unread,
  };
}
