import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { api, take } from '../../api/client';
import { newId } from '../../api/ids';
import { keys } from '../../api/keys';
import { sentence } from '../../api/problem';
import type {
  FieldPlan,
  Reader,
  ReportView,
  Retest,
  SectionView,
  SentReport,
  Units,
  Visit,
  WholeVisit,
} from '../../api/types';
import { useMethods, useVisit } from '../../api/useMethods';
import { usePrices } from '../../decide/plan/usePlan';
import { useCauses } from '../../decide/useCauses';
import { useRemedies } from '../../decide/useRemedies';
import { Choice } from '../../ground/Choice';
import { Fault } from '../../ground/Fault';
import { day } from '../../ground/format';
import { Show } from '../../ground/State';
import { useHere } from '../../ground/useHere';
import { useKept } from '../../ground/useKept';
import { useOneTap } from '../../ground/useOneTap';
import { useZone, ZonePick } from '../../ground/ZonePick';
import { mayWrite, useMe } from '../../people/session';
import { useScores } from '../../read/useScores';
import { useSince } from '../../read/useSince';
import { InUnits, sameUnits } from './InUnits';
import { ReportSheet } from './ReportSheet';
import { draft, PART_NAMES, PARTS, type Report } from './report';

/** What the grower gets: a page that a busy person reads, and the evidence behind it. */
export default function ReportPage() {
  const { visitId = '' } = useParams();
  const whole = useVisit(visitId);
  return <Show of={whole}>{(visit) => <ReportOf whole={visit} />}</Show>;
}

function ReportOf({ whole }: { whole: WholeVisit }) {
  const [search, setSearch] = useSearchParams();
  const me = useMe();
  const visitId = whole.visit.id;
  const sent = useQuery({
    queryKey: ['visit', visitId, 'reports'],
    queryFn: ({ signal }) =>
      take(api.GET('/api/visits/{id}/reports', { signal, params: { path: { id: visitId } } })) as Promise<
        SentReport[]
      >,
  });
  const asked = search.get('sent') ?? (mayWrite(me) ? null : (sent.data?.[0]?.id ?? null));
  const back = `/fields/${whole.field.id}/visits/${visitId}/follow`;
  return (
    <>
      <p className="no-print mb-4 flex flex-wrap items-center gap-x-6">
        <Link className="link flex min-h-11 items-center" to={back}>
          Back to {whole.field.name}
        </Link>
        {(sent.data ?? []).map((one) => (
          <button
            key={one.id}
            type="button"
            className="link min-h-11"
            aria-pressed={asked === one.id}
            onClick={() => setSearch({ sent: one.id })}
          >
            Sent {day(one.sentAt.slice(0, 10))} by {one.sentBy}
          </button>
        ))}
        {asked && mayWrite(me) && (
          <button type="button" className="link min-h-11" onClick={() => setSearch({})}>
            Write another
          </button>
        )}
      </p>
      {asked ? (
        <AsSent id={asked} />
      ) : mayWrite(me) ? (
        <ForWhom whole={whole} />
      ) : (
        <Show of={sent}>{() => <p className="text-lg">No report of this visit was sent yet.</p>}</Show>
      )}
    </>
  );
}

function AsSent({ id }: { id: string }) {
  const me = useMe();
  const report = useQuery({
    queryKey: ['report', id],
    queryFn: ({ signal }) =>
      take(api.GET('/api/reports/{id}', { signal, params: { path: { id } } })) as Promise<ReportView>,
  });
  return (
    <Show of={report}>
      {(one) => (
        <>
          <Print />
          <InUnits units={(one.content as unknown as Report).units ?? me.units}>
            <ReportSheet report={one.content as unknown as Report} />
          </InUnits>
        </>
      )}
    </Show>
  );
}

function Print() {
  return (
    <p className="no-print mb-4">
      <button type="button" className="button" onClick={() => globalThis.print()}>
        Print it, or keep it as PDF
      </button>
    </p>
  );
}

