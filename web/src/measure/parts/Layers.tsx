import { useState } from 'react';
import { Across } from '../../ground/Axis';
import { dragged } from '../../ground/dragged';
import { show } from '../../ground/format';
import { sayMine } from '../../ground/myUnits';
import { NumberField } from '../../ground/NumberField';
import { depthScale } from '../../ground/scale';
import { SHAPE_TILES } from '../../ground/soilShapes';
import { isEmpty, type Values } from '../draft';
import type { EntryProps } from '../entry';
import { FieldEntry } from '../FieldEntry';
import { bounds, moved, oneMore, without } from './bounds';

const TALL = 300;
const TOP = 12;
const TONES = ['var(--soil-top)', 'var(--soil-mid)', 'var(--soil-deep)'];

/** Block and pit: boundaries are dragged on a depth ruler, then each layer is judged by tapping. */
export function Layers(props: EntryProps) {
  const { field, path, value, onChange, errorAt, draft } = props;
  const layers = (value as Values[] | undefined) ?? [];
  const [chosen, setChosen] = useState(0);
  const whole =
    Number(draft.values.depthCm) || (field.fields.some((inner) => inner.key === 'resistanceKpa') ? 100 : 25);
  const all = bounds(layers, whole);
  const y = depthScale(Math.max(whole, ...all.map((one) => one.bottomCm)), TALL, TOP);
  const open = Math.min(chosen, layers.length - 1);
  const layer = layers[open];
  const scales = field.fields.filter((inner) => inner.key !== 'topCm' && inner.key !== 'bottomCm');

  return (
    <fieldset className="grid gap-4">
      <legend className="font-medium">{field.label}: drag each boundary to where it changes</legend>
      {errorAt(path) && <p className="text-warn">{errorAt(path)}</p>}
      <div className="grid grid-cols-[9.5rem_1fr] gap-4 desk:grid-cols-[13rem_1fr]">
        <svg
          viewBox={`0 0 150 ${TALL + TOP + 14}`}
          className="w-full select-none"
          aria-label="Layers by depth, cm"
        >
          <Across scale={y} from={34} to={124} />
          {all.map((one, i) => (
            <g key={i} onPointerDown={() => setChosen(i)} className="cursor-pointer">
              <rect
                x="36"
                y={y(one.topCm)}
                width="80"
                height={Math.max(0, y(one.bottomCm) - y(one.topCm))}
                fill={TONES[i % TONES.length]}
                stroke={i === open ? 'var(--act)' : 'none'}
                strokeWidth="3"
              />
              {y(one.bottomCm) - y(one.topCm) > 44 && (
                <svg
                  x="46"
                  y={(y(one.topCm) + y(one.bottomCm)) / 2 - 22}
                  width="60"
                  height="44"
                  viewBox="0 0 60 44"
                >
                  {SHAPE_TILES[String(layers[i]?.shape ?? '')]}
                </svg>
              )}
            </g>
          ))}
          <path d="M30 12H124" stroke="var(--ink)" strokeWidth="2.4" />
          {all.map((one, i) => (
            <g key={i}>
              <path
                d={`M34 ${y(one.bottomCm)}H124`}
                stroke="var(--ink)"
                strokeWidth="2"
                strokeDasharray={one.set ? undefined : '5 5'}
              />
              <g
                {...dragged({
                  at: (_, py) => ((py - TOP) / TALL) * y.domain[1],
                  value: one.bottomCm,
                  min: 0.5,
                  max: 300,
                  step: 0.5,
                  downward: true,
                  onMove: (to) => onChange(moved(layers, i, to, whole)),
                })}
                aria-label={`Layer ${i + 1} ends at, cm`}
              >
                <circle cx="128" cy={y(one.bottomCm)} r="22" fill="transparent" />
                <circle cx="128" cy={y(one.bottomCm)} r="13" fill="var(--act)" />
                <path
                  d={`M124 ${y(one.bottomCm) - 2}l4 -4 4 4M124 ${y(one.bottomCm) + 2}l4 4 4 -4`}
                  fill="none"
                  stroke="var(--on-act)"
                  strokeWidth="1.8"
                />
              </g>
            </g>
          ))}
        </svg>
        <ul className="grid content-start gap-2">
          {layers.map((one, i) => (
            <li key={i}>
              <button
                type="button"
                aria-pressed={i === open}
                className={`grid min-h-14 w-full content-center border-l-4 pl-3 text-left leading-tight ${i === open ? 'border-act' : 'border-rule'}`}
                onClick={() => setChosen(i)}
              >
                <span className="num font-semibold">
                  {all[i]?.set
                    ? sayMine(`${show(all[i]?.topCm)} to ${show(all[i]?.bottomCm)} cm`)
                    : `layer ${i + 1}`}
                </span>
                <span className="text-base text-faded">{judged(scales, one)}</span>
              </button>
            </li>
          ))}
          <li>
            <button
              type="button"
              className="link min-h-11"
              onClick={() => {
                onChange(oneMore(layers));
                setChosen(layers.length);
              }}
            >
              One layer more
            </button>
          </li>
        </ul>
      </div>
      {layer && (
        <fieldset className="grid gap-5 border-t border-rule pt-3">
          <legend className="sr-only">
            {field.label} {open + 1}
          </legend>
          <div className="flex flex-wrap items-end gap-4">
            <div className="w-40">
              <NumberField
                label={`Layer ${open + 1} down to`}
                unit="cm"
                value={String(layer.bottomCm ?? '')}
                onChange={(typed) =>
                  onChange(
                    layers.map((one, n) => ({
                      ...one,
                      ...(n === 0 && { topCm: '0' }),
                      ...(n === open && { bottomCm: typed }),
                      ...(n === open + 1 && { topCm: typed }),
                    })),
                  )
                }
                error={errorAt(`${path}/${open}/bottomCm`) ?? errorAt(`${path}/${open}/topCm`)}
                big
              />
            </div>
            {layers.length > 1 && (
              <button type="button" className="link min-h-14" onClick={() => onChange(without(layers, open))}>
                take it out
              </button>
            )}
          </div>
          {scales.map((inner) => (
            <FieldEntry
              {...props}
              key={inner.key}
              field={inner}
              path={`${path}/${open}/${inner.key}`}
              value={layer[inner.key]}
              onChange={(to) =>
                onChange(layers.map((one, n) => (n === open ? { ...one, [inner.key]: to } : one)))
              }
            />
          ))}
          {open + 1 < layers.length && (
            <button type="button" className="button" onClick={() => setChosen(open + 1)}>
              This layer is right: the next
            </button>
          )}
        </fieldset>
      )}
    </fieldset>
  );
}

/** What was said of a layer, in its words; what is still to be said. */
function judged(scales: EntryProps['field'][], layer: Values): string {
  const said = scales
    .filter((scale) => !isEmpty(layer[scale.key]))
    .map(
      (scale) =>
        scale.options.find((option) => option.word === layer[scale.key])?.label ?? String(layer[scale.key]),
    );
  return said.length === 0 ? 'not judged yet' : said.join(', ').toLowerCase();
}
