import type { Promised } from '../api/types';
import { month, show } from '../ground/format';
import { promised } from '../ground/promised';
import { scale } from '../ground/scale';

const PLACES: Record<string, string> = { inside: '', above: 'above', below: 'below' };

/** How far into the future a band is drawn: a year past the newest visit, or what the promise reaches. */
export function reach(band: Promised, visits: { day: string }[]): string[] {
  const newest =
    visits
      .map((visit) => visit.day)
      .sort()
      .at(-1) ?? '';
  return band.points.map((point) => point.day).filter((day) => day <= nextYear(newest));
}

function nextYear(day: string): string {
  return `${Number(day.slice(0, 4)) + 1}${day.slice(4)}`;
}

type Props = {
  band: Promised;
  at: (iso: string) => number;
  top: number;
  left: number;
  to: number;
  height: number;
};

/** What was promised as a band, fixed when it was done, and what was read since: in it, above, or below. */
export function BandRow({ band, at, top, left, to, height }: Props) {
  const values = [
    ...band.points.flatMap((point) => [point.low, point.high]),
    ...band.outcomes.map((one) => one.value),
  ];
  const low = Math.min(...values);
  const high = Math.max(...values);
  const pad = (high - low) * 0.12 || 0.5;
  const y = scale([low - pad, high + pad], [top + height - 18, top + 14]);
  const points = band.points.filter((point) => at(point.day) <= to + 4);
  const up = points.map((point) => `${at(point.day)} ${y(point.high)}`);
  const down = points.map((point) => `${at(point.day)} ${y(point.low)}`).reverse();
  const named = promised(band.measure);
  return (
    <g>
      <path d={`M0 ${top}H${to + 10}`} stroke="var(--rule)" />
      <text x="4" y={top + 34} fontSize="16" fontWeight="600" fill="var(--ink)">
        {named.short}
      </text>
      <text x="4" y={top + 54} fontSize="13" fill="var(--faded)">
        {named.unit}
      </text>
      {[low, high].map((end) => (
        <text
          key={end}
          x={left - 26}
          y={y(end) + 4}
          textAnchor="end"
          fontSize="12.5"
          className="num"
          fill="var(--faded)"
        >
          {show(end)}
        </text>
      ))}
      <path d={`M${[...up, ...down].join('L')}Z`} fill="var(--water)" opacity="0.22">
        <title>
          {`Promised: ${points.map((point) => `${month(point.day)} ${show(point.low)} to ${show(point.high)}`).join(', ')}`}
        </title>
      </path>
      <path
        d={`M${points.map((point) => `${at(point.day)} ${y(point.middle)}`).join('L')}`}
        fill="none"
        stroke="var(--water)"
        strokeWidth="1.2"
        strokeDasharray="4 4"
      />
      {band.outcomes.map((one) => (
        <g key={one.visit}>
          <path
            d={`M${at(one.day)} ${y(one.value) - 7}l5.5 7 -5.5 7 -5.5 -7Z`}
            fill={one.place === 'inside' ? 'var(--ink)' : 'var(--paper)'}
            stroke={one.place === 'inside' ? 'var(--ink)' : 'var(--warn)'}
            strokeWidth="1.8"
          >
            <title>{`${month(one.day)}: ${show(one.value)}, ${one.place} the band`}</title>
          </path>
          <text
            x={at(one.day) + 10}
            y={y(one.value) - 6}
            fontSize="12.5"
            fill={one.place === 'inside' ? 'var(--faded)' : 'var(--warn)'}
            className="num"
          >
            {show(one.value)} {PLACES[one.place]}
          </text>
        </g>
      ))}
    </g>
  );
}
