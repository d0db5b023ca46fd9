import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { newId } from '../api/ids';
import { type Refusal, refusals, sentence } from '../api/problem';
import type { Method, Sample, WholeVisit } from '../api/types';
import { knowSample } from '../device/known';
import { save } from '../device/save';
import { hour, inSentence, show } from '../ground/format';
import { sayMine } from '../ground/myUnits';
import { NumberField } from '../ground/NumberField';
import { TextField } from '../ground/TextField';
import { nowIso } from '../ground/time';
import { parse } from '../ground/units';
import { useHere } from '../ground/useHere';
import { mayWrite, useMe } from '../people/session';
import { SampleOrder } from './SampleOrder';

type Props = {
  whole: WholeVisit;
  methods: Method[];
  /** Tests that were planned from a mixed sample, while there is none. */
  toMix: string[];
  mixing: boolean;
  onMixing: (on: boolean) => void;
};

/** The visit's mixed samples: each with its clock from the field to the laboratory, and a way to mix one more. */
export function Samples({ whole, methods, toMix, mixing, onMixing }: Props) {
  const me = useMe();
  const form = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (mixing) form.current?.scrollIntoView({ block: 'nearest' });
  }, [mixing]);
  const samples = whole.field.samples
    .filter((one) => one.visitId === whole.visit.id)
    .sort((a, b) => a.takenAt.localeCompare(b.takenAt));
  if (samples.length === 0 && !mayWrite(me)) return null;
  return (
    <section className="mt-7 border-t border-rule pt-4" aria-labelledby="samples">
      <h2 id="samples" className="text-lg">
        Mixed samples
      </h2>
      {samples.map((one) => (
        <OneSample key={one.id} whole={whole} sample={one} methods={methods} />
      ))}
      {toMix.length > 0 && (
        <p>
          Planned: one bag mixed from all spots, for{' '}
          {methods
            .filter((one) => toMix.includes(one.id))
            .map((one) => inSentence(one.name))
            .join(', ')}
          .
        </p>
      )}
      {mixing && mayWrite(me) ? (
        <div ref={form}>
          <Mix whole={whole} others={samples} onDone={() => onMixing(false)} />
        </div>
      ) : (
        mayWrite(me) && (
          <button type="button" className="link min-h-11" onClick={() => onMixing(true)}>
            {samples.length === 0 ? 'Mix one from several spots' : 'Mix another one'}
          </button>
        )
      )}
    </section>
  );
}

function OneSample(props: { whole: WholeVisit; sample: Sample; methods: Method[] }) {
  const { whole, sample, methods } = props;
  const keep = useKeep(whole);
  const me = useMe();
  const labels = sample.spots.map((id) => whole.field.spots.find((spot) => spot.id === id)?.label ?? '?');
  const next = sample.handedOverAt ? null : sample.cooledAt ? 'handedOverAt' : 'cooledAt';
  return (
    <div className="mt-3 grid gap-1">
      <p>
        <strong>{sample.label}</strong> · spots {labels.join(', ')} ·{' '}
        {sayMine(`${show(sample.topCm, 0)} to ${show(sample.bottomCm, 0)} cm`)}
        {sample.subsamples !== null && `, ${sample.subsamples} cores`}
        {sample.asked.length > 0 && ` · asked: ${sample.asked.join(', ')}`}
      </p>
      <p className="text-sm text-faded">
        taken {hour(sample.takenAt)}
        {sample.cooledAt ? `, cooled ${hour(sample.cooledAt)}` : ', not cooled yet: within four hours'}
        {sample.handedOverAt
          ? `, handed over ${hour(sample.handedOverAt)}`
          : ', not handed over yet: within two days'}
      </p>
      {sample.justDressed.length > 0 && (
        <p className="text-sm text-warn">
          {sample.justDressed.includes('lime') ? 'Limed' : 'Dressed'} shortly before: what was spread is found
          again.
        </p>
      )}
      <div className="flex flex-wrap gap-x-5">
        {methods
          .filter((one) => one.ofSamples)
          .map((one) => (
            <Link
              key={one.id}
              className="link flex min-h-11 items-center"
              to={`?spot=${sample.id}&method=${one.id}`}
            >
              {one.name}
            </Link>
          ))}
      </div>
      <SampleOrder whole={whole} sample={sample} />
      {next && mayWrite(me) && (
        <div className="flex flex-wrap gap-x-6">
          <button
            type="button"
            className="link min-h-11"
            onClick={() => void keep.save(sample, { ...sample, [next]: nowIso() })}
          >
            {next === 'cooledAt' ? `${sample.label} is in the cool box` : `${sample.label} is handed over`}
          </button>
        </div>
      )}
      {keep.fault && (
        <p className="text-warn" role="alert">
          {keep.fault}
        </p>
      )}
    </div>
  );
}

