import type { Method } from '../api/types';
import { Crumb } from '../measure/drawings/kit/soil';
import { Tile } from '../measure/drawings/Scene';
import { coverOf, crumbsOf, fellOf, layerIn, layerOf, type Seen } from './eye';

type Props = { method: Method; seen: Seen; onSee: (seen: Seen) => void; locked: boolean };

/** What the eye says: shares moved by hand, or steps of the bench's own drawings. */
export function Judging(props: Props) {
  if (props.method.id === 'ground-cover') return <CoverEye {...props} />;
  if (props.method.id === 'slaking') return <CrumbsEye {...props} />;
  return <LayerEye {...props} />;
}

function Share(props: {
  label: string;
  value: number;
  step: number;
  least?: number;
  locked: boolean;
  onChange: (value: number) => void;
}) {
  const { label, value, step, least = 0, locked, onChange } = props;
  return (
    <label className="grid grid-cols-[6.5rem_1fr_3.5rem] items-center gap-3">
      <span>{label}</span>
      <input
        type="range"
        className="min-h-11 w-full accent-act"
        min={least}
        max={100}
        step={step}
        value={value}
        disabled={locked}
        onChange={(event) => onChange(Number(event.target.value))}
      />
      <span className="num text-right">{value} %</span>
    </label>
  );
}

function CoverEye({ seen, onSee, locked }: Props) {
  const live = seen.live as number;
  const litter = seen.litter as number;
  return (
    <div>
      <Share
        label="Green"
        value={live}
        step={1}
        locked={locked}
        onChange={(to) => onSee(coverOf(to, litter))}
      />
      <Share
        label="Straw"
        value={litter}
        step={1}
        locked={locked}
        onChange={(to) => onSee(coverOf(live, to))}
      />
      <p className="grid grid-cols-[6.5rem_1fr_3.5rem] gap-3 text-faded">
        <span>Bare</span>
        <span />
        <span className="num text-right">{seen.bare as number} %</span>
      </p>
    </div>
  );
}

function CrumbsEye({ seen, onSee, locked }: Props) {
  const fell = fellOf(seen);
  return (
    <div>
      {fell.map((share, i) => (
        <div key={i} className="grid grid-cols-[3rem_1fr] items-center gap-2">
          <svg width="44" height="40" viewBox="-24 -24 48 44" aria-hidden="true">
            <Crumb x={0} y={4} fell={share} />
          </svg>
          <Share
            label={`Crumb ${i + 1} fell`}
            value={Math.round(share * 100)}
            step={5}
            least={5}
            locked={locked}
            onChange={(to) => onSee(crumbsOf(fell.map((one, other) => (other === i ? to / 100 : one))))}
          />
        </div>
      ))}
    </div>
  );
}

function LayerEye({ method, seen, onSee, locked }: Props) {
  const { shape, roots } = layerIn(seen);
  const fields = method.fields.find((one) => one.key === 'layers')?.fields ?? [];
  return (
    <>
      {fields
        .filter((field) => field.key === 'shape' || field.key === 'roots')
        .map((field) => (
          <fieldset key={field.key} disabled={locked}>
            <legend className="font-semibold">{field.label}</legend>
            <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-1">
              {field.options.map((option) => (
                <label
                  key={option.word}
                  className="flex min-h-14 items-center gap-2 rounded-md border border-transparent px-1 has-checked:border-act has-checked:font-semibold has-focus-visible:outline-2"
                >
                  <input
                    type="radio"
                    className="sr-only"
                    name={field.key}
                    checked={(field.key === 'shape' ? shape : roots) === option.word}
                    onChange={() =>
                      onSee(field.key === 'shape' ? layerOf(option.word, roots) : layerOf(shape, option.word))
                    }
                  />
                  <Tile method={method.id} field={field.key} word={option.word} />
                  {option.label}
                </label>
              ))}
            </div>
          </fieldset>
        ))}
    </>
  );
}
