import { useState } from 'react';
import { sentence } from '../../api/problem';
import type { MethodField } from '../../api/types';
import { askCore } from '../../device/core';
import { answered } from '../../device/withoutSignal';
import { Fault } from '../../ground/Fault';
import { show } from '../../ground/format';
import { NumberField } from '../../ground/NumberField';
import { parse } from '../../ground/units';
import type { Values } from '../draft';
import { type At, Mark, OnPicture, usePicturesOf } from '../pictures/OnPicture';
import type { TogetherProps } from './grouped';

/** A jar's field by its mark on the picture, and where the mark waits before it is dragged. */
const MARKS: Record<string, { mark: string; y: number }> = {
  baseMm: { mark: 'base', y: 0.82 },
  sandTopMm: { mark: 'sandTop', y: 0.66 },
  siltTopMm: { mark: 'siltTop', y: 0.54 },
  clayTopMm: { mark: 'clayTop', y: 0.46 },
  waterHeightMm: { mark: 'water', y: 0.2 },
};

/** Heights off a photograph of the jar: a known height gives the scale, the marks are dragged to where they belong. */
export function JarOnPicture({ whole, place, method, fields, onChange }: TogetherProps) {
  const all = usePicturesOf(whole, place, method.id);
  const [chosen, setChosen] = useState<string | null>(null);
  const [known, setKnown] = useState<{ from: At; to: At; mm: string }>({
    from: [0.3, 0.86],
    to: [0.3, 0.14],
    mm: '',
  });
  const [table, setTable] = useState<At>([0.5, 0.86]);
  const [marks, setMarks] = useState<Record<string, At>>({});
  const [aspect, setAspect] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const shown = all.find((one) => one.id === chosen) ?? all.at(-1);
  if (!shown) return null;
  const at = (field: MethodField): At => marks[field.key] ?? [0.5, MARKS[field.key]?.y ?? 0.5];

  async function measure() {
    const mm = parse(known.mm, 'mm');
    try {
      const heights = answered(
        await askCore('jar', {
          aspect,
          known: { from: known.from, to: known.to, mm: mm.ok ? mm.value : null },
          marks: {
            table,
            ...Object.fromEntries(fields.map((field) => [MARKS[field.key]?.mark ?? '', at(field)])),
          },
        }),
      ) as Values;
      onChange(Object.fromEntries(fields.map((field) => [field.key, show(Number(heights[field.key]), 1)])));
      setFault(null);
    } catch (error) {
      setFault(sentence(error));
    }
  }

  return (
    <details className="border-t border-rule pt-2">
      <summary className="link flex min-h-11 cursor-pointer items-center">Mark it on the photograph</summary>
      <div className="mt-2 grid gap-3">
        <p className="text-base">
          Drag the two ends to a height you know, the table to where the jar stands, each mark to its line.
        </p>
        <OnPicture shown={shown} all={all} onChoose={setChosen} onAspect={setAspect}>
          {(high) => (
            <>
              <path
                d={`M${known.from[0] * 1000} ${known.from[1] * high}L${known.to[0] * 1000} ${known.to[1] * high}`}
                stroke="var(--act)"
                strokeWidth="5"
              />
              {(['from', 'to'] as const).map((end) => (
                <Mark
                  key={end}
                  at={known[end]}
                  label={end === 'from' ? 'Known height, foot' : 'Known height, top'}
                  high={high}
                  onMove={(to) => setKnown({ ...known, [end]: to })}
                >
                  <circle r="34" fill="transparent" />
                  <circle r="18" fill="var(--act)" stroke="var(--on-act)" strokeWidth="4" />
                </Mark>
              ))}
              <Line at={table} label="The table" high={high} onMove={setTable} />
              {fields.map((field) => (
                <Line
                  key={field.key}
                  at={at(field)}
                  label={field.label}
                  high={high}
                  onMove={(to) => setMarks({ ...marks, [field.key]: to })}
                />
              ))}
            </>
          )}
        </OnPicture>
        <div className="grid grid-cols-2 items-end gap-3">
          <NumberField
            label="The known height"
            unit="mm"
            value={known.mm}
            onChange={(mm) => setKnown({ ...known, mm })}
            big
          />
          <button type="button" className="button" disabled={aspect === null} onClick={() => void measure()}>
            Take these heights
          </button>
        </div>
        <Fault text={fault} />
      </div>
    </details>
  );
}

/** A level line with its name, dragged by its middle. */
function Line({
  at,
  label,
  high,
  onMove,
}: {
  at: At;
  label: string;
  high: number;
  onMove: (at: At) => void;
}) {
  return (
    <Mark at={at} label={label} high={high} onMove={onMove}>
      <rect x="-260" y="-30" width="520" height="60" fill="transparent" />
      <path d="M-240 0H240" stroke="var(--paper)" strokeWidth="9" />
      <path d="M-240 0H240" stroke="var(--warn)" strokeWidth="4" />
      <text
        x="250"
        y="12"
        fontSize="34"
        fill="var(--warn)"
        stroke="var(--paper)"
        strokeWidth="7"
        paintOrder="stroke"
      >
        {label}
      </text>
    </Mark>
  );
}
