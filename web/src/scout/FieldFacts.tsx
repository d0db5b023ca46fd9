import { useId } from 'react';
import { Choice } from '../ground/Choice';
import { NumberField } from '../ground/NumberField';
import { TextField } from '../ground/TextField';
import type { FieldForm } from './fieldForm';
import { CROPS } from './words';

type Props = {
  form: FieldForm;
  onChange: (change: Partial<FieldForm>) => void;
  at: (path: string) => string | undefined;
};

const YES_NO = [
  { word: 'yes', label: 'Yes' },
  { word: 'no', label: 'No' },
];

const CLIMATES = [
  { word: 'humid', label: 'Humid', sentence: 'More rain than the land gives back over the year.' },
  { word: 'arid', label: 'Arid', sentence: 'The land would give back more than it gets: salts stay.' },
];

/** What sums and causes ask of a field beside its soil. Each may be left open: not known. */
export function FieldFacts({ form, onChange, at }: Props) {
  const crop = useId();
  return (
    <div className="grid gap-4">
      <div>
        <label htmlFor={crop} className="mb-1 block font-medium">
          Crop
        </label>
        <select
          id={crop}
          className="w-full"
          value={form.crop}
          onChange={(event) => onChange({ crop: event.target.value })}
        >
          <option value="">not said</option>
          {CROPS.map((word) => (
            <option key={word} value={word}>
              {word.replaceAll('-', ' ')}
            </option>
          ))}
        </select>
        <p className="mt-1 text-sm text-faded">
          {at('/crop') ?? 'How much salt and acid it bears and how deep it roots go by the crop.'}
        </p>
      </div>
      <Choice
        label="Climate"
        options={CLIMATES}
        value={form.climate}
        onChange={(climate) => onChange({ climate })}
        error={at('/climate')}
        optional
      />
      <Choice
        label="Coastal, reclaimed, mine or peat ground"
        options={YES_NO}
        value={form.coastal}
        onChange={(coastal) => onChange({ coastal })}
        hint="Such ground may hold sulphides that turn to acid when it is drained."
        optional
      />
      {form.coastal === 'yes' && (
        <TextField
          label="Sulphide test to drain depth, clear on"
          type="date"
          value={form.sulphideClearOn}
          onChange={(sulphideClearOn) => onChange({ sulphideClearOn })}
          error={at('/sulphideClearOn')}
          hint="Until a laboratory has said so, drains are kept from this ground."
        />
      )}
      <Choice
        label="A rain garden is meant here"
        options={YES_NO}
        value={form.rainGarden}
        onChange={(rainGarden) => onChange({ rainGarden })}
        error={at('/purpose')}
        optional
      />
      <fieldset>
        <legend className="font-medium">From where water would be let in</legend>
        <div className="mt-1 grid grid-cols-[repeat(auto-fit,minmax(9rem,1fr))] items-end gap-3">
          <NumberField
            label="to a building"
            unit="m"
            value={form.building}
            onChange={(building) => onChange({ building })}
            error={at('/buildingM')}
          />
          <NumberField
            label="to a drinking-water well"
            unit="m"
            value={form.well}
            onChange={(well) => onChange({ well })}
            error={at('/wellM')}
          />
          <NumberField
            label="to a septic field"
            unit="m"
            value={form.septic}
            onChange={(septic) => onChange({ septic })}
            error={at('/septicM')}
          />
        </div>
      </fieldset>
    </div>
  );
}
