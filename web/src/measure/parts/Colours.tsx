import type { MethodField } from '../../api/types';
import { SOIL_HUES, swatch } from '../../ground/munsell';
import { NumberField } from '../../ground/NumberField';
import { TextField } from '../../ground/TextField';
import type { Values } from '../draft';
import type { TogetherProps } from './grouped';
import { PalerOnPicture } from './PalerOnPicture';

/** Soil beside its reference: two notations side by side, each by steps. */
export function Colours(props: TogetherProps) {
  const { fields, path, values, onChange, errorAt } = props;
  return (
    <>
      <div className="grid grid-cols-2 gap-x-5 gap-y-4">
        {fields.map((field) => (
          <One
            key={field.key}
            field={field}
            path={`${path}/${field.key}`}
            colour={(values[field.key] as Values | undefined) ?? {}}
            onChange={(change) =>
              onChange({ [field.key]: { ...((values[field.key] as Values | undefined) ?? {}), ...change } })
            }
            errorAt={errorAt}
          />
        ))}
      </div>
      <PalerOnPicture {...props} />
    </>
  );
}

type OneProps = {
  field: MethodField;
  path: string;
  colour: Values;
  onChange: (change: Values) => void;
  errorAt: TogetherProps['errorAt'];
};

function One({ field, path, colour, onChange, errorAt }: OneProps) {
  const hue = String(colour.hue ?? '');
  const tint = swatch(hue, Number(colour.value), Number(colour.chroma));
  const place = SOIL_HUES.indexOf(hue.toUpperCase());
  return (
    <fieldset className="grid content-start gap-4">
      <legend className="mb-2 font-medium">{field.label}</legend>
      <svg viewBox="0 0 120 60" className="w-full" aria-hidden="true">
        <rect
          x="1"
          y="1"
          width="118"
          height="58"
          rx="8"
          fill={tint ?? 'none'}
          stroke="var(--edge)"
          strokeDasharray={tint ? undefined : '5 5'}
        />
      </svg>
      <div>
        <TextField
          label="Hue"
          value={hue}
          onChange={(to) => onChange({ hue: to })}
          error={errorAt(`${path}/hue`)}
          hint="Such as 10YR."
        />
        <Steps
          what={`${field.label}, hue`}
          less="redder"
          more="yellower"
          onLess={place === 0 ? null : () => onChange({ hue: SOIL_HUES[place < 0 ? 3 : place - 1] })}
          onMore={
            place === SOIL_HUES.length - 1
              ? null
              : () => onChange({ hue: SOIL_HUES[place < 0 ? 4 : place + 1] })
          }
        />
      </div>
      {field.fields
        .filter((inner) => inner.key !== 'hue')
        .map((inner) => {
          const now = Number(colour[inner.key]);
          const typed = colour[inner.key] !== undefined && colour[inner.key] !== '' && Number.isFinite(now);
          const { min, max } = inner.range ?? { min: 0, max: 10 };
          const by = (step: number) =>
            onChange({
              [inner.key]: String(Math.min(max, Math.max(min, typed ? now + step : (min + max) / 2))),
            });
          return (
            <div key={inner.key}>
              <NumberField
                label={inner.label}
                unit={inner.unit}
                value={String(colour[inner.key] ?? '')}
                onChange={(to) => onChange({ [inner.key]: to })}
                error={errorAt(`${path}/${inner.key}`)}
                big
              />
              <Steps
                what={`${field.label}, ${inner.label.toLowerCase()}`}
                less={inner.key === 'value' ? 'darker' : 'duller'}
                more={inner.key === 'value' ? 'lighter' : 'brighter'}
                onLess={typed && now <= min ? null : () => by(-0.5)}
                onMore={typed && now >= max ? null : () => by(0.5)}
              />
            </div>
          );
        })}
    </fieldset>
  );
}

type StepsProps = {
  what: string;
  less: string;
  more: string;
  onLess: (() => void) | null;
  onMore: (() => void) | null;
};

function Steps({ what, less, more, onLess, onMore }: StepsProps) {
  return (
    <div className="mt-1 grid grid-cols-2 gap-2">
      {[
        { word: less, go: onLess },
        { word: more, go: onMore },
      ].map(({ word, go }) => (
        <button
          key={word}
          type="button"
          className="button min-w-0 px-1 text-base"
          aria-label={`${what}: ${word}`}
          disabled={go === null}
          onClick={() => go?.()}
        >
          {word}
        </button>
      ))}
    </div>
  );
}