const MINE = 'mine';

/** It is written in the units of its grower, where one reads the holding; else in one's own. */
function ForWhom({ whole }: { whole: WholeVisit }) {
  const me = useMe();
  const visitId = whole.visit.id;
  const readers = useQuery({
    queryKey: ['visit', visitId, 'readers'],
    queryFn: ({ signal }) =>
      take(api.GET('/api/visits/{id}/readers', { signal, params: { path: { id: visitId } } })) as Promise<
        Reader[]
      >,
  });
  const [picked, setPicked] = useState<string | null>(null);
  return (
    <Show of={readers}>
      {(found) => {
        const others = found.filter((one) => !sameUnits(one.units, me.units));
        const reads = picked === null ? others[0] : others.find((one) => one.name === picked);
        return (
          <>
            {others.length > 0 && (
              <div className="no-print mb-4 max-w-[30rem]">
                <Choice
                  label="Its figures"
                  options={[
                    ...others.map((one) => ({ word: one.name, label: `as ${one.name} reads them` })),
                    { word: MINE, label: 'as you read them' },
                  ]}
                  value={reads?.name ?? MINE}
                  onChange={setPicked}
                />
              </div>
            )}
            <InUnits key={reads?.name ?? MINE} units={reads?.units ?? me.units}>
              <Proposed whole={whole} units={reads?.units ?? me.units} />
            </InUnits>
          </>
        );
      }}
    </Show>
  );
}

/** All that a report is made of, asked for; then the report as it is proposed. */
function Proposed({ whole, units }: { whole: WholeVisit; units: Units }) {
  const [zone, pickZone] = useZone(whole.field);
  const { field, visit } = whole;
  const visits = useQuery({
    queryKey: keys.visits(field.id),
    queryFn: ({ signal }) =>
      take(api.GET('/api/fields/{id}/visits', { signal, params: { path: { id: field.id } } })) as Promise<
        Visit[]
      >,
  });
  const earlier = visits.data?.find((one) => one.day < visit.day && one.state === 'done') ?? null;
  const scores = useScores(visit.id, zone);
  const before = useScores(earlier?.id ?? null, zone);
  const change = useSince(visit.id, earlier?.id ?? null, zone);
  const judgement = useCauses(visit.id, zone);
  const remedies = useRemedies();
  const prices = usePrices();
  const methods = useMethods();
  const me = useMe();
  const plan = useQuery({
    queryKey: keys.plan(field.id),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/fields/{id}/plan', { signal, params: { path: { id: field.id } } }),
      ) as Promise<FieldPlan>,
  });
  const section = useQuery({
    queryKey: keys.section(visit.id, zone),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/visits/{id}/section', { signal, params: { path: { id: visit.id }, query: { zone } } }),
      ) as Promise<SectionView>,
  });
  const year = Number(visit.day.slice(0, 4));
  const retests = useQuery({
    queryKey: ['retests', field.id, visit.day],
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/retests', {
          signal,
          params: { query: { from: visit.day, to: `${year + 10}${visit.day.slice(4)}` } },
        }),
      ) as Promise<Retest[]>,
  });
  const waiting = earlier !== null && (before.isLoading || change.isLoading);
  const zoneOf = field.zones.find((one) => one.id === zone);
  const failed = [scores, judgement, remedies, prices, methods, plan, section, retests].find(
    (one) => one.isError,
  );
  if (failed) return <p className="text-warn">{sentence(failed.error)} A report is written with a signal.</p>;
  if (
    waiting ||
    visits.isLoading ||
    !scores.data ||
    !judgement.data ||
    !remedies.data ||
    !prices.data ||
    !methods.data ||
    !plan.data ||
    !section.data ||
    !retests.data
  ) {
    return <p className="text-faded">Writing it…</p>;
  }
  if (scores.data.methods.length === 0) {
    return <p className="text-lg">Nothing is scored in this visit yet: a report begins with a reading.</p>;
  }
  const proposed = draft({
    whole,
    zone,
    zoneName: zoneOf && zoneOf.kind !== 'main' ? zoneOf.name : null,
    scores: scores.data,
    before: earlier && before.data ? { day: earlier.day, scores: before.data } : null,
    judgement: judgement.data,
    plan: { ...plan.data, steps: plan.data.steps.filter((one) => one.zone === zone) },
    remedies: remedies.data,
    prices: prices.data,
    methods: methods.data,
    section: section.data,
    change: change.data ?? null,
    retests: retests.data.filter((one) => one.zone === zone),
    practice: me.practice,
    madeUp: me.madeUp,
    units,
  });
  return (
    <>
      <div className="no-print">
        <ZonePick field={field} zone={zone} onPick={pickZone} />
      </div>
      <Writing key={`${zone} ${units.depth}`} proposed={proposed} visitId={visit.id} zone={zone} />
    </>
  );
}

