import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { api, take } from '../../api/client';
import { newId } from '../../api/ids';
import { keys } from '../../api/keys';
import { refusals, sentence } from '../../api/problem';
import type { Yardstick } from '../../api/types';
import { Choice } from '../../ground/Choice';
import { Fault } from '../../ground/Fault';
import { Show } from '../../ground/State';
import { TextField } from '../../ground/TextField';
import { useHere } from '../../ground/useHere';
import { useKept } from '../../ground/useKept';
import { useOneTap } from '../../ground/useOneTap';
import { mayWrite, useMe } from '../../people/session';
import { SCHOOLS } from '../../scout/words';
import { CurveEditor } from './CurveEditor';
import { useYardsticks } from './useYardsticks';
import { type Knot, wouldMove } from './yardstick';

/** The curves by which scores are made: the practice's own beside the one that ships. */
export default function YardsticksPage() {
  const all = useYardsticks();
  return (
    <div className="py-2">
      <h1>Yardsticks</h1>
      <p className="max-w-[46rem] text-faded">
        A score is a curve's answer to what was measured. Copy a yardstick, bend its curves to your region,
        and name it on a field; what was scored before keeps the one it had.
      </p>
      <Show of={all}>{(list) => <Yardsticks all={list} />}</Show>
    </div>
  );
}

function Yardsticks({ all }: { all: Yardstick[] }) {
  const me = useMe();
  const queries = useQueryClient();
  const [search, setSearch] = useSearchParams();
  const here = useHere();
  const [fault, setFault] = useState<string | null>(null);
  const chosen = all.find((one) => one.id === search.get('id')) ?? all.at(-1);
  const pick = (id: string) => setSearch({ id });

  const addOnce = useOneTap(add);

  async function add(body: Body) {
    const id = newId();
    try {
      await take(api.PUT('/api/yardsticks/{id}', { params: { path: { id } }, body }));
      await queries.invalidateQueries({ queryKey: keys.yardsticks });
      setFault(null);
      if (here.current) pick(id);
    } catch (error) {
      setFault(
        refusals(error)
          .map((one) => `${one.path}: ${one.text}`)
          .join(' ') || sentence(error),
      );
    }
  }

  async function bring(file: File) {
    try {
      const read = JSON.parse(await file.text()) as Yardstick;
      const { name, region, use, school, curves } = read;
      await addOnce({ name, region, use, school, curves, basedOn: null, version: 0 });
    } catch {
      setFault('This file is no yardstick: it holds no JSON.');
    }
  }

  return (
    <>
      <div className="mt-4 flex flex-wrap items-center gap-x-7 gap-y-1" role="group" aria-label="Yardsticks">
        {all.map((one) => (
          <button
            key={one.id}
            type="button"
            aria-pressed={one.id === chosen?.id}
            className={`min-h-11 border-b-2 font-head font-semibold ${one.id === chosen?.id ? 'border-ink' : 'border-transparent text-faded'}`}
            onClick={() => pick(one.id)}
          >
            {one.name}
          </button>
        ))}
        {mayWrite(me) && (
          <label className="link flex min-h-11 cursor-pointer items-center">
            Bring one from a file
            <input
              type="file"
              accept=".json,application/json"
              className="sr-only"
              onChange={(event) => {
                const file = event.target.files?.[0];
                if (file) void bring(file);
                event.target.value = '';
              }}
            />
          </label>
        )}
      </div>
      <Fault text={fault} />
      {chosen && (
        <One
          key={`${chosen.id} ${chosen.version}`}
          yardstick={chosen}
          mayWrite={mayWrite(me)}
          onCopy={() =>
            void addOnce({
              name: `${chosen.name}, a copy`,
              region: chosen.region,
              use: chosen.use,
              school: chosen.school,
              basedOn: { id: chosen.id, version: chosen.version },
              curves: {},
              version: 0,
            })
          }
        />
      )}
    </>
  );
}

type Body = {
  name: string;
  region: string | null;
  use: string | null;
  school: string | null;
  basedOn: { id: string; version: number } | null;
  curves: { [key: string]: { x: string | null; knots: number[][] } };
  version: number;
};

type Form = { name: string; region: string; school: string; curves: Record<string, Knot[]> };

