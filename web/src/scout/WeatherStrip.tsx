import { useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { JudgedDay, LandField, Method, Planning, WeatherRecord } from '../api/types';
import { BringFile } from '../exchange/BringFile';
import { day as dayText, inSentence, show } from '../ground/format';
import { figure } from '../ground/myUnits';
import { Scrollable } from '../ground/Scrollable';
import { Show } from '../ground/State';

type Props = {
  field: LandField;
  planning: Planning;
  methods: Method[];
  day: string;
  today: string;
  onDay: ((day: string) => void) | null;
  onTake:
    | ((found: { daysSinceRain: number | null; rain10dMm: number | null; soilC: number | null }) => void)
    | null;
};

const LOOKED_BACK = 45;
const BEFORE = 8;
const AFTER = 12;
const COLUMN = 33;
const LEFT = 148;
const RAIN = 62;
const ROW = 30;

const REASONS: Record<string, string> = {
  frozen: 'the ground is frozen',
  'too-hot': 'the soil is too hot',
  'too-wet': 'too soon after rain',
  'wet-side': 'still on the wet side',
  'too-dry': 'the soil is too dry',
  'dry-side': 'on the dry side',
  'shallow-wetting': 'the rain has wetted the top alone',
  'far-forecast': 'the forecast reaches that far only as a guess',
  gap: 'nothing was recorded',
};

function shift(day: string, by: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + by * 86_400_000).toISOString().slice(0, 10);
}

/** Past and coming days: rain, and for each test whether the ground is fit for it, with the reason in words. */
export function WeatherStrip({ field, planning, methods, day, today, onDay, onTake }: Props) {
  const from = shift(today, -BEFORE);
  const to = shift(today, AFTER);
  const ids = methods.map((method) => method.id);
  const gate = useQuery({
    queryKey: keys.gate(field.id, JSON.stringify([ids, from, to, field.texture])),
    queryFn: async ({ signal }) => {
      const record = (await take(
        api.GET('/api/fields/{id}/weather', {
          signal,
          params: { path: { id: field.id }, query: { from: shift(from, -LOOKED_BACK), to } },
        }),
      )) as WeatherRecord;
      const body = {
        textureGroup: field.texture ? (planning.textureGroups[field.texture] ?? null) : null,
        methods: ids,
        days: record.days.map(({ source: _, ...one }) => one),
        from,
        to,
      };
      const judged = (await take(api.POST('/api/weather-gates/judge', { signal, body }))).days as JudgedDay[];
      return { record, judged };
    },
    enabled: ids.length > 0,
    staleTime: 600_000,
  });
  if (ids.length === 0) return null;
  return (
    <Show of={gate}>
      {({ record, judged }) => {
        const chosen = judged.find((one) => one.day === day);
        return (
          <section aria-label="Which days are fit" className="grid gap-2">
            <Scrollable label="Days">
              <Strip
                record={record}
                judged={judged}
                methods={methods}
                day={day}
                today={record.today}
                onDay={onDay}
              />
            </Scrollable>
            {chosen ? (
              <Said of={chosen} methods={methods} onTake={onTake && (() => onTake(chosen))} />
            ) : (
              <p className="text-sm text-faded">The day chosen lies outside these three weeks.</p>
            )}
            <p className="text-sm text-faded">
              Rain by{' '}
              {record.days.some((one) => one.source === 'record') ? 'the holding’s own record and ' : ''}
              the {record.station}; days to come are expected.
            </p>
            {onDay && (
              <BringFile
                kind="rain"
                title={`Rain as ${field.holdingName} read it, from a table`}
                hint="CSV with the columns day (2031-05-14), rain_mm, and if there irrigation_mm and air_mean_c."
                accept=".csv,text/csv"
                names={['day', 'days']}
                holding={field.holdingId}
              />
            )}
          </section>
        );
      }}
    </Show>
  );
}

type StripProps = {
  record: WeatherRecord;
  judged: JudgedDay[];
  methods: Method[];
  day: string;
  today: string;
  onDay: ((day: string) => void) | null;
};

/** Tests that are judged alike on every day share a row. */
export function rowsOf(judged: JudgedDay[], methods: Method[]): { names: string[]; verdicts: string[] }[] {
  const rows = new Map<string, { names: string[]; verdicts: string[] }>();
  for (const method of methods) {
    const verdicts = judged.map(
      (day) => day.methods.find((one) => one.method === method.id)?.verdict ?? 'good',
    );
    const row = rows.get(verdicts.join()) ?? { names: [], verdicts };
    row.names.push(method.name);
    rows.set(verdicts.join(), row);
  }
  return [...rows.values()].sort((a, b) => worst(b.verdicts) - worst(a.verdicts));
}

function worst(verdicts: string[]): number {
  return verdicts.filter((one) => one !== 'good').length;
}

