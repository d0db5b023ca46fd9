import type { SectionColumn, SectionView } from '../api/types';
import { show } from '../ground/format';
import { figure, sayMine } from '../ground/myUnits';
import { Scrollable } from '../ground/Scrollable';

type Ground = SectionColumn['ground'];

const words = (word: string) => word.replaceAll('-', ' ');

/** What a section draws, row by row: each says itself for a spot, in lines. */
const ROWS: [string, (ground: Ground) => string[]][] = [
  [
    'layers',
    ({ layers }) =>
      layers.map((one) =>
        [
          `${sayMine(`${show(one.topCm, 0)}–${show(one.bottomCm, 0)} cm`)} ${words(one.shape)}`,
          one.effort && words(one.effort),
          `roots ${words(one.roots)}`,
          one.mottles && one.mottles !== 'none' ? `${words(one.mottles)} mottles` : null,
          one.moisture && words(one.moisture),
        ]
          .filter(Boolean)
          .join(', '),
      ),
  ],
  ['cone', ({ cone }) => cone.map((at) => `${figure(at.depthCm, 'cm')} ${figure(at.value, 'kPa', 0)}`)],
  [
    'root limit met at',
    ({ limitCm, cone }) => (limitCm !== null ? [figure(limitCm, 'cm')] : cone.length > 0 ? ['not met'] : []),
  ],
  ['pan, peak', ({ panPeakCm }) => (panPeakCm === null ? [] : [figure(panPeakCm, 'cm')])],
  ['four fifths of the roots', ({ root80Cm }) => (root80Cm === null ? [] : [figure(root80Cm, 'cm', 0)])],
  ['deepest root', ({ rootMaxCm }) => (rootMaxCm === null ? [] : [figure(rootMaxCm, 'cm', 0)])],
  ['water stood at', ({ waterAtCm }) => (waterAtCm === null ? [] : [figure(waterAtCm, 'cm', 0)])],
  ['pH in water', ({ ph }) => ph.map((at) => `${figure(at.depthCm, 'cm', 0)} ${show(at.value)}`)],
  [
    'salt, as paste',
    ({ salinity }) => salinity.map((at) => `${figure(at.depthCm, 'cm', 0)} ${figure(at.value, 'dS/m')}`),
  ],
];

/** The whole table behind the drawing: spots across, what was read down. */
export function SectionTable({ view }: { view: SectionView }) {
  const rows = ROWS.map(([name, of]) => ({ name, cells: view.columns.map((column) => of(column.ground)) }));
  return (
    <details>
      <summary className="link flex min-h-11 cursor-pointer items-center">The numbers, spot by spot</summary>
      <Scrollable label="The numbers of the section">
        <table className="mt-1 text-sm">
          <thead>
            <tr className="text-left text-faded">
              <th scope="col" className="py-1 pr-4 font-normal">
                spot
              </th>
              {view.columns.map((column) => (
                <th key={column.spotId} scope="col" className="pr-4 font-normal">
                  {column.label}
                  {column.score !== null && <span className="num">, score {show(column.score, 0)}</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows
              .filter((row) => row.cells.some((lines) => lines.length > 0))
              .map((row) => (
                <tr key={row.name} className="border-t border-rule align-top">
                  <th scope="row" className="py-1.5 pr-4 text-left font-normal whitespace-nowrap">
                    {row.name}
                  </th>
                  {row.cells.map((lines, i) => (
                    <td key={view.columns[i]?.spotId} className="py-1.5 pr-4">
                      {lines.length === 0 ? '–' : lines.map((line) => <div key={line}>{line}</div>)}
                    </td>
                  ))}
                </tr>
              ))}
          </tbody>
        </table>
      </Scrollable>
    </details>
  );
}