function One({
  yardstick,
  mayWrite,
  onCopy,
}: {
  yardstick: Yardstick;
  mayWrite: boolean;
  onCopy: () => void;
}) {
  const queries = useQueryClient();
  const start: Form = {
    name: yardstick.name,
    region: yardstick.region ?? '',
    school: yardstick.school,
    curves: {},
  };
  const kept = `yardstick:${yardstick.id}:${yardstick.version}`;
  const [form, setForm, forget] = useKept<Form>(kept, 1, start);
  const [curve, setCurve] = useState('ph');
  const [fault, setFault] = useState<unknown>(null);
  // Nothing is typed into a form that is about to be the next version's.
  const [busy, setBusy] = useState(false);
  const at = (path: string) => refusals(fault).find((one) => one.path === path)?.text;
  const own = mayWrite && !yardstick.shipped;
  const stands = (yardstick.curves[curve]?.knots ?? []) as Knot[];
  const knots = form.curves[curve] ?? stands;
  const along = yardstick.curves[curve]?.x ?? '';
  const places = useQuery({
    queryKey: ['curve', curve],
    queryFn: ({ signal }) =>
      take(api.GET('/api/curves/{key}/places', { signal, params: { path: { key: curve } } })) as Promise<{
        xs: number[];
      }>,
  });
  const xs = places.data?.xs ?? [];
  const moves = wouldMove(stands, knots, xs);
  const touched =
    Object.keys(form.curves).length > 0 ||
    form.name !== yardstick.name ||
    form.region !== (yardstick.region ?? '') ||
    form.school !== yardstick.school;

  async function keep() {
    setBusy(true);
    try {
      const curves = Object.fromEntries(
        Object.entries({ ...yardstick.curves }).map(([key, one]) => [
          key,
          { x: one.x, knots: form.curves[key] ?? one.knots },
        ]),
      );
      await take(
        api.PUT('/api/yardsticks/{id}', {
          params: { path: { id: yardstick.id } },
          body: {
            name: form.name,
            region: form.region || null,
            use: yardstick.use,
            school: form.school,
            basedOn: yardstick.basedOn,
            curves,
            version: yardstick.version,
          },
        }),
      );
      forget();
      setFault(null);
      await queries.invalidateQueries();
    } catch (error) {
      setFault(error);
    } finally {
      setBusy(false);
    }
  }

  const file = `data:application/json,${encodeURIComponent(JSON.stringify(yardstick, null, 1))}`;
  return (
    <div className="mt-3" inert={busy}>
      <p className="flex flex-wrap items-center gap-x-6 text-faded">
        <span>
          Version <span className="num">{yardstick.version}</span>
          {yardstick.shipped && '. It ships with the product: copy it to change it.'}
        </span>
        {mayWrite && (
          <button type="button" className="link min-h-11" onClick={onCopy}>
            Make a copy
          </button>
        )}
        <a className="link flex min-h-11 items-center" href={file} download={`${yardstick.name}.json`}>
          Take it out as a file
        </a>
      </p>
      {own && (
        <div className="mt-2 grid max-w-[60rem] gap-4 desk:grid-cols-2">
          <TextField
            label="Name"
            value={form.name}
            onChange={(name) => setForm({ ...form, name })}
            error={at('/name')}
          />
          <TextField
            label="Region, if it is for one"
            value={form.region}
            onChange={(region) => setForm({ ...form, region })}
            error={at('/region')}
          />
          <div className="desk:col-span-2">
            <Choice
              label="The groups make one number by"
              options={SCHOOLS}
              value={form.school}
              onChange={(school) => setForm({ ...form, school })}
              error={at('/school')}
            />
          </div>
        </div>
      )}
      <label className="mt-5 block max-w-[24rem]">
        <span className="mb-1 block font-medium">Curve</span>
        <select className="w-full" value={curve} onChange={(event) => setCurve(event.target.value)}>
          {Object.keys(yardstick.curves)
            .sort()
            .map((key) => (
              <option key={key} value={key}>
                {key.replaceAll('-', ' ').replace('@', ', ')}
                {form.curves[key] ? ' (changed)' : ''}
              </option>
            ))}
        </select>
      </label>
      <div className="mt-4">
        <CurveEditor
          key={curve}
          name={curve}
          along={along}
          knots={knots}
          before={stands}
          xs={xs}
          mayWrite={own}
          onChange={(next) => setForm({ ...form, curves: { ...form.curves, [curve]: next } })}
          errorAt={(path) => at(`/curves/${curve}/knots${path}`)}
        />
      </div>
      {own && (
        <div className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
          <button
            type="button"
            className="button button-main"
            disabled={!touched}
            onClick={() => void keep()}
          >
            Keep as version {yardstick.version + 1}
          </button>
          {touched && (
            <button
              type="button"
              className="link min-h-11"
              onClick={() => {
                setForm(start);
                forget();
              }}
            >
              Leave it as it was
            </button>
          )}
          <span role="status">
            {form.curves[curve] &&
              xs.length > 0 &&
              `${moves} of ${xs.length} readings would stand in another band on this curve.`}
          </span>
        </div>
      )}
      {fault !== null && (
        <p className="mt-2 text-warn" role="alert">
          {refusals(fault).length > 0
            ? 'Some of this cannot be taken: see the knots that are named.'
            : sentence(fault)}
        </p>
      )}
    </div>
  );
}
