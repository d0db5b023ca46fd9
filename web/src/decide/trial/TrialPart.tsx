import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../../api/client';
import { newId } from '../../api/ids';
import { refusals } from '../../api/problem';
import type { LandField, TrialDesign } from '../../api/types';
import { Across, Along } from '../../ground/Axis';
import { Fault } from '../../ground/Fault';
import { show } from '../../ground/format';
import { North, ScaleBar } from '../../ground/mapMarks';
import { boxOf, project, scaleBar } from '../../ground/mapProjection';
import { NumberField } from '../../ground/NumberField';
import { scale } from '../../ground/scale';
import { TextField } from '../../ground/TextField';
import { useKept } from '../../ground/useKept';
import { useOneTap } from '../../ground/useOneTap';
import { TrialResult } from './TrialResult';
import {
  asGeoJson,
  askedOf,
  changed,
  layOut,
  letterOf,
  stripName,
  type TrialForm,
  treatmentsOf,
  USUAL,
  verdict,
} from './trial';
import { useTrials } from './useTrials';

type Asked = NonNullable<ReturnType<typeof askedOf>>;

function design(asked: Asked, signal: AbortSignal) {
  return take(api.POST('/api/trials/design', { signal, body: asked as never })) as Promise<TrialDesign>;
}

/** The cheapest trial that can be undone: treated and untreated strips, where they lie, what they would show, and what they showed. */
export function TrialPart({ field, mayWrite }: { field: LandField; mayWrite: boolean }) {
  const [open, setOpen] = useState(false);
  const { trials, save, fault } = useTrials(field.id);
  return (
    <section className="wide:col-span-2" aria-label="Trials">
      {trials.data?.map((trial) => (
        <TrialResult
          key={trial.id}
          trial={trial}
          onDays={mayWrite ? (days) => void save(trial.id, changed(trial, days)) : undefined}
        />
      ))}
      <Fault text={fault} />
      <details onToggle={(event) => setOpen(event.currentTarget.open)}>
        <summary className="link flex min-h-11 cursor-pointer items-center font-semibold">
          Try it first: treated and untreated strips
        </summary>
        {open && (
          <Trial
            field={field}
            onLayOut={
              mayWrite
                ? (design, name, treated) =>
                    save(newId(), layOut(design, { fieldId: field.id, name, treated }, newId))
                : undefined
            }
          />
        )}
      </details>
    </section>
  );
}

type LayOut = (design: TrialDesign, name: string, treated: string[]) => Promise<boolean>;

/** Blocks at which the least difference is drawn. */
const BLOCKS = [3, 4, 5, 6, 8, 10, 12];