function useKeep(whole: WholeVisit) {
  const me = useMe();
  const queries = useQueryClient();
  const [found, setFound] = useState<Refusal[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  /** Whether it was saved, or is kept to be sent. */
  async function keepIt(was: Sample | null, is: Sample): Promise<boolean> {
    const { id, fieldId: _, zoneId: __, justDressed: ___, order: ____, ...body } = is;
    try {
      const saved = await save<Sample>({
        person: me.id,
        path: `/api/samples/${id}`,
        was,
        is: was === null ? body : is,
        label: `sample ${is.label}, ${whole.field.name}`,
      });
      knowSample(queries, whole.field, saved.kept ? is : saved.stands);
      setFound([]);
      setFault(null);
      if (!saved.kept) void queries.invalidateQueries();
      return true;
    } catch (error) {
      setFound(refusals(error));
      setFault(refusals(error)[0]?.text ?? sentence(error));
      return false;
    }
  }
  return { save: keepIt, found, fault };
}

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

function Mix({ whole, others, onDone }: { whole: WholeVisit; others: Sample[]; onDone: () => void }) {
  const here = useHere();
  const keep = useKeep(whole);
  const [id] = useState(newId);
  const spots = whole.field.spots.filter((one) => one.retiredOn === null);
  const main = whole.field.zones.find((one) => one.kind === 'main') ?? whole.field.zones[0];
  const [label, setLabel] = useState(LETTERS[others.length] ?? '');
  const [chosen, setChosen] = useState(spots.filter((one) => one.zoneId === main?.id).map((one) => one.id));
  const [cores, setCores] = useState('15');
  const [top, setTop] = useState('0');
  const [bottom, setBottom] = useState('15');
  const [asked, setAsked] = useState('');
  const at = (path: string) => keep.found.find((one) => one.path.startsWith(path))?.text;
  const ofSpots = at('/spots');

  async function mix() {
    const number = (text: string, unit: string | null) => {
      const parsed = parse(text, unit);
      return parsed.ok ? parsed.value : null;
    };
    const zone = whole.field.spots.find((one) => one.id === chosen[0])?.zoneId ?? '';
    const sample = {
      id,
      fieldId: whole.field.id,
      zoneId: zone,
      visitId: whole.visit.id,
      label,
      spots: chosen,
      subsamples: number(cores, null),
      topCm: number(top, 'cm'),
      bottomCm: number(bottom, 'cm'),
      takenAt: nowIso(),
      cooledAt: null,
      handedOverAt: null,
      asked: asked
        .split(',')
        .map((one) => one.trim())
        .filter((one) => one !== ''),
      laboratory: null,
      cost: null,
      justDressed: [],
      order: null,
      version: 0,
    } as unknown as Sample;
    if ((await keep.save(null, sample)) && here.current) onDone();
  }

  return (
    <div className="mt-3 grid max-w-xl gap-4">
      <div className="grid grid-cols-[7rem_1fr] gap-4">
        <TextField label="Label" value={label} onChange={setLabel} error={at('/label')} />
        <NumberField label="Cores" value={cores} unit={null} onChange={setCores} error={at('/subsamples')} />
      </div>
      <fieldset>
        <legend className="mb-1 font-medium">From the spots</legend>
        <div className="flex flex-wrap gap-2">
          {spots.map((one) => (
            <label
              key={one.id}
              className="flex min-h-12 min-w-12 items-center justify-center gap-2 rounded-md border border-edge px-3 has-checked:border-act has-checked:font-bold"
            >
              <input
                type="checkbox"
                className="size-5"
                checked={chosen.includes(one.id)}
                onChange={(event) =>
                  setChosen(
                    event.target.checked ? [...chosen, one.id] : chosen.filter((other) => other !== one.id),
                  )
                }
              />
              {one.label}
            </label>
          ))}
        </div>
        {ofSpots && <p className="mt-1 text-warn">{ofSpots}</p>}
      </fieldset>
      <div className="grid grid-cols-2 gap-4">
        <NumberField label="From" value={top} unit="cm" onChange={setTop} error={at('/topCm')} />
        <NumberField label="Down to" value={bottom} unit="cm" onChange={setBottom} error={at('/bottomCm')} />
      </div>
      <TextField
        label="The laboratory is asked for"
        value={asked}
        onChange={setAsked}
        hint="Such as pH, phosphorus, microbial carbon. Leave it empty where you read it yourself."
        error={at('/asked')}
      />
      {keep.fault && keep.found.length === 0 && (
        <p className="text-warn" role="alert">
          {keep.fault}
        </p>
      )}
      <div className="flex flex-wrap gap-x-6 gap-y-2">
        <button type="button" className="button button-main" onClick={() => void mix()}>
          It is mixed and in its bag
        </button>
        <button type="button" className="link min-h-11" onClick={onDone}>
          Not now
        </button>
      </div>
    </div>
  );
}
