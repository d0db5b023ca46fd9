import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { type Refusal, refusals, sentence } from '../api/problem';
import type { LandField, Me, Planning, TestSet, Visit, VisitBody } from '../api/types';
import { useMethods } from '../api/useMethods';
import { knowVisit } from '../device/known';
import { save } from '../device/save';
import { Choice } from '../ground/Choice';
import { Fault } from '../ground/Fault';
import { afterRain, day, show } from '../ground/format';
import { NumberField } from '../ground/NumberField';
import { TextField } from '../ground/TextField';
import { nowIso, today } from '../ground/time';
import { parse } from '../ground/units';
import { useHere } from '../ground/useHere';
import { useKept } from '../ground/useKept';
import { mayWrite, useMe } from '../people/session';
import { Bag } from './Bag';
import { type DayPlan, planOf } from './dayPlan';
import { Parts, usePart } from './Parts';
import { RunSheet } from './RunSheet';
import { Sets } from './Sets';
import { SpotsAsked } from './SpotsAsked';
import { StartCard } from './StartCard';
import { Tests } from './Tests';
import { useProgress } from './useProgress';
import { useSets } from './useSets';
import { WeatherStrip } from './WeatherStrip';
import { MOISTURES } from './words';

type Props = {
  field: LandField;
  planning: Planning;
  visit: Visit | null;
  earlier: Visit | null;
  onSetSpot: (zoneId: string) => void;
};

type Form = {
  id: string;
  day: string;
  question: string;
  methods: string[];
  moisture: string;
  soilTemperature: string;
  daysSinceRain: string;
  rain: string;
  weather: string;
  startCard: Record<string, string>;
  plan: DayPlan;
};