function Trial({ field, onLayOut }: { field: LandField; onLayOut: LayOut | undefined }) {
  const [kept, setForm] = useKept<TrialForm>(`trial:${field.id}`, 1, USUAL);
  // One kept before there were several treatments has one.
  const form = { ...USUAL, ...kept };
  const asked = askedOf(form, field);
  const change = (part: Partial<TrialForm>) => setForm({ ...form, ...part });
  const now = useQuery({
    queryKey: ['trial', JSON.stringify(asked)],
    queryFn: ({ signal }) => design(asked as Asked, signal),
    enabled: asked !== null,
    placeholderData: keepPreviousData,
  });
  const over = useQueries({
    queries: BLOCKS.map((blocks) => {
      const one = askedOf(form, field, blocks);
      return {
        queryKey: ['trial', JSON.stringify(one)],
        queryFn: ({ signal }: { signal: AbortSignal }) => design(one as Asked, signal),
        enabled: one !== null,
      };
    }),
  });
  const at = (path: string) => refusals(now.error).find((one) => one.path === path)?.text;
  const curve = BLOCKS.flatMap((blocks, i) => {
    const least = over[i]?.data?.differenceAt80;
    return least === undefined ? [] : [{ blocks, least }];
  });
  const found = now.data;
  const files = found && asGeoJson(found);
  const href = (value: object) => `data:application/geo+json,${encodeURIComponent(JSON.stringify(value))}`;
  return (
    <div className="grid gap-x-12 gap-y-5 pt-2 wide:grid-cols-[20rem_minmax(0,1fr)]">
      <div className="grid content-start gap-3">
        <NumberField
          label="The difference that would matter"
          unit="points"
          value={form.difference}
          onChange={(difference) => change({ difference })}
          error={at('/difference')}
        />
        <NumberField
          label="Treatments beside untreated"
          unit={null}
          value={form.treatments}
          onChange={(treatments) => change({ treatments })}
          error={at('/treatments')}
        />
        <NumberField
          label="Blocks, each strip once in it"
          unit={null}
          value={form.replicates}
          onChange={(replicates) => change({ replicates })}
          error={at('/replicates')}
          hint="3 at least, 6 advised"
        />
        <NumberField
          label="A strip is wide"
          unit="m"
          value={form.stripM}
          onChange={(stripM) => change({ stripM })}
          error={at('/stripM')}
        />
        <NumberField
          label="Kept from the edge"
          unit="m"
          value={form.marginM}
          onChange={(marginM) => change({ marginM })}
          error={at('/marginM')}
        />
        <NumberField
          label="Spots differ by, standard deviation"
          unit="points"
          value={form.spotSd}
          onChange={(spotSd) => change({ spotSd })}
          error={at('/spotSd')}
        />
      </div>
      <div className="grid content-start gap-4">
        {found && (
          <p className="text-lg" role="status">
            {verdict(found, Number(form.replicates))}
          </p>
        )}
        {found && <StripMap field={field} design={found} />}
        {curve.length > 1 && (
          <Power curve={curve} wanted={Number(form.difference)} blocks={Number(form.replicates)} />
        )}
        {found?.fits && files && (
          <p className="flex flex-wrap gap-x-6">
            <a
              className="link flex min-h-11 items-center"
              href={href(files.strips)}
              download="strips.geojson"
            >
              The strips, for the machine
            </a>
            <a className="link flex min-h-11 items-center" href={href(files.spots)} download="spots.geojson">
              Their spots, to be brought in under Scout
            </a>
          </p>
        )}
        {found?.fits && onLayOut && <LayItOut design={found} onLayOut={onLayOut} />}
        <p className="text-sm text-faded">
          The strips of a block are read by one person who is not told which is which, and once before
          anything is done. Power by the noncentral t of block differences, two-sided 10 %.
        </p>
      </div>
    </div>
  );
}

/** Makes each strip a zone with its spots, under names that do not tell the treatment. */
function LayItOut({ design: found, onLayOut }: { design: TrialDesign; onLayOut: LayOut }) {
  const [name, setName] = useState('');
  const of = treatmentsOf(found);
  const [said, setSaid] = useState<string[]>([]);
  const treated = Array.from({ length: of - 1 }, (_, i) => said[i] ?? '');
  const [laid, setLaid] = useState(false);
  const lay = useOneTap(async () => setLaid(await onLayOut(found, name, treated)));
  if (laid) return <p role="status">Laid out: the strips are zones of the field, with their spots.</p>;
  return (
    <form
      className="flex flex-wrap items-end gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void lay();
      }}
    >
      <TextField label="Name of the trial" value={name} onChange={setName} />
      {treated.map((one, i) => (
        <TextField
          key={letterOf(i + 1, of)}
          label={of === 2 ? 'What treated strips get' : `What strips ${letterOf(i + 1, of)} get`}
          value={one}
          onChange={(to) => setSaid(treated.map((other, n) => (n === i ? to : other)))}
        />
      ))}
      <button
        type="submit"
        className="button button-main"
        disabled={name.trim() === '' || treated.some((one) => one.trim() === '')}
      >
        Lay these strips out
      </button>
    </form>
  );
}

const WIDTH = 640;
const HEIGHT = 380;

