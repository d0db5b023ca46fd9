import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { nameOf } from '../api/methodNames';
import type { FieldScores, Method, Visit, WholeVisit } from '../api/types';
import { useMethods } from '../api/useMethods';
import { bandOf, Clod } from '../ground/Clod';
import { inSentence, month, show } from '../ground/format';
import { Show } from '../ground/State';
import { labelIn } from '../measure/place';
import { ScoreRows } from './ScoreRows';
import { list } from './sinceWords';
import { useScores } from './useScores';
import { useYardsticks } from './yardsticks/useYardsticks';

/** Every spot on the line, the mean among them, the odd one named; groups, the number they make, and how sure it is. */
export function ScoresView({ whole, zone }: { whole: WholeVisit; zone: string }) {
  const methods = useMethods();
  const [other, setOther] = useState<string | null>(null);
  const scores = useScores(whole.visit.id, zone, other);
  const visits = useQuery({
    queryKey: keys.visits(whole.field.id),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/fields/{id}/visits', { signal, params: { path: { id: whole.field.id } } }),
      ) as Promise<Visit[]>,
  });
  const before = visits.data?.find((one) => one.day < whole.visit.day && one.state === 'done') ?? null;
  const beforeScores = useScores(before?.id ?? null, zone, other);
  return (
    <Show of={scores}>
      {(now) =>
        now.methods.length === 0 ? (
          <p className="py-8 text-lg">Nothing is scored in this zone yet.</p>
        ) : (
          <div className="grid grid-cols-[minmax(0,1fr)] gap-x-9 gap-y-6 wide:grid-cols-[minmax(0,1fr)_19.5rem]">
            <ScoreRows
              scores={now}
              before={beforeScores.data ?? null}
              methods={methods.data ?? []}
              spotLabel={(id) => labelIn(whole.field, id)}
            />
            <Sums scores={now} whole={whole} methods={methods.data ?? []} beforeDay={before?.day ?? null} />
            <ByAnother scores={now} chosen={other} onChoose={setOther} />
          </div>
        )
      }
    </Show>
  );
}

type ByAnotherProps = {
  scores: FieldScores;
  chosen: string | null;
  onChoose: (id: string | null) => void;
};

/** Which yardstick made these scores, and what another would make of them: a comparison, kept nowhere. */
function ByAnother({ scores, chosen, onChoose }: ByAnotherProps) {
  const all = useYardsticks().data ?? [];
  const used = scores.yardstick;
  if (!used) return null;
  return (
    <p className="flex flex-wrap items-center gap-x-6 text-sm text-faded wide:col-span-2">
      <span>
        Scored by {used.name} {used.version}
        {chosen && ', to compare: nothing of it is kept'}.
      </span>
      {chosen ? (
        <button type="button" className="link min-h-11" onClick={() => onChoose(null)}>
          Back to how it was scored
        </button>
      ) : (
        all
          .filter((one) => one.id !== used.id || one.version !== used.version)
          .map((one) => (
            <button key={one.id} type="button" className="link min-h-11" onClick={() => onChoose(one.id)}>
              See it by {one.name} {one.version}
            </button>
          ))
      )}
    </p>
  );
}

const SIDE_BY_SIDE: Record<string, { head: string; ask: string }> = {
  'in-step': { head: 'Soil and plants are in step', ask: 'What limits one limits the other.' },
  'soil-ahead': {
    head: 'The soil is ahead of its plants',
    ask: 'The soil is not the limit: look at grazing or mowing, sowing, water, pests, a nutrient, disease.',
  },
  'plants-ahead': {
    head: 'The plants are ahead of their soil',
    ask: 'Look for what props them up: heavy soluble nitrogen, irrigation. It hides a soil that is running down.',
  },
};
const BOTH_LOW = 50;

/** Two columns of one picture, with the question to ask; or why it cannot be said yet. */
function SoilAndPlants({ scores }: { scores: FieldScores }) {
  const { plants, difference, balance } = scores;
  if (plants === null || difference === null) return null;
  const soil = plants + difference;
  const said = balance ? SIDE_BY_SIDE[balance] : null;
  const y = (score: number) => 92 - (score / 100) * 74;
  return (
    <div className="grid grid-cols-[6.5rem_1fr] gap-4 border-t border-rule pt-3">
      <svg
        viewBox="0 0 104 116"
        role="img"
        aria-label={`Soil ${show(soil, 0)}, plants ${show(plants, 0)} of 100`}
      >
        <path d="M2 92H102" stroke="var(--ink)" strokeWidth="1.6" />
        {[
          { x: 12, score: soil, fill: 'var(--soil-mid)', word: 'soil' },
          { x: 60, score: plants, fill: 'var(--holding)', word: 'plants' },
        ].map((side) => (
          <g key={side.word} opacity={said ? undefined : 0.5}>
            <rect x={side.x} y={y(side.score)} width="32" height={92 - y(side.score)} fill={side.fill} />
            <text
              x={side.x + 16}
              y={y(side.score) - 4}
              textAnchor="middle"
              fontSize="13"
              className="num"
              fill="var(--ink)"
            >
              {show(side.score, 0)}
            </text>
            <text x={side.x + 16} y="108" textAnchor="middle" fontSize="12.5" fill="var(--faded)">
              {side.word}
            </text>
          </g>
        ))}
      </svg>
      <div>
        <h3>{said ? said.head : 'Soil beside plants: too little to say'}</h3>
        <p>
          {said
            ? soil < BOTH_LOW && plants < BOTH_LOW
              ? 'Both are low: start with the limiting group.'
              : said.ask
            : 'It takes three clean spots of each and half of the groups.'}
        </p>
      </div>
    </div>
  );
}