function Strip({ record, judged, methods, day, today, onDay }: StripProps) {
  const rows = rowsOf(judged, methods);
  const width = LEFT + judged.length * COLUMN;
  const height = RAIN + rows.length * ROW + 26;
  const rain = new Map(record.days.map((one) => [one.day, one.rainMm + (one.irrigationMm ?? 0)]));
  const most = Math.max(12, ...judged.map((one) => rain.get(one.day) ?? 0));
  const x = (i: number) => LEFT + i * COLUMN;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="w-full min-w-[44rem]"
      role="group"
      aria-label="Three weeks by day"
    >
      <text x={LEFT - 10} y={RAIN - 8} textAnchor="end" fontSize="12.5" fill="var(--faded)">
        rain, mm
      </text>
      {judged.map((one, i) => {
        const mm = rain.get(one.day) ?? 0;
        const high = (mm / most) * (RAIN - 24);
        const on = one.day === day;
        return (
          <g
            key={one.day}
            role="button"
            tabIndex={onDay ? 0 : -1}
            aria-pressed={on}
            aria-label={`${dayText(one.day)}: ${show(mm, 0)} mm${one.forecast ? ' expected' : ''}`}
            className={onDay ? 'cursor-pointer' : ''}
            onClick={() => onDay?.(one.day)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                onDay?.(one.day);
              }
            }}
          >
            <rect
              x={x(i) + 1}
              y="2"
              width={COLUMN - 2}
              height={height - 4}
              rx="6"
              fill={on ? 'var(--lift)' : 'transparent'}
              stroke={on ? 'var(--act)' : 'none'}
              strokeWidth="1.6"
            />
            {mm > 0.05 && (
              <rect
                x={x(i) + 11}
                y={RAIN - high - 6}
                width={COLUMN - 22}
                height={Math.max(1, high)}
                fill={one.forecast ? 'none' : 'var(--water)'}
                stroke="var(--water)"
              />
            )}
            {mm >= 1 && (
              <text
                x={x(i) + COLUMN / 2}
                y={RAIN - high - 10}
                textAnchor="middle"
                fontSize="11"
                className="num"
                fill="var(--faded)"
              >
                {show(mm, 0)}
              </text>
            )}
            <text
              x={x(i) + COLUMN / 2}
              y={height - 8}
              textAnchor="middle"
              fontSize="12"
              className="num"
              fontWeight={one.day === today ? 700 : 400}
              fill={one.day === today ? 'var(--ink)' : 'var(--faded)'}
            >
              {one.day === today ? 'today' : one.day.slice(8)}
            </text>
          </g>
        );
      })}
      <line x1={LEFT} x2={width} y1={RAIN - 6} y2={RAIN - 6} stroke="var(--edge)" pointerEvents="none" />
      {rows.map((row, r) => (
        <g key={row.names.join()} pointerEvents="none">
          <title>{row.names.join(', ')}</title>
          <text x={LEFT - 10} y={RAIN + r * ROW + 19} textAnchor="end" fontSize="12.5" fill="var(--ink)">
            {rowName(row.names)}
          </text>
          {row.verdicts.map((verdict, i) => (
            <Fit key={judged[i]?.day} verdict={verdict} x={x(i) + COLUMN / 2} y={RAIN + r * ROW + 15} />
          ))}
        </g>
      ))}
    </svg>
  );
}

function rowName(names: string[]): string {
  const first = names[0] ?? '';
  const text = names.length === 1 ? first : `${first} + ${names.length - 1}`;
  return text.length <= 21 ? text : `${text.slice(0, 20)}…`;
}

/** Fit: a filled drop; doubtful: half of one; unfit: a stroke through the place. Marks of its own: colour means condition only. */
function Fit({ verdict, x, y }: { verdict: string; x: number; y: number }) {
  const drop = 'M0 -8C4 -3 6 0 6 3A6 6 0 0 1 -6 3C-6 0 -4 -3 0 -8Z';
  return (
    <g transform={`translate(${x} ${y})`}>
      {verdict === 'good' && <path d={drop} fill="var(--ink)" />}
      {verdict === 'doubtful' && (
        <>
          <path d={drop} fill="none" stroke="var(--ink)" strokeWidth="1.3" />
          <path d="M0 -8C-4 -3 -6 0 -6 3A6 6 0 0 0 0 9Z" fill="var(--ink)" />
        </>
      )}
      {verdict === 'bad' && <path d="M-5 -4 5 6M5 -4 -5 6" stroke="var(--faded)" strokeWidth="1.3" />}
    </g>
  );
}

/** The chosen day in words: what it is fit for, and why not for the rest. */
function Said({ of, methods, onTake }: { of: JudgedDay; methods: Method[]; onTake: (() => void) | null }) {
  const nameOf = (id: string) => inSentence(methods.find((one) => one.id === id)?.name ?? id);
  const by = (verdict: string) => of.methods.filter((one) => one.verdict === verdict);
  const why = (list: JudgedDay['methods']) =>
    [...new Set(list.flatMap((one) => one.why))].map((one) => REASONS[one] ?? one).join(', ');
  const good = by('good');
  const doubtful = by('doubtful');
  const bad = by('bad');
  const facts = [
    of.daysSinceRain === null
      ? null
      : `${of.daysSinceRain} ${of.daysSinceRain === 1 ? 'day' : 'days'} after a wetting rain`,
    of.rain10dMm === null ? null : `${figure(of.rain10dMm, 'mm', 0)} in ten days`,
    of.soilC === null ? null : `soil about ${figure(of.soilC, '°C', 0)}`,
  ].filter(Boolean);
  return (
    <div className="grid gap-1">
      <p>
        <span className="font-semibold">{dayText(of.day)}</span>
        {facts.length > 0 && `: ${facts.join(', ')}`}.{' '}
        {onTake && (
          <button type="button" className="link" onClick={onTake}>
            Take these over
          </button>
        )}
      </p>
      {bad.length > 0 && (
        <p>
          No day for {bad.map((one) => nameOf(one.method)).join(', ')}: {why(bad)}.
        </p>
      )}
      {doubtful.length > 0 && (
        <p>
          Doubtful for {doubtful.map((one) => nameOf(one.method)).join(', ')}: {why(doubtful)}.
        </p>
      )}
      <p className="text-faded">
        {good.length === of.methods.length
          ? 'Fit for all chosen tests.'
          : good.length === 0
            ? 'None of the chosen tests is valid that day.'
            : `Valid all the same: ${good.map((one) => nameOf(one.method)).join(', ')}.`}
      </p>
    </div>
  );
}
