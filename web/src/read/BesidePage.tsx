import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { nameOf } from '../api/methodNames';
import type { BesideRow, BesideView, Method, WholeVisit, Zone } from '../api/types';
import { useMethods } from '../api/useMethods';
import { Across } from '../ground/Axis';
import { show } from '../ground/format';
import { figure, myUnit } from '../ground/myUnits';
import { Scrollable } from '../ground/Scrollable';
import { Show } from '../ground/State';
import { depthScale, scale } from '../ground/scale';
import { zoneName } from '../ground/ZonePick';
import { depthOf, figureOf, firstWords, SHAPES, unlikeWords } from './beside';

const MOST = 4;

/** Zones of the visit beside each other, in the order of their difference. */
export function BesidePage({ whole }: { whole: WholeVisit }) {
  const [search, setSearch] = useSearchParams();
  const methods = useMethods();
  const read = new Set(whole.readings.map((one) => one.spotId));
  const zones = whole.field.zones.filter((zone) =>
    whole.field.spots.some((spot) => spot.zoneId === zone.id && read.has(spot.id)),
  );
  const asked = (search.get('zones') ?? '').split(',').filter((id) => zones.some((zone) => zone.id === id));
  const chosen = asked.length >= 2 ? asked : zones.slice(0, 2).map((zone) => zone.id);
  if (zones.length < 2) {
    return (
      <p className="text-lg">
        {zones.length === 0
          ? 'Nothing was read in this visit yet.'
          : 'All that was read lies in one zone. Read a poor patch and a good one, and they stand beside each other here.'}
      </p>
    );
  }
  function pick(id: string) {
    const next = chosen.includes(id) ? chosen.filter((one) => one !== id) : [...chosen, id].slice(-MOST);
    if (next.length < 2) return;
    const params = new URLSearchParams(search);
    params.set('zones', next.join(','));
    setSearch(params);
  }
  return (
    <>
      {zones.length > 2 && (
        <div className="mb-3 flex flex-wrap gap-x-5" role="group" aria-label="Zones beside each other">
          {zones.map((zone: Zone) => (
            <button
              type="button"
              key={zone.id}
              aria-pressed={chosen.includes(zone.id)}
              className={`min-h-11 border-b-2 ${chosen.includes(zone.id) ? 'border-ink font-semibold' : 'border-transparent text-faded'}`}
              onClick={() => pick(zone.id)}
            >
              {zoneName(zone)}
            </button>
          ))}
        </div>
      )}
      <Show of={methods}>{(all) => <Chosen whole={whole} zones={chosen} methods={all} />}</Show>
    </>
  );
}

function Chosen({ whole, zones, methods }: { whole: WholeVisit; zones: string[]; methods: Method[] }) {
  const id = whole.visit.id;
  const asked = zones.join(',');
  const beside = useQuery({
    queryKey: keys.beside(id, asked),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/visits/{id}/beside', { signal, params: { path: { id }, query: { zones: asked } } }),
      ) as Promise<BesideView>,
  });
  const named = (view: BesideView): BesideView => ({
    ...view,
    columns: view.columns.map((column) => {
      const zone = whole.field.zones.find((one) => one.id === column.zone);
      return zone ? { ...column, name: zoneName(zone) } : column;
    }),
  });
  return <Show of={beside}>{(view) => <Drawn view={named(view)} methods={methods} />}</Show>;
}

