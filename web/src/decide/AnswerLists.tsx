import { show } from '../ground/format';
import { Scrollable } from '../ground/Scrollable';

type Row = Record<string, unknown>;

/** Lists in an answer, such as crops in their order or what to ask a laboratory: a row each, a column for each part. */
export function AnswerLists({ answer }: { answer: Record<string, unknown> }) {
  const lists = Object.entries(answer).filter(
    (entry): entry is [string, Row[]] => Array.isArray(entry[1]) && entry[1].length > 0,
  );
  return lists.map(([key, rows]) => (
    <div key={key} className="mt-3">
      <Scrollable label={inWords(key)}>
        <table className="w-full">
          <thead>
            <tr>
              {Object.keys(rows[0] ?? {}).map((part) => (
                <th key={part} scope="col" className="py-1 pr-3 text-left text-sm font-normal text-faded">
                  {inWords(part)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.slice(0, 10).map((row) => (
              <tr key={JSON.stringify(row)} className="border-t border-rule align-top">
                {Object.entries(row).map(([part, value]) => (
                  <td key={part} className={`py-1.5 pr-3 ${typeof value === 'number' ? 'num' : ''}`}>
                    {cell(value)}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </Scrollable>
      {rows.length > 10 && <p className="text-sm text-faded">And {rows.length - 10} that serve less.</p>}
    </div>
  ));
}

function cell(value: unknown): string {
  if (value === null || value === undefined) return '';
  if (typeof value === 'number') return show(value, 1);
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return String(value).replaceAll('-', ' ');
}

const UNITS: [string, string][] = [
  ['Percent', '%'],
  ['DSPerM', 'dS/m'],
  ['Cm', 'cm'],
];

/** "relativeYieldPercent" as "relative yield, %". */
function inWords(key: string): string {
  const unit = UNITS.find(([end]) => key.endsWith(end));
  const words = key
    .slice(0, key.length - (unit?.[0].length ?? 0))
    .replace(/([a-z])([A-Z])/g, (_, a: string, b: string) => `${a} ${b.toLowerCase()}`);
  return unit ? `${words}, ${unit[1]}` : words;
}
