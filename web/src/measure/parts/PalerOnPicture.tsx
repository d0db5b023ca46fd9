import { useState } from 'react';
import { sentence } from '../../api/problem';
import { askAboutPicture } from '../../device/core';
import { answered } from '../../device/withoutSignal';
import { Fault } from '../../ground/Fault';
import { show, signed } from '../../ground/format';
import type { Values } from '../draft';
import { type At, Mark, OnPicture, usePicturesOf } from '../pictures/OnPicture';
import { pictureOf, type Shown } from '../pictures/usePictures';
import type { TogetherProps } from './grouped';

type Area = 'left' | 'right' | 'field' | 'reference';
type Found = { fieldValue: number; referenceValue: number; paler: number; plusMinus: number };

const NAMES: Record<Area, string> = {
  left: 'Grey card, left',
  right: 'Grey card, right',
  field: 'Field',
  reference: 'Reference',
};
/** Each area is a square of so much of the picture's width. */
const SIDE = 0.12;

/** The difference in value off one photograph, by a grey card in it, better by two; hue and chroma stay with the eye. */
export function PalerOnPicture({ whole, place, method, values, onChange }: TogetherProps) {
  const all = usePicturesOf(whole, place, method.id);
  const [chosen, setChosen] = useState<string | null>(null);
  const [two, setTwo] = useState(true);
  const [aspect, setAspect] = useState(1);
  const [areas, setAreas] = useState<Record<Area, At>>({
    left: [0.1, 0.5],
    field: [0.38, 0.5],
    reference: [0.62, 0.5],
    right: [0.9, 0.5],
  });
  const [found, setFound] = useState<Found | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const shown = all.find((one) => one.id === chosen) ?? all.at(-1);
  if (!shown) return null;
  const used: Area[] = two ? ['left', 'field', 'reference', 'right'] : ['left', 'field', 'reference'];

  async function measure(of: Shown) {
    const square = (area: Area) => {
      const [x, y] = areas[area];
      const [width, height] = [SIDE, SIDE / aspect];
      return {
        x: Math.min(1 - width, Math.max(0, x - width / 2)),
        y: Math.min(1 - height, Math.max(0, y - height / 2)),
        width,
        height,
      };
    };
    try {
      const picture = await createImageBitmap(await pictureOf(of));
      const asked = {
        cards: two ? [square('left'), square('right')] : [square('left')],
        cardReflectance: 0.18,
        field: square('field'),
        reference: square('reference'),
      };
      setFound(answered(await askAboutPicture('paler', picture, asked)) as Found);
      setFault(null);
    } catch (error) {
      setFound(null);
      setFault(sentence(error));
    }
  }

  /** A reading takes whole values and halves. */
  const half = (value: number) => String(Math.round(value * 2) / 2);

  function takeValues(of: Found) {
    onChange({
      field: { ...((values.field as Values | undefined) ?? {}), value: half(of.fieldValue) },
      reference: { ...((values.reference as Values | undefined) ?? {}), value: half(of.referenceValue) },
    });
  }

  return (
    <details className="border-t border-rule pt-2">
      <summary className="link flex min-h-11 cursor-pointer items-center">
        How much paler, by the photograph
      </summary>
      <div className="mt-2 grid gap-3">
        <p className="text-base">
          Both soils moist and without shine, in open shade, a grey card (18 %) beside them, better one at
          each side. Drag each square onto its own.
        </p>
        <OnPicture shown={shown} all={all} onChoose={setChosen} onAspect={setAspect}>
          {(high) =>
            used.map((area) => (
              <Mark
                key={area}
                at={areas[area]}
                label={NAMES[area]}
                high={high}
                onMove={(to) => setAreas({ ...areas, [area]: to })}
              >
                <rect
                  x={-500 * SIDE}
                  y={-500 * SIDE}
                  width={1000 * SIDE}
                  height={1000 * SIDE}
                  fill="transparent"
                  stroke="var(--paper)"
                  strokeWidth="8"
                />
                <rect
                  x={-500 * SIDE}
                  y={-500 * SIDE}
                  width={1000 * SIDE}
                  height={1000 * SIDE}
                  fill="transparent"
                  stroke="var(--act)"
                  strokeWidth="4"
                />
                <text
                  y={-500 * SIDE - 12}
                  fontSize="30"
                  textAnchor="middle"
                  fill="var(--act)"
                  stroke="var(--paper)"
                  strokeWidth="7"
                  paintOrder="stroke"
                >
                  {NAMES[area]}
                </text>
              </Mark>
            ))
          }
        </OnPicture>
        <div className="flex flex-wrap items-center gap-4">
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-6 min-h-0"
              checked={two}
              onChange={(event) => setTwo(event.target.checked)}
            />
            two cards
          </label>
          <button type="button" className="button" onClick={() => void measure(shown)}>
            Read it
          </button>
        </div>
        {found && (
          <div className="flex flex-wrap items-center gap-4" role="status">
            <span>
              Field {show(found.fieldValue)}, reference {show(found.referenceValue)}: paler by{' '}
              <strong className="num">{signed(found.paler)}</strong> ± {show(found.plusMinus)}
            </span>
            <button type="button" className="button" onClick={() => takeValues(found)}>
              Take these values
            </button>
          </div>
        )}
        <Fault text={fault} />
      </div>
    </details>
  );
}