function Drawn({ view, methods }: { view: BesideView; methods: Method[] }) {
  const name = (id: string) => nameOf(methods, id);
  const unlike = unlikeWords(view, name);
  const first = firstWords(view, name);
  const rows = view.rows.filter((row) => row.means !== null);
  const context = view.rows.filter((row) => row.words !== null);
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-x-12 gap-y-8 wide:grid-cols-[minmax(0,1fr)_19rem]">
      <div>
        <p className="mb-3 text-lg">
          {unlike ? <strong>Read unlike: {unlike}. </strong> : 'Read alike, on one day. '}
          <span className="text-faded">What is much the same in all does not explain the difference.</span>
        </p>
        {first.length > 0 ? (
          <ol className="mb-5 list-inside list-decimal text-[1.3rem]">
            {first.map((one) => (
              <li key={one}>{one}</li>
            ))}
          </ol>
        ) : (
          <p className="mb-5 text-[1.3rem]">No method differs between them.</p>
        )}
        <ul className="mb-2 flex flex-wrap gap-x-6" aria-label="Zones">
          {view.columns.map((column, i) => (
            <li key={column.zone} className="flex items-center gap-2">
              <svg width="18" height="18" viewBox="0 0 18 18" aria-hidden="true">
                <Shape i={i} x={9} y={9} />
              </svg>
              {column.name}, {column.spots} {column.spots === 1 ? 'spot' : 'spots'}
            </li>
          ))}
        </ul>
        <Lines view={view} rows={rows} name={name} />
        {context.map((row) => (
          <p key={row.method} className="border-t border-rule py-2">
            {name(row.method)}:{' '}
            {view.columns
              .map(
                (column, i) =>
                  `${column.name} ${row.words?.[i]?.map((word) => word.replaceAll('-', ' ')).join(', ') || 'not read'}`,
              )
              .join('; ')}
          </p>
        ))}
      </div>
      <Depths view={view} methods={methods} />
    </div>
  );
}

const LEFT = 190;
const RIGHT = 560;
const ROW = 44;
const TOP = 26;

function Lines({ view, rows, name }: { view: BesideView; rows: BesideRow[]; name: (id: string) => string }) {
  const x = scale([0, 100], [LEFT, RIGHT], 25);
  const wide = 92;
  return (
    <Scrollable label="Means by zone">
      <svg
        viewBox={`0 0 ${RIGHT + 30 + wide * view.columns.length} ${TOP + rows.length * ROW + 6}`}
        className="w-full min-w-[36rem]"
        role="img"
        aria-label={rows
          .map(
            (row) =>
              `${name(row.method)}${depthOf(row)}: ${view.columns.map((column, i) => `${column.name} ${show(row.means?.[i], 0)}`).join(', ')}`,
          )
          .join('; ')}
      >
        {x.ticks.map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={14}
            fontSize="12"
            textAnchor="middle"
            className="num"
            fill="var(--faded)"
          >
            {tick}
          </text>
        ))}
        {view.columns.map((column, at) => (
          <Shape key={column.zone} i={at} x={RIGHT + 12 + wide * (at + 1)} y={10} />
        ))}
        {rows.map((row, i) => {
          const y = TOP + i * ROW + ROW / 2;
          const known = (row.means ?? []).filter((mean): mean is number => mean !== null);
          const heavy = view.first.includes(row.method) && (row.spread ?? 0) > 0;
          return (
            <g key={`${row.method} ${row.depthClass}`}>
              <text x="0" y={y - 1} fontSize="16" fontWeight={heavy ? 700 : 400} fill="var(--ink)">
                {name(row.method)}
                {depthOf(row)}
              </text>
              <text x="0" y={y + 15} fontSize="12.5" fill="var(--faded)">
                {row.group}, {row.grade}
              </text>
              <path d={`M${LEFT} ${y}H${RIGHT}`} stroke="var(--rule)" strokeWidth="2" />
              {known.length > 1 && (
                <path
                  d={`M${x(Math.min(...known))} ${y}H${x(Math.max(...known))}`}
                  stroke="var(--ink)"
                  strokeWidth={heavy ? 3.4 : 1.6}
                />
              )}
              {row.means?.map(
                (mean, at) =>
                  mean !== null && <Shape key={view.columns[at]?.zone ?? at} i={at} x={x(mean)} y={y} />,
              )}
              {view.columns.map((column, at) => (
                <text
                  key={column.zone}
                  x={RIGHT + 20 + wide * (at + 1)}
                  y={y + 5}
                  fontSize="14"
                  textAnchor="end"
                  className="num"
                  fill="var(--ink)"
                >
                  {figureOf(row, at)}
                </text>
              ))}
            </g>
          );
        })}
      </svg>
    </Scrollable>
  );
}