type Words = Pick<Report, 'standing' | 'things' | 'comeBack' | 'contact' | 'parts'>;

/** The sentences in hand; what is typed stays on the device until it is sent. */
function Writing({ proposed, visitId, zone }: { proposed: Report; visitId: string; zone: string }) {
  const here = useHere();
  const queries = useQueryClient();
  const [, setSearch] = useSearchParams();
  const { standing, things, comeBack, contact, parts } = proposed;
  const [words, setWords, forget] = useKept<Words>(`report:${visitId}:${zone}`, 1, {
    standing,
    things,
    comeBack,
    contact,
    parts,
  });
  const [fault, setFault] = useState<string | null>(null);
  const report = { ...proposed, ...words };
  useEffect(() => {
    document.title = `${proposed.field}, ${proposed.day}`;
    return () => {
      document.title = 'Morphotera';
    };
  }, [proposed.field, proposed.day]);

  const sendOnce = useOneTap(send);

  async function send() {
    const id = newId();
    try {
      await take(
        api.PUT('/api/reports/{id}', {
          params: { path: { id } },
          body: { visitId, zone, content: report as unknown as { [key: string]: never }, version: 0 },
        }),
      );
      forget();
      await queries.invalidateQueries({ queryKey: ['visit', visitId, 'reports'] });
      if (here.current) setSearch({ sent: id });
    } catch (error) {
      setFault(sentence(error));
    }
  }

  return (
    <div className="grid gap-x-12 gap-y-6 wide:grid-cols-[minmax(0,1fr)_17rem]">
      <ReportSheet report={report} onWords={(next) => setWords({ ...words, ...next })} />
      <aside className="no-print content-start wide:sticky wide:top-4 wide:self-start">
        <h2>What goes along</h2>
        {PARTS.map((part) => (
          <label key={part} className="flex min-h-11 items-center gap-3 border-t border-rule">
            <input
              type="checkbox"
              checked={words.parts.includes(part)}
              onChange={(event) =>
                setWords({
                  ...words,
                  parts: PARTS.filter((one) =>
                    one === part ? event.target.checked : words.parts.includes(one),
                  ),
                })
              }
            />
            {PART_NAMES[part]}
          </label>
        ))}
        <p className="mt-4 text-sm text-faded">
          The sentences are proposals from the figures: touch one to put it in your words.
        </p>
        <div className="mt-3 grid gap-2">
          <button type="button" className="button button-main" onClick={() => void sendOnce()}>
            Keep it as sent
          </button>
          <button type="button" className="button" onClick={() => globalThis.print()}>
            Print it
          </button>
          <a className="link flex min-h-11 items-center" href={`/api/visits/${visitId}/values.csv`} download>
            The visit’s figures, for a spreadsheet
          </a>
        </div>
        <Fault text={fault} className="mt-2" />
      </aside>
    </div>
  );
}
