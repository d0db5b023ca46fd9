import type { Slope, TrendView } from '../api/types';
import { inSentence, show, signed } from '../ground/format';
import { inMine, myUnit, sayMine } from '../ground/myUnits';

/** The slope through three visits or more, per method and group or per quantity; a verdict only from four on. */
export function Slopes({ trend, inValues }: { trend: TrendView; inValues: boolean }) {
  const methods = inValues ? ofValues(trend) : ofScores(trend);
  const groups = inValues
    ? []
    : trend.groups.flatMap((one) => (one.trend ? [{ name: one.group, slope: one.trend, unit: null }] : []));
  if (methods.length === 0) return null;
  return (
    <section aria-labelledby="slopes">
      <h2 id="slopes">Through all visits</h2>
      <p className="text-sm text-faded">
        {inValues ? 'in its unit a year' : 'points a year'}, the median of all pairs of visits
        {groups.length > 0 && '; a group by those of its tests that were made each time'}
      </p>
      <table className="mt-2 w-full">
        <tbody>
          {[...methods, ...groups].map(({ name, slope, unit }, i) => (
            <tr key={name} className={`border-t ${i === methods.length ? 'border-ink' : 'border-rule'}`}>
              <th
                scope="row"
                className={`py-1.5 pr-3 text-left font-normal ${i >= methods.length ? 'first-letter:uppercase' : ''}`}
              >
                {name}
              </th>
              <td className="num py-1.5 pr-3 text-right whitespace-nowrap">
                {signed(slope.perYear, inValues ? 2 : 1)}
                {unit && ` ${unit}`}
              </td>
              <td className="py-1.5 text-sm text-faded">{verdict(slope)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

function ofScores(trend: TrendView) {
  return trend.methods.flatMap((one) =>
    one.trend ? [{ name: one.methodName, slope: one.trend, unit: null }] : [],
  );
}

/** A slope is a difference: it is stretched to the unit of who looks, and not shifted. */
function ofValues(trend: TrendView) {
  return trend.values.flatMap((one) => {
    if (!one.trend) return [];
    const apart = (value: number) => inMine(value, one.unit) - inMine(0, one.unit);
    const { perYear, low, high } = one.trend;
    const slope = {
      ...one.trend,
      perYear: apart(perYear),
      low: low === null ? null : apart(low),
      high: high === null ? null : apart(high),
    };
    const detail = [one.depthCm === null ? null : sayMine(`at ${show(one.depthCm, 1)} cm`), one.how];
    const name = [`${one.methodName}: ${inSentence(one.label)}`, ...detail].filter(Boolean).join(', ');
    return [{ name, slope, unit: one.unit === 'pH' ? null : myUnit(one.unit) }];
  });
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
