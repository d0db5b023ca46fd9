import { useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { nameOf } from '../api/methodNames';
import type { FieldScores, Method, Visit, WholeVisit } from '../api/types';
import { useMethods } from '../api/useMethods';
import { bandOf, Clod } from '../ground/Clod';
import { inSentence, month, show } from '../ground/format';
import { Show } from '../ground/State';
import { ScoreRows } from './ScoreRows';
import { list } from './sinceWords';

/** Every spot on the line, the mean among them, the odd one named; groups, the number they make, and how sure it is. */
export function ScoresView({ whole, zone }: { whole: WholeVisit; zone: string }) {
  const methods = useMethods();
  const scores = useScores(whole.visit.id, zone);
  const visits = useQuery({
    queryKey: keys.visits(whole.field.id),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/fields/{id}/visits', { signal, params: { path: { id: whole.field.id } } }),
      ) as Promise<Visit[]>,
  });
  const before = visits.data?.find((one) => one.day < whole.visit.day && one.state === 'done') ?? null;
  const beforeScores = useScores(before?.id ?? null, zone);
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
              spotLabel={(id) => whole.field.spots.find((spot) => spot.id === id)?.label ?? '?'}
            />
            <Sums scores={now} whole={whole} methods={methods.data ?? []} beforeDay={before?.day ?? null} />
          </div>
        )
      }
    </Show>
  );
}

function useScores(visitId: string | null, zone: string) {
  return useQuery({
    queryKey: keys.scores(visitId ?? '', zone),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/visits/{id}/scores', {
          signal,
          params: { path: { id: visitId ?? '' }, query: { zone } },
        }),
      ) as Promise<FieldScores>,
    enabled: visitId !== null,
  });
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
