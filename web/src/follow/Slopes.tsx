import type { Slope, TrendView } from '../api/types';
import { signed } from '../ground/format';

/** The slope through three visits or more, per method and group; a verdict only from four on. */
export function Slopes({ trend }: { trend: TrendView }) {
  const methods = trend.methods.flatMap((one) =>
    one.trend ? [{ name: one.methodName, slope: one.trend }] : [],
  );
  const groups = trend.groups.flatMap((one) => (one.trend ? [{ name: one.group, slope: one.trend }] : []));
  if (methods.length === 0) return null;
  return (
    <section aria-labelledby="slopes">
      <h2 id="slopes">Through all visits</h2>
      <p className="text-sm text-faded">points a year, the median of all pairs of visits</p>
      <table className="mt-2 w-full">
        <tbody>
          {[...methods, ...groups].map(({ name, slope }, i) => (
            <tr key={name} className={`border-t ${i === methods.length ? 'border-ink' : 'border-rule'}`}>
              <th
                scope="row"
                className={`py-1.5 pr-3 text-left font-normal ${i >= methods.length ? 'first-letter:uppercase' : ''}`}
              >
                {name}
              </th>
              <td className="num py-1.5 pr-3 text-right whitespace-nowrap">{signed(slope.perYear)}</td>
              <td className="py-1.5 text-sm text-faded">{verdict(slope)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

const WORDS = {
  rising: 'rising',
  falling: 'falling',
  'no-clear-trend': 'no clear trend',
  'too-few': 'a fourth visit gives a verdict',
};

function verdict(slope: Slope): string {
  const words = WORDS[slope.verdict];
  return slope.low === null || slope.high === null
    ? words
    : `${words}, ${signed(slope.low)} to ${signed(slope.high)}`;
}