/** A zone's own mark: a ring, a square, a triangle, a cross. */
function Shape({ i, x, y }: { i: number; x: number; y: number }) {
  const look = { stroke: 'var(--ink)', strokeWidth: 2 };
  switch (SHAPES[i]) {
    case 'ring':
      return <circle cx={x} cy={y} r="7" fill="var(--paper)" {...look} />;
    case 'square':
      return <rect x={x - 6} y={y - 6} width="12" height="12" fill="var(--ink)" {...look} />;
    case 'triangle':
      return <path d={`M${x} ${y - 8}l8 14h-16Z`} fill="var(--paper)" {...look} />;
    default:
      return <path d={`M${x - 6} ${y - 6}l12 12m0 -12l-12 12`} fill="none" {...look} strokeWidth="3" />;
  }
}

const COLUMN = 92;

/** All depths found, on one ruler downward, a column for each zone. */
function Depths({ view, methods }: { view: BesideView; methods: Method[] }) {
  if (view.depths.length === 0) return null;
  const deepest = Math.max(...view.depths.flatMap((one) => one.means.map((mean) => mean ?? 0)));
  const y = depthScale(deepest, 380, 34);
  const label = (key: string) => {
    const [method = '', result = ''] = key.split('.');
    return methods.find((one) => one.id === method)?.results.find((one) => one.key === result)?.label ?? key;
  };
  const width = 34 + view.columns.length * (COLUMN + 12);
  return (
    <figure>
      <figcaption className="mb-1 font-semibold">On one ruler, {myUnit('cm')}</figcaption>
      <svg
        viewBox={`0 0 ${width} 430`}
        className="w-full max-w-[24rem]"
        role="img"
        aria-label={view.depths
          .map(
            (one) =>
              `${label(one.key)}: ${view.columns.map((column, i) => `${column.name} ${figure(one.means[i] ?? null, 'cm', 0)}`).join(', ')}`,
          )
          .join('; ')}
      >
        <Across scale={y} from={30} to={width} />
        {view.columns.map((column, i) => {
          const left = 34 + i * (COLUMN + 12);
          return (
            <g key={column.zone}>
              <rect
                x={left}
                y={y(0)}
                width={COLUMN}
                height={y.range[1] - y(0)}
                fill="var(--rule)"
                opacity="0.5"
              />
              <path d={`M${left} ${y(0)}H${left + COLUMN}`} stroke="var(--ink)" strokeWidth="2" />
              <text x={left} y={22} fontSize="13.5" fontWeight="650" fill="var(--ink)">
                {column.name.length > 13 ? `${column.name.slice(0, 12)}…` : column.name}
              </text>
              {view.depths.map((one, at) => {
                const mean = one.means[i];
                if (mean === null || mean === undefined) return null;
                return (
                  <path
                    key={one.key}
                    d={`M${left} ${y(mean)}H${left + COLUMN}`}
                    stroke="var(--ink)"
                    strokeWidth="2"
                    strokeDasharray={DASHES[at % DASHES.length]}
                  />
                );
              })}
            </g>
          );
        })}
      </svg>
      <table className="mt-2 w-full max-w-[24rem] text-sm">
        <tbody>
          {view.depths.map((one, at) => (
            <tr key={one.key} className="border-t border-rule">
              <th scope="row" className="py-1 text-left font-normal">
                <svg width="30" height="8" className="mr-2 inline" aria-hidden="true">
                  <path
                    d="M0 4H30"
                    stroke="var(--ink)"
                    strokeWidth="2"
                    strokeDasharray={DASHES[at % DASHES.length]}
                  />
                </svg>
                {label(one.key)}
              </th>
              {one.means.map((mean, i) => (
                <td key={view.columns[i]?.zone ?? i} className="num pl-2 text-right">
                  {show(mean, 0)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </figure>
  );
}

const DASHES = ['', '7 4', '2 3', '10 3 2 3', '4 2', '1 5'];
