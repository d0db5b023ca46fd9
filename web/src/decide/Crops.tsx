import type { Judgement } from '../api/types';
import { Along } from '../ground/Axis';
import { show } from '../ground/format';
import { scale } from '../ground/scale';

type Crop = NonNullable<Judgement['suits']>['crops'][number];

const WIDTH = 230;
const ROW = 30;
const x = scale([4, 9], [8, WIDTH - 8], 1);

/** The pH each crop likes as a band on one line, the ground's own upright through all of them, and what the salt leaves of its yield. */
export function Crops({ crops, ph }: { crops: Crop[]; ph: number | null }) {
  const withSalt = crops.some((one) => one.yieldPercent !== null);
  const row = `grid items-center justify-start gap-x-2 ${withSalt ? 'grid-cols-[5.5rem_minmax(0,14.4rem)_2.7rem] desk:grid-cols-[8rem_14.4rem_4.5rem]' : 'grid-cols-[5.5rem_minmax(0,14.4rem)] desk:grid-cols-[8rem_14.4rem]'}`;
  return (
    <>
      <div className={`${row} mt-1 text-sm text-faded`} aria-hidden="true">
        <span className="self-end">pH it likes</span>
        <svg viewBox={`0 0 ${WIDTH} ${ROW}`} className="block w-full">
          {ph !== null && (
            <text
              x={x(within(ph))}
              y="11"
              fontSize="12"
              textAnchor="middle"
              className="num"
              fill="var(--ink)"
            >
              {show(ph)} here
            </text>
          )}
          <Along scale={x} y={26} />
        </svg>
        {withSalt && <span className="self-end text-right leading-tight">yield kept</span>}
      </div>
      <ul className="border-b border-rule">
        {crops.map((one) => (
          <li key={one.crop} className={`${row} border-t border-rule`}>
            <span className="font-semibold first-letter:uppercase">{one.crop.replaceAll('-', ' ')}</span>
            <svg viewBox={`0 0 ${WIDTH} ${ROW}`} className="block w-full" role="img" aria-label={one.why}>
              <title>{one.why}</title>
              {one.phLow !== null && one.phHigh !== null ? (
                <path
                  d={`M${x(one.phLow)} ${ROW / 2}H${x(one.phHigh)}`}
                  stroke={one.acidity === 'fits' || one.acidity === null ? 'var(--ink)' : 'var(--faded)'}
                  strokeWidth="7"
                />
              ) : (
                <path
                  d={`M${x(4)} ${ROW / 2}H${x(9)}`}
                  stroke="var(--rule)"
                  strokeWidth="1.5"
                  strokeDasharray="2 4"
                />
              )}
              {ph !== null && <path d={`M${x(within(ph))} 0V${ROW}`} stroke="var(--act)" strokeWidth="1.5" />}
            </svg>
            {withSalt && (
              <span className="num text-right text-sm">
                {one.yieldPercent === null ? '' : `${show(one.yieldPercent, 0)} %`}
              </span>
            )}
          </li>
        ))}
      </ul>
    </>
  );
}

function within(ph: number): number {
  return Math.min(9, Math.max(4, ph));
}