const SCHOOLS = {
  balanced: 'by balance of its groups',
  weakest: 'by its weakest group',
  tally: 'by tally of its tests',
} as const;

function Sums(props: {
  scores: FieldScores;
  whole: WholeVisit;
  methods: Method[];
  beforeDay: string | null;
}) {
  const { scores, whole, methods, beforeDay } = props;
  const { soil } = scores;
  const school = (whole.field.school in SCHOOLS ? whole.field.school : 'balanced') as keyof typeof SCHOOLS;
  const number = soil[school];
  const others = (Object.keys(SCHOOLS) as (keyof typeof SCHOOLS)[]).filter((one) => one !== school);
  const odd = new Map<string, string[]>();
  for (const method of scores.methods) {
    for (const spot of method.odd) {
      const name = inSentence(nameOf(methods, method.method));
      odd.set(spot, [...(odd.get(spot) ?? []), name]);
    }
  }
  const weakest = [...scores.groups].sort((a, b) => a.score - b.score)[0];
  return (
    <section aria-label="What they make" className="max-wide:order-first grid content-start gap-4">
      <div className="flex items-center gap-4">
        <Clod band={bandOf(number)} size={60} />
        <p>
          <span
            className={`font-head text-[2.6rem] leading-none font-bold ${soil.provisional ? 'text-faded' : ''}`}
          >
            {show(number, 0)}
          </span>{' '}
          <span className="text-lg text-faded">of 100</span>
          <span className="block">
            {bandOf(number)}, {SCHOOLS[school]}
            {soil.provisional && ', provisional'}
          </span>
        </p>
      </div>
      <p>
        {others
          .map(
            (one) => `${SCHOOLS[one].charAt(0).toUpperCase()}${SCHOOLS[one].slice(1)} ${show(soil[one], 0)}`,
          )
          .join('; ')}
        .{weakest && ` The weakest is ${weakest.group}.`}
      </p>
      <p className="text-faded">
        {Math.round(soil.coverage * 6)} of 6 groups have data, {show(soil.spotsPerMethod)} spots for each
        test.
        {soil.provisional && ' Under half of the groups or three spots: do not lean on the number yet.'}
      </p>
      <SoilAndPlants scores={scores} />
      {[...odd].map(([spot, names]) => {
        const at = whole.field.spots.find((one) => one.id === spot);
        return (
          <div key={spot} className="border-t border-rule pt-3">
            <h3>
              Spot {at?.label} is odd{at?.note ? `: ${at.note}` : ''}
            </h3>
            <p>in {list(names)}. It stays in the mean; look at it as a zone of its own?</p>
          </div>
        );
      })}
      {scores.methods.some((method) => method.uneven) && (
        <p className="border-t border-rule pt-3">
          Uneven, 40 points or more from spot to spot:{' '}
          {list(
            scores.methods
              .filter((method) => method.uneven)
              .map((method) => inSentence(nameOf(methods, method.method))),
          )}
          .
        </p>
      )}
      <ul className="grid gap-1.5 border-t border-rule pt-3 text-sm text-faded" aria-label="Marks">
        <li className="flex items-center gap-3">
          <svg width="16" height="16" aria-hidden="true">
            <path d="M8 1l6 7-6 7-6-7Z" fill="var(--ink)" />
          </svg>
          mean of the spots
        </li>
        <li className="flex items-center gap-3">
          <svg width="16" height="16" aria-hidden="true">
            <circle cx="8" cy="8" r="5" fill="var(--lift)" stroke="var(--ink)" strokeWidth="1.4" />
          </svg>
          a spot
        </li>
        <li className="flex items-center gap-3">
          <svg width="16" height="16" aria-hidden="true">
            <circle
              cx="8"
              cy="8"
              r="5"
              fill="var(--lift)"
              stroke="var(--ink)"
              strokeWidth="1.4"
              strokeDasharray="2 2"
            />
          </svg>
          a spot that is shown and counts in nothing
        </li>
        {beforeDay && (
          <li className="flex items-center gap-3">
            <svg width="16" height="16" aria-hidden="true">
              <path d="M8 1v14" stroke="var(--ink)" strokeWidth="1.6" strokeDasharray="2 3" />
            </svg>
            mean in {month(beforeDay)}
          </li>
        )}
      </ul>
    </section>
  );
}
