import { useState } from 'react';
import { nameOf } from '../../api/methodNames';
import type { FieldTrial, TrialJudged } from '../../api/types';
import { useMethods } from '../../api/useMethods';
import { day, show, signed } from '../../ground/format';
import { sayMine } from '../../ground/myUnits';
import { scale } from '../../ground/scale';
import { today } from '../../ground/time';
import { nextOf, saidOf } from './trial';

type Days = { begunOn?: string; endedOn?: string };

/** A trial that was laid out: what comes next, and by visit what treated strips are worth, block by block. */
export function TrialResult({
  trial,
  onDays,
}: {
  trial: FieldTrial;
  onDays?: ((days: Days) => void) | undefined;
}) {
  const newest = [...trial.verdicts].reverse();
  return (
    <section aria-label={trial.name} className="mb-6">
      <h2>{trial.name}</h2>
      <p className="text-faded">
        {trial.strips.length} strips: {trial.treatments.join(', ')}.{' '}
        {trial.begunOn && `Begun ${day(trial.begunOn)}. `}
        {nextOf(trial)}
      </p>
      {onDays && !trial.endedOn && <DaysOf trial={trial} onDays={onDays} />}
      {newest.map((visit, i) => (
        <details key={visit.visit} open={i === 0} className="mt-2">
          <summary className="link flex min-h-11 cursor-pointer items-center">
            {day(visit.day)}
            {visit.before ? ', before anything was done' : ''}
          </summary>
          <Judged visit={visit} treatments={trial.treatments} />
        </details>
      ))}
    </section>
  );
}

function DaysOf({ trial, onDays }: { trial: FieldTrial; onDays: (days: Days) => void }) {
  const now = today();
  const [begun, setBegun] = useState(now);
  if (trial.begunOn) {
    return (
      <button type="button" className="link min-h-11" onClick={() => onDays({ endedOn: now })}>
        End this trial
      </button>
    );
  }
  return (
    <p className="flex flex-wrap items-end gap-3 py-1">
      <label className="block">
        <span className="block text-sm">Treated on</span>
        <input type="date" value={begun} onChange={(event) => setBegun(event.target.value)} />
      </label>
      <button type="button" className="button" disabled={!begun} onClick={() => onDays({ begunOn: begun })}>
        The treatments were given
      </button>
    </p>
  );
}

const WIDTH = 420;
const ROW = 40;
const TOP = 14;

/** Each method's difference with its interval, the blocks as marks, about a line of no difference. */
function Judged({ visit, treatments }: { visit: TrialJudged; treatments: string[] }) {
  const methods = useMethods();
  const ends = visit.methods.flatMap((one) => [
    one.low ?? one.difference,
    one.high ?? one.difference,
    ...one.blocks.map((block) => block.treated - block.untreated),
  ]);
  const most = Math.max(10, Math.ceil(Math.max(...ends.map(Math.abs)) / 10) * 10);
  const x = scale([-most, most], [20, WIDTH - 20], most / 2);
  const height = TOP + visit.methods.length * ROW + 26;
  const nameFor = (one: TrialJudged['methods'][number]) =>
    nameOf(methods.data ?? [], one.method) +
    (one.depthClass ? `, ${sayMine(`${one.depthClass.replace('-', '–')} cm`)}` : '') +
    (treatments.length > 2 ? `: ${treatments[one.treatment]}` : '');
  return (
    <div className="grid gap-x-8 gap-y-2 desk:grid-cols-[minmax(0,26rem)_minmax(0,1fr)]">
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        className="w-full"
        role="img"
        aria-label={visit.methods
          .map((one) => `${nameFor(one)} ${signed(one.difference, 0)} points`)
          .join(', ')}
      >
        <path d={`M${x(0)} 4V${height - 22}`} stroke="var(--ink)" strokeWidth="1.2" />
        {visit.methods.map((one, i) => {
          const y = TOP + i * ROW + ROW / 2;
          return (
            <g key={`${one.method} ${one.depthClass} ${one.treatment}`}>
              <text x="20" y={y - 9} fontSize="12.5" fill="var(--ink)">
                {nameFor(one)}
              </text>
              {one.low !== null && (
                <path d={`M${x(one.low)} ${y + 4}H${x(one.high ?? 0)}`} stroke="var(--ink)" strokeWidth="2" />
              )}
              {one.blocks.map((block) => (
                <path
                  key={block.block}
                  d={`M${x(block.treated - block.untreated)} ${y - 2}v12`}
                  stroke="var(--faded)"
                  strokeWidth="1.4"
                >
                  <title>{`block ${block.block + 1}: ${show(block.untreated, 0)} and ${show(block.treated, 0)}`}</title>
                </path>
              ))}
              <circle cx={x(one.difference)} cy={y + 4} r="4.5" fill="var(--ink)" />
            </g>
          );
        })}
        {x.ticks.map((tick) => (
          <text
            key={tick}
            x={x(tick)}
            y={height - 6}
            fontSize="12"
            textAnchor="middle"
            className="num"
            fill="var(--faded)"
          >
            {signed(tick, 0)}
          </text>
        ))}
      </svg>
      <ul>
        {visit.methods.map((one) => (
          <li key={`${one.method} ${one.depthClass} ${one.treatment}`} className="border-t border-rule py-2">
            <span className="font-semibold">{nameFor(one)}</span>.{' '}
            {saidOf(one, treatments[one.treatment] ?? '')}
          </li>
        ))}
        <li className="pt-2 text-sm text-faded">
          Points, treated less left as it is; marks are blocks, the line holds nine times of ten.
        </li>
      </ul>
    </div>
  );
}
