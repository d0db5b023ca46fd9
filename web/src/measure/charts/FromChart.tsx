import { useRef, useState } from 'react';
import { sentence } from '../../api/problem';
import type { KitChart, MethodField } from '../../api/types';
import { askCore } from '../../device/core';
import { answered } from '../../device/withoutSignal';
import { Fault } from '../../ground/Fault';
import { show } from '../../ground/format';
import type { Values } from '../draft';
import { type ChartRead, quantityOf, taken, useKitCharts } from './charts';

type Props = { method: string; field: MethodField; onTake: (values: Values) => void };

/** A figure by a kit's printed colours: a step is tapped, or between two, or the colour itself is given. */
export function FromChart({ method, field, onTake }: Props) {
  const quantity = quantityOf(method, field);
  const charts = (useKitCharts().data ?? []).filter((chart) => chart.quantity === quantity);
  const [open, setOpen] = useState<string | null>(null);
  // The figure comes a moment after the tap: what was entered meanwhile stands.
  const take = useRef(onTake);
  take.current = onTake;
  if (quantity === null || charts.length === 0) return null;
  const chart = charts.find((one) => one.id === open);
  if (!chart) {
    return (
      <div className="flex flex-wrap gap-x-5">
        {charts.map((one) => (
          <button
            type="button"
            key={one.id}
            className="link min-h-11 text-base"
            onClick={() => setOpen(one.id)}
          >
            Read it by “{one.name}”
          </button>
        ))}
      </div>
    );
  }
  return (
    <OnChart
      chart={chart}
      onRead={(read) => {
        take.current(taken(method, field, chart, read));
        setOpen(null);
      }}
      onLeave={() => setOpen(null)}
    />
  );
}

type OnChartProps = { chart: KitChart; onRead: (read: ChartRead) => void; onLeave: () => void };

function OnChart({ chart, onRead, onLeave }: OnChartProps) {
  const [fault, setFault] = useState<string | null>(null);
  const [colour, setColour] = useState('');

  async function read(by: { step: number } | { between: number; share: number } | { colour: string }) {
    try {
      onRead(answered(await askCore('readChart', { steps: chart.steps, ...by })) as ChartRead);
    } catch (error) {
      setFault(sentence(error));
    }
  }

  return (
    <div className="grid gap-2 border-t border-rule pt-2" role="group" aria-label={chart.name}>
      <p className="text-base">Tap the step it matches, or the line between two.</p>
      <ol>
        {chart.steps.map((step, i) => (
          <li key={step.value}>
            <button
              type="button"
              className="grid min-h-12 w-full grid-cols-[4.5rem_1fr] items-center gap-4 text-left"
              onClick={() => void read({ step: i })}
            >
              <span className="h-11 rounded-md border border-edge" style={{ background: step.swatch }} />
              <span>
                <span className="num text-xl">{show(step.value, 2)}</span> {chart.unit}
                {step.label && <span className="text-faded">, {step.label}</span>}
              </span>
            </button>
            {i + 1 < chart.steps.length && (
              <button
                type="button"
                className="grid min-h-8 w-full grid-cols-[4.5rem_1fr] items-center gap-4 text-left text-sm text-faded"
                aria-label={`Between ${show(step.value, 2)} and ${show(chart.steps[i + 1]?.value, 2)}`}
                onClick={() => void read({ between: i, share: 0.5 })}
              >
                <span className="mx-auto h-px w-12 bg-edge" />
                between
              </button>
            )}
          </li>
        ))}
      </ol>
      <div className="flex flex-wrap items-end gap-3">
        <label className="block">
          <span className="mb-1 block text-sm text-faded">Or the colour itself</span>
          <input
            type="color"
            className="h-12 w-24 p-1"
            value={colour === '' ? (chart.steps[0]?.swatch.toLowerCase() ?? '#888888') : colour}
            onChange={(event) => setColour(event.target.value)}
          />
        </label>
        <button
          type="button"
          className="button"
          disabled={colour === ''}
          onClick={() => void read({ colour: colour.toUpperCase() })}
        >
          Read this colour
        </button>
        <button type="button" className="link min-h-12" onClick={onLeave}>
          leave it
        </button>
      </div>
      <Fault text={fault} />
    </div>
  );
}
