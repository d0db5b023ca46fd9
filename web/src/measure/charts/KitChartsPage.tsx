import { useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { api, take } from '../../api/client';
import { newId } from '../../api/ids';
import { keys } from '../../api/keys';
import { refusals, sentence } from '../../api/problem';
import type { KitChart } from '../../api/types';
import { Choice } from '../../ground/Choice';
import { show } from '../../ground/format';
import { NumberField } from '../../ground/NumberField';
import { Show } from '../../ground/State';
import { TextField } from '../../ground/TextField';
import { parse } from '../../ground/units';
import { mayWrite, useMe } from '../../people/session';
import { QUANTITIES, useKitCharts } from './charts';

/** The practice's kits: each chart's printed steps with what they stand for, entered once. */
export default function KitChartsPage() {
  const charts = useKitCharts();
  const may = mayWrite(useMe());
  const [open, setOpen] = useState<KitChart | null>(null);
  return (
    <div className="mx-auto max-w-[56rem] py-2">
      <h1>Kit charts</h1>
      <p className="mt-1 text-lg text-faded">
        Enter a kit’s printed colours once; the bench then reads by them. A chart changed later changes no
        reading.
      </p>
      {open ? (
        <ChartForm key={`${open.id} ${open.version}`} chart={open} onDone={() => setOpen(null)} />
      ) : (
        <>
          <Show of={charts}>
            {(all) => (
              <ul className="mt-4">
                {all.map((chart) => (
                  <li key={chart.id} className="border-t border-rule py-4">
                    <div className="flex flex-wrap items-baseline gap-x-5">
                      <h2>{chart.name}</h2>
                      <span className="text-faded">
                        {QUANTITIES[chart.quantity] ?? chart.quantity}, {chart.kit}
                      </span>
                      {may && (
                        <button
                          type="button"
                          className="link ml-auto min-h-11"
                          onClick={() => setOpen(chart)}
                        >
                          Change it
                        </button>
                      )}
                    </div>
                    <Strip chart={chart} />
                  </li>
                ))}
                {all.length === 0 && <li className="py-4 text-lg">No chart yet.</li>}
              </ul>
            )}
          </Show>
          {may && (
            <button type="button" className="button button-main" onClick={() => setOpen(blank())}>
              A new chart
            </button>
          )}
        </>
      )}
    </div>
  );
}

function blank(): KitChart {
  const step = (value: number, swatch: string) => ({ value, label: null, swatch });
  return {
    id: newId(),
    name: '',
    kit: '',
    quantity: 'ph',
    unit: null,
    steps: [step(0, '#D2A43A'), step(1, '#4F8F52')],
    version: 0,
  };
}

/** The chart's colours side by side, each over what it stands for. */
function Strip({ chart }: { chart: KitChart }) {
  return (
    <ol className="mt-2 grid auto-cols-fr grid-flow-col gap-1" aria-label={`Steps of ${chart.name}`}>
      {chart.steps.map((step) => (
        <li key={step.value} className="min-w-0">
          <span className="block h-14 rounded-md border border-edge" style={{ background: step.swatch }} />
          <span className="num">{show(step.value, 2)}</span>{' '}
          <span className="text-sm text-faded">{step.label}</span>
        </li>
      ))}
    </ol>
  );
}

type StepTyped = { value: string; label: string; swatch: string };

function ChartForm({ chart, onDone }: { chart: KitChart; onDone: () => void }) {
  const queries = useQueryClient();
  const [form, setForm] = useState({
    name: chart.name,
    kit: chart.kit,
    quantity: chart.quantity,
    unit: chart.unit ?? '',
  });
  const [steps, setSteps] = useState<StepTyped[]>(() =>
    chart.steps.map((step) => ({ value: String(step.value), label: step.label ?? '', swatch: step.swatch })),
  );
  const [fault, setFault] = useState<unknown>(null);
  const at = (path: string) => refusals(fault).find((one) => one.path === path)?.text;
  const set = (i: number, change: Partial<StepTyped>) =>
    setSteps(steps.map((step, n) => (n === i ? { ...step, ...change } : step)));

  async function submit(event: FormEvent) {
    event.preventDefault();
    const body = {
      ...form,
      unit: form.unit.trim() || null,
      version: chart.version,
      steps: steps.map((step) => {
        const read = parse(step.value, form.unit.trim() || null);
        return {
          // What is no number is named by the server, at its place.
          value: read.ok ? read.value : (null as unknown as number),
          label: step.label.trim() || null,
          swatch: step.swatch.toUpperCase(),
        };
      }),
    };
    try {
      await take(api.PUT('/api/kit-charts/{id}', { params: { path: { id: chart.id } }, body }));
      await queries.invalidateQueries({ queryKey: keys.kitCharts });
      onDone();
    } catch (error) {
      setFault(error);
    }
  }

  return (
    <form onSubmit={(event) => void submit(event)} noValidate className="mt-6 grid gap-5">
      <h2>{chart.version === 0 ? 'A new chart' : chart.name}</h2>
      <div className="grid gap-4 desk:grid-cols-2">
        <TextField
          label="Name"
          value={form.name}
          onChange={(name) => setForm({ ...form, name })}
          error={at('/name')}
        />
        <TextField
          label="The kit"
          value={form.kit}
          onChange={(kit) => setForm({ ...form, kit })}
          error={at('/kit')}
        />
      </div>
      <Choice
        label="What it reads"
        options={Object.entries(QUANTITIES).map(([word, label]) => ({ word, label }))}
        value={form.quantity}
        onChange={(quantity) => setForm({ ...form, quantity })}
        error={at('/quantity')}
      />
      <div className="max-w-[16rem]">
        <TextField
          label="Unit, if it has one"
          value={form.unit}
          onChange={(unit) => setForm({ ...form, unit })}
          error={at('/unit')}
        />
      </div>
      <fieldset className="grid gap-3">
        <legend className="mb-1 font-medium">Printed steps, from the smallest value</legend>
        {at('/steps') && <p className="text-warn">{at('/steps')}</p>}
        {steps.map((step, i) => (
          <div
            key={i}
            className="grid grid-cols-[5rem_1fr_auto] items-end gap-3 border-t border-rule pt-3 desk:grid-cols-[5rem_10rem_1fr_auto]"
          >
            <label className="block">
              <span className="mb-1 block text-sm text-faded">Colour</span>
              <input
                type="color"
                className="h-12 w-full p-1"
                aria-label={`Colour of step ${i + 1}`}
                value={step.swatch.toLowerCase()}
                onChange={(event) => set(i, { swatch: event.target.value })}
              />
            </label>
            <NumberField
              label="Stands for"
              unit={form.unit || null}
              value={step.value}
              onChange={(value) => set(i, { value })}
              error={at(`/steps/${i}/value`)}
            />
            <div className="max-desk:col-span-2 max-desk:row-start-2">
              <TextField
                label="Printed words, if any"
                value={step.label}
                onChange={(label) => set(i, { label })}
                error={at(`/steps/${i}/label`)}
              />
            </div>
            <button
              type="button"
              className="link min-h-12"
              disabled={steps.length <= 2}
              aria-label={`Take out step ${i + 1}`}
              onClick={() => setSteps(steps.filter((_, n) => n !== i))}
            >
              take out
            </button>
            {at(`/steps/${i}/swatch`) && (
              <p className="col-span-full text-warn">{at(`/steps/${i}/swatch`)}</p>
            )}
          </div>
        ))}
        <button
          type="button"
          className="button justify-self-start"
          disabled={steps.length >= 24}
          onClick={() => setSteps([...steps, { value: '', label: '', swatch: '#888888' }])}
        >
          One step more
        </button>
      </fieldset>
      {fault !== null && refusals(fault).length === 0 && (
        <p className="text-warn" role="alert">
          {sentence(fault)}
        </p>
      )}
      <div className="flex gap-4">
        <button type="submit" className="button button-main">
          Save the chart
        </button>
        <button type="button" className="button" onClick={onDone}>
          Leave it as it was
        </button>
      </div>
    </form>
  );
}