/** A visit being planned, or its conditions being put right: question, tests, the day, the start card. */
export function VisitPlan({ field, planning, visit, earlier, onSetSpot }: Props) {
  const me = useMe();
  const navigate = useNavigate();
  const here = useHere();
  const queries = useQueryClient();
  const methods = useMethods();
  const [form, keep, forget] = useKept<Form>(
    `visit:${visit?.id ?? `new:${field.id}`}`,
    2,
    startForm(field, visit),
  );
  const [part, setPart] = usePart(visit);
  const sets = useSets();
  const [found, setFound] = useState<Refusal[]>([]);
  const [fault, setFault] = useState<string | null>(null);
  const question = planning.questions.find((one) => one.id === form.question);
  const at = (path: string) => found.find((one) => one.path === path)?.text;
  const ticked = planning.startCard.every((item) => form.startCard[item.id]);
  const spots = field.spots.filter((spot) => spot.retiredOn === null).length;
  const chosen = (methods.data ?? []).filter((one) => form.methods.includes(one.id));
  const running = useProgress(field, planning, visit, chosen, form.plan);

  function ask(id: string) {
    const asked = planning.questions.find((one) => one.id === id);
    const set = sets.find((one) => one.id === id);
    const methods = asked && asked.methods.length > 0 ? asked.methods : (earlier?.methods ?? []);
    if (set && set.tests.length > 0) take(set, id);
    else
      keep({
        ...form,
        question: id,
        methods,
        plan: { ...form.plan, ...planOf(earlier), leftOut: [], retest: form.plan.retest },
      });
  }

  function take(set: TestSet, question: string) {
    keep({
      ...form,
      question,
      methods: set.tests.map((test) => test.method),
      plan: {
        ...form.plan,
        leftOut: [],
        where: Object.fromEntries(set.tests.map((test) => [test.method, test.where])),
        variants: Object.fromEntries(
          set.tests.flatMap((test) => (test.variant ? [[test.method, test.variant]] : [])),
        ),
      },
    });
  }

  async function keepVisit(state: string) {
    const number = (typed: string, unit: string | null, path: string): number | null => {
      if (typed.trim() === '') return null;
      const parsed = parse(typed, unit);
      if (parsed.ok) return parsed.value;
      wrong.push({ path, code: 'wrong-type', text: parsed.text });
      return null;
    };
    const wrong: Refusal[] = [];
    const body = {
      fieldId: field.id,
      day: form.day,
      state,
      question: form.question || (null as unknown as string),
      methods: form.methods,
      moisture: form.moisture || null,
      soilTemperatureC: number(form.soilTemperature, '°C', '/soilTemperatureC'),
      daysSinceRain: number(form.daysSinceRain, 'days', '/daysSinceRain'),
      rainMm: number(form.rain, 'mm', '/rainMm'),
      weather: form.weather || null,
      startCard: form.startCard,
      ticks: visit?.ticks ?? {},
      plan: form.plan,
      version: visit?.version ?? 0,
    };
    if (wrong.length > 0) {
      setFound(wrong);
      return;
    }
    try {
      const saved = await save<Visit>({
        person: me.id,
        path: `/api/visits/${form.id}`,
        was: visit,
        is: body,
        label: `Visit of ${day(form.day)}, ${field.name}`,
      });
      knowVisit(queries, field, saved.kept ? asKept(body, form.id, visit, me) : saved.stands);
      forget();
      setFound([]);
      setFault(null);
      if (!saved.kept) {
        void queries.invalidateQueries({ queryKey: ['field'] });
        void queries.invalidateQueries({ queryKey: ['visit'] });
        void queries.invalidateQueries({ queryKey: keys.season });
      }
      const next = state === 'running' ? 'measure' : state === 'done' ? 'read' : 'scout';
      if (here.current) void navigate(`/fields/${field.id}/visits/${form.id}/${next}`);
    } catch (error) {
      setFound(refusals(error));
      setFault(refusals(error).length === 0 ? sentence(error) : null);
    }
  }

  if (!mayWrite(me)) {
    return <Conditions visit={visit} />;
  }
  return (
    <section aria-labelledby="visit" className="grid max-w-[46rem] content-start gap-7">
      <h2 id="visit" className="text-[1.75rem]">
        {visit ? `Visit of ${day(visit.day)}` : 'Plan a visit'}
      </h2>
      <Parts part={part} onPart={setPart} />
      {part === 'sheet' && (
        <RunSheet
          field={field}
          planning={planning}
          methods={methods.data ?? []}
          chosen={chosen}
          plan={form.plan}
          running={running}
          visitId={visit?.id ?? null}
          earlierId={earlier?.id ?? null}
          onPlan={(plan) => keep({ ...form, plan })}
        />
      )}
      {part === 'bag' && (
        <Bag
          field={field}
          planning={planning}
          methods={methods.data ?? []}
          chosen={chosen}
          plan={form.plan}
          day={form.day}
          visitId={visit?.id ?? null}
        />
      )}
      {part === 'plan' && (
        <>
          <Choice
            label="What it is to answer"
            options={planning.questions.map((one) => ({
              word: one.id,
              label: one.label,
              sentence: one.purpose,
            }))}
            value={form.question}
            onChange={ask}
            error={at('/question')}
          />
          <SpotsAsked field={field} question={form.question} where={form.plan.where} onSet={onSetSpot} />
          <Tests
            key={form.question}
            methods={methods.data ?? []}
            field={field}
            planning={planning}
            chosen={form.methods}
            plan={form.plan}
            onPlan={(plan) => keep({ ...form, plan })}
            onChange={(chosen) => keep({ ...form, methods: chosen })}
            hint={
              question?.methods.length === 0 && !earlier
                ? 'There is no earlier visit to repeat: choose the tests.'
                : null
            }
          />
          <Sets sets={sets} form={form} question={question?.label ?? ''} onTake={take} />
          <div className="grid gap-4">
            <h3>The day</h3>
            <WeatherStrip
              field={field}
              planning={planning}
              methods={chosen}
              day={form.day}
              today={today(field.timeZone)}
              onDay={
                visit?.state === 'running' || visit?.state === 'done'
                  ? null
                  : (next) => keep({ ...form, day: next })
              }
              onTake={(found) =>
                keep({
                  ...form,
                  daysSinceRain:
                    found.daysSinceRain === null ? form.daysSinceRain : String(found.daysSinceRain),
                  rain: found.rain10dMm === null ? form.rain : show(found.rain10dMm, 1),
                  soilTemperature:
                    found.soilC === null ? form.soilTemperature : show(found.soilC, 1).replace('−', '-'),
                })
              }
            />
            <div className="grid gap-4 desk:grid-cols-2">
              <TextField
                label="Day"
                type="date"
                value={form.day}
                onChange={(next) => keep({ ...form, day: next })}
                error={at('/day')}
              />
              <TextField
                label="Weather"
                value={form.weather}
                onChange={(next) => keep({ ...form, weather: next })}
              />
            </div>
            <Choice
              label="Soil, as a hand feels it"
              options={MOISTURES}
              value={form.moisture}
              onChange={(next) => keep({ ...form, moisture: next })}
              hint="Leave it open until you are there."
            />
            <div className="grid gap-4 desk:grid-cols-3">
              <NumberField
                label="Days since 10 mm of rain"
                unit="days"
                value={form.daysSinceRain}
                onChange={(next) => keep({ ...form, daysSinceRain: next })}
                error={at('/daysSinceRain')}
              />
              <NumberField
                label="How much rain"
                unit="mm"
                value={form.rain}
                onChange={(next) => keep({ ...form, rain: next })}
                error={at('/rainMm')}
              />
              <NumberField
                label="Soil at 5 cm"
                unit="°C"
                value={form.soilTemperature}
                onChange={(next) => keep({ ...form, soilTemperature: next })}
                error={at('/soilTemperatureC')}
              />
            </div>
          </div>
          <StartCard
            items={planning.startCard}
            ticked={form.startCard}
            onTick={(id, on) => {
              const { [id]: _, ...others } = form.startCard;
              keep({ ...form, startCard: on ? { ...others, [id]: nowIso() } : others });
            }}
          />
        </>
      )}
      <Fault text={fault} />
      <div className="flex flex-wrap items-center gap-3">
        {visit?.state === 'done' ? (
          <button type="button" className="button button-main" onClick={() => void keepVisit('done')}>
            Save the conditions
          </button>
        ) : (
          <button
            type="button"
            className="button button-main"
            disabled={!ticked || spots === 0}
            onClick={() => void keepVisit('running')}
          >
            {visit?.state === 'running' ? 'Back to measuring' : 'Begin the visit'}
          </button>
        )}
        {visit?.state !== 'done' && visit?.state !== 'running' && (
          <button type="button" className="button" onClick={() => void keepVisit('planned')}>
            {visit ? 'Save the plan' : 'Keep it planned'}
          </button>
        )}
        {visit?.state === 'running' && (
          <button type="button" className="button" onClick={() => void keepVisit('done')}>
            End the visit
          </button>
        )}
      </div>
      {(spots === 0 || !ticked) && visit?.state !== 'done' && (
        <p className="text-sm text-faded">
          {spots === 0
            ? 'Set a spot first: the field has none.'
            : 'The start card is ticked through before the first step.'}
        </p>
      )}
    </section>
  );
}