function StripMap({ field, design: found }: { field: LandField; design: TrialDesign }) {
  const projection = project(boxOf(field.outline), WIDTH, HEIGHT, 34);
  const points = (places: { lat: number; lon: number }[]) =>
    places
      .map(projection.to)
      .map((point) => `${point.x},${point.y}`)
      .join(' ');
  const bar = scaleBar(projection.pxPerM, 100);
  const of = treatmentsOf(found);
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="w-full max-w-[46rem]"
        role="img"
        aria-label={`${found.strips.length} strips in ${field.name}`}
      >
        <polygon points={points(field.outline)} fill="none" stroke="var(--ink)" strokeWidth="1.6" />
        {field.avoid.map((ring) => (
          <polygon
            key={JSON.stringify(ring[0])}
            points={points(ring)}
            fill="var(--rule)"
            stroke="var(--edge)"
          />
        ))}
        {found.strips.map((strip) => {
          const ring = (strip.polygon.coordinates as number[][][])[0] ?? [];
          return (
            <polygon
              key={stripName(strip, of)}
              points={points(ring.map(([lon = 0, lat = 0]) => ({ lat, lon })))}
              fill={strip.treatment === 0 ? 'var(--paper)' : 'var(--soil-top)'}
              fillOpacity={strip.treatment === 0 ? 1 : strip.treatment / (of - 1)}
              stroke="var(--ink)"
              strokeWidth="1"
            >
              <title>{stripName(strip, of)}</title>
            </polygon>
          );
        })}
        {found.strips.flatMap((strip) =>
          strip.spots.map(([lon = 0, lat = 0]) => {
            const { x, y } = projection.to({ lat, lon });
            return (
              <circle key={`${lon} ${lat}`} cx={x} cy={y} r="3" fill="var(--act)" stroke="var(--paper)" />
            );
          }),
        )}
        <ScaleBar x={30} y={HEIGHT - 22} {...bar} />
        <North x={WIDTH - 26} y={30} />
      </svg>
      <figcaption className="text-sm text-faded">
        {of === 2
          ? 'Filled: treated.'
          : `Filled: ${Array.from({ length: of - 1 }, (_, i) => letterOf(i + 1, of)).join(', ')}, the last one darkest.`}{' '}
        Open: left as it is. Dots: where it is read.
      </figcaption>
    </figure>
  );
}

type PowerProps = { curve: { blocks: number; least: number }[]; wanted: number; blocks: number };

/** The least difference that so many blocks show four times of five, with the one that is wanted across it. */
function Power({ curve, wanted, blocks }: PowerProps) {
  const most = Math.max(wanted * 1.2, ...curve.map((one) => one.least));
  const x = scale([3, 12], [46, 400], 1);
  const y = scale([0, Math.ceil(most / 10) * 10], [150, 14], 10);
  return (
    <figure>
      <svg
        viewBox="0 0 420 196"
        className="w-full max-w-md"
        role="img"
        aria-label={`Least difference shown: ${curve.map((one) => `${one.blocks} blocks ${show(one.least, 0)} points`).join(', ')}`}
      >
        <Across scale={y} from={46} to={400} />
        <Along scale={x} y={168} />
        <path
          d={`M${curve.map((one) => `${x(one.blocks)} ${y(one.least)}`).join('L')}`}
          fill="none"
          stroke="var(--ink)"
          strokeWidth="2.2"
        />
        {curve.map((one) => (
          <circle key={one.blocks} cx={x(one.blocks)} cy={y(one.least)} r="3" fill="var(--ink)" />
        ))}
        <path d={`M46 ${y(wanted)}H400`} stroke="var(--act)" strokeWidth="1.4" strokeDasharray="5 4" />
        {blocks >= 3 && blocks <= 12 && (
          <path d={`M${x(blocks)} 150V${y(wanted)}`} stroke="var(--act)" strokeDasharray="5 4" />
        )}
        <text x="222" y="190" textAnchor="middle" fontSize="12.5" fill="var(--faded)">
          blocks
        </text>
      </svg>
      <figcaption className="text-sm text-faded">
        The least difference, points, that is shown four times of five, with as few spots a strip as show the
        one you want (dashed): fewer of them with more blocks.
      </figcaption>
    </figure>
  );
}
