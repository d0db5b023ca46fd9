import { nameOf } from '../api/methodNames';
import type { Band, FieldScores, Method, MethodScore } from '../api/types';
import { bandOf, ClodMarks } from '../ground/Clod';
import { show } from '../ground/format';
import { sayMine } from '../ground/myUnits';
import { Scrollable } from '../ground/Scrollable';
import { scale } from '../ground/scale';
import { spread } from './spread';

type Props = {
  scores: FieldScores;
  before: FieldScores | null;
  methods: Method[];
  spotLabel: (id: string) => string;
};

const LEFT = 196;
const RIGHT = 660;
const ROW = 46;
const TOP = 46;
const BANDS: [Band, number, number][] = [
  ['spent', 0, 25],
  ['slipping', 25, 50],
  ['holding', 50, 75],
  ['thriving', 75, 100],
];

/** A row for each method over one line of 0 to 100 and its bands; groups by bracket. */
export function ScoreRows({ scores, before, methods, spotLabel }: Props) {
  const x = scale([0, 100], [LEFT, RIGHT], 25);
  const groups = scores.groups.map((group) => group.group);
  const ungrouped = [...new Set(scores.methods.map((method) => method.group))].filter(
    (one) => !groups.includes(one as never),
  );
  const order = [...groups, ...ungrouped];
  // Rows that make a group's score come first; deeper ones and those a better way speaks for stand below them.
  const rows = order.flatMap((group) =>
    scores.methods
      .filter((method) => method.group === group)
      .sort((a, b) => Number(b.inGroup) - Number(a.inGroup)),
  );
  const bottom = TOP + rows.length * ROW + 8;
  const name = (id: string) => nameOf(methods, id);
  return (
    <figure>
      <Scrollable label="Scores on a line">
        <svg
          viewBox={`0 0 830 ${bottom + 8}`}
          className="w-full min-w-[36rem]"
          role="img"
          aria-label={rows
            .map((row) => `${name(row.method)} ${show(row.mean)}${row.hollow ? ', no evidence' : ''}`)
            .join(', ')}
        >
          {BANDS.map(([band, from, to]) => (
            <g key={band}>
              <rect
                x={x(from)}
                y={TOP - 8}
                width={x(to) - x(from)}
                height={bottom - TOP + 8}
                fill={`var(--${band})`}
                fillOpacity="0.16"
              />
              <text x={(x(from) + x(to)) / 2} y="14" textAnchor="middle" fontSize="12.5" fill="var(--faded)">
                {band}
              </text>
            </g>
          ))}
          {x.ticks.map((tick) => (
            <text
              key={tick}
              x={x(tick)}
              y="32"
              textAnchor="middle"
              fontSize="13"
              className="num"
              fill="var(--ink)"
            >
              {tick}
            </text>
          ))}
          {order.map((group) => {
            const first = rows.findIndex((row) => row.group === group);
            const count = rows.filter((row) => row.group === group).length;
            const top = TOP + first * ROW;
            const made = scores.groups.find((one) => one.group === group);
            return (
              <g key={group}>
                {first > 0 && <path d={`M0 ${top - 4}H${RIGHT + 20}`} stroke="var(--rule)" />}
                <path
                  d={`M${RIGHT + 14} ${top + 8}h8v${count * ROW - 22}h-8`}
                  fill="none"
                  stroke="var(--edge)"
                  strokeWidth="1.4"
                />
                <g transform={`translate(${RIGHT + 34} ${top + (count * ROW) / 2 - 12})`}>
                  <ClodMarks band={bandOf(made?.score ?? null)} />
                  <text x="24" y="13" fontSize="16" fill="var(--ink)">
                    <tspan className="num" fontWeight="650">
                      {made ? show(made.score, 0) : ''}
                    </tspan>
                    <tspan dx="7" fill="var(--faded)">
                      {group}
                    </tspan>
                  </text>
                </g>
              </g>
            );
          })}
          {rows.map((row, i) => {
            const y = TOP + i * ROW + ROW / 2 - 3;
            const was = before?.methods.find(
              (one) =>
                one.method === row.method &&
                one.depthClass === row.depthClass &&
                one.mixed === row.mixed &&
                !one.hollow,
            )?.mean;
            const places = spread(
              row.spots.map((spot) => x(spot.score)),
              11,
              6,
            );
            return (
              <g key={rowKey(row)} opacity={row.inGroup ? undefined : 0.62}>
                <text x="4" y={subOf(row) ? y - 1 : y + 5} fontSize="16" fill="var(--ink)">
                  {name(row.method)}
                </text>
                {subOf(row) && (
                  <text x="4" y={y + 15} fontSize="12.5" fill="var(--faded)">
                    {subOf(row)}
                  </text>
                )}
                <text x={LEFT - 22} y={y + 5} fontSize="12.5" textAnchor="end" fill="var(--faded)">
                  {row.grade}
                </text>
                <path d={`M${x(row.lowest)} ${y}H${x(row.highest)}`} stroke="var(--edge)" strokeWidth="1.6" />
                {was !== undefined && (
                  <path
                    d={`M${x(was)} ${y - 13}v26`}
                    stroke="var(--ink)"
                    strokeWidth="1.6"
                    strokeDasharray="2 3"
                  />
                )}
                {row.spots.map((spot, at) => {
                  const odd = row.odd.includes(spot.spot);
                  return (
                    <g key={spot.spot}>
                      <circle
                        cx={x(spot.score)}
                        cy={y + (places[at] ?? 0)}
                        r={odd ? 9 : 5.2}
                        fill="var(--lift)"
                        stroke={odd ? 'var(--warn)' : 'var(--ink)'}
                        strokeWidth={odd ? 2 : 1.4}
                        strokeDasharray={spot.hollow || spot.beside ? '2 2' : undefined}
                      />
                      {odd && (
                        <text
                          x={x(spot.score)}
                          y={y + (places[at] ?? 0) + 4.5}
                          textAnchor="middle"
                          fontSize="11.5"
                          fontWeight="650"
                          fill="var(--warn)"
                        >
                          {spotLabel(spot.spot)}
                        </text>
                      )}
                    </g>
                  );
                })}
                <path
                  d={`M${x(row.mean)} ${y - 10}l7.5 10 -7.5 10 -7.5 -10Z`}
                  fill={row.hollow || !row.inGroup ? 'var(--lift)' : 'var(--ink)'}
                  stroke={row.hollow || !row.inGroup ? 'var(--ink)' : 'var(--paper)'}
                  strokeWidth="1"
                />
              </g>
            );
          })}
        </svg>
      </Scrollable>
      {/* A table itself is never narrower than its words. */}
      <div className="sr-only">
        <table>
          <caption>Scores by method</caption>
          <thead>
            <tr>
              <th scope="col">method</th>
              <th scope="col">mean</th>
              <th scope="col">spots</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={rowKey(row)}>
                <th scope="row">
                  {name(row.method)}
                  {subOf(row) && `, ${subOf(row)}`}
                </th>
                <td>{show(row.mean)}</td>
                <td>{row.spots.map((spot) => `${spotLabel(spot.spot)}: ${show(spot.score)}`).join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </figure>
  );
}

function rowKey(row: MethodScore): string {
  return `${row.method} ${row.depthClass}${row.mixed ? ' mixed' : ''}`;
}

/** What a row is beside its method: its depth, or why it makes no group's score. */
function subOf(row: MethodScore): string | null {
  const cm = row.depthClass && sayMine(`${row.depthClass.replace('-', '–').replace('60+', 'below 60')} cm`);
  const depth = row.mixed ? [cm, 'a mixed sample'].filter(Boolean).join(', ') : cm;
  if (row.hollow) return [depth, 'not the day for it: no evidence'].filter(Boolean).join(', ');
  if (row.spots.every((spot) => spot.beside)) return 'a better way speaks for these spots';
  return row.inGroup ? (depth === '0–10 cm' ? null : depth) : depth;
}