/** As it stands on this device until the server has it. */
function asKept(body: VisitBody, id: string, visit: Visit | null, me: Me): Visit {
  return {
    observerId: me.id,
    observerName: me.name,
    revision: 0,
    ...visit,
    ...body,
    id,
    methods: body.methods ?? [],
    startCard: body.startCard ?? {},
    ticks: body.ticks ?? {},
    alsoChanged: [],
  } as Visit;
}

function startForm(field: LandField, visit: Visit | null): Form {
  const text = (value: number | null | undefined) =>
    value === null || value === undefined ? '' : String(value);
  return {
    id: visit?.id ?? newId(),
    day: visit?.day ?? today(field.timeZone),
    question: visit?.question ?? '',
    methods: visit?.methods ?? [],
    moisture: visit?.moisture ?? '',
    soilTemperature: text(visit?.soilTemperatureC),
    daysSinceRain: text(visit?.daysSinceRain),
    rain: text(visit?.rainMm),
    weather: visit?.weather ?? '',
    startCard: visit?.startCard ?? {},
    plan: planOf(visit),
  };
}

/** For a reader: what the day was like. */
function Conditions({ visit }: { visit: Visit | null }) {
  if (!visit) return <p className="text-faded">No visit chosen.</p>;
  return (
    <section>
      <h2>Visit of {day(visit.day)}</h2>
      <p className="mt-2">
        By {visit.observerName}. Soil {visit.moisture ?? 'moisture not noted'},{' '}
        {visit.daysSinceRain === null ? 'rain not noted' : afterRain(visit.daysSinceRain)}.
      </p>
    </section>
  );
}
