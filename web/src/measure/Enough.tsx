import { useQuery } from '@tanstack/react-query';
import type { Method, WholeVisit } from '../api/types';
import { askCore } from '../device/core';
import { answered } from '../device/withoutSignal';
import { show } from '../ground/format';
import { standing } from './cell';
import { type StopAsked, stopsAsked } from './stopsAsked';

type Stop = { mean: number; plusMinusNow: number; plusMinusThen: number; minutes: number };

/** Whether these spots are enough: how sure each mean is now, and what two more would make of it. */
export function Enough({ whole, methods, zoneId }: { whole: WholeVisit; methods: Method[]; zoneId: string }) {
  const spots = whole.field.spots.filter((one) => one.zoneId === zoneId).map((one) => one.id);
  const asked = stopsAsked(methods, standing(whole.readings), spots);
  if (asked.length === 0) return null;
  return (
    <details className="mt-3">
      <summary className="link flex min-h-11 w-fit cursor-pointer items-center">
        Are these spots enough?
      </summary>
      <ul className="max-w-2xl">
        {asked.map((one) => (
          <OfMethod key={one.method.id} method={one.method} asked={one.asked} />
        ))}
      </ul>
      <p className="text-sm text-faded">
        90 % of such means lie within ±; an observer’s own spread is the least.
      </p>
    </details>
  );
}

function OfMethod({ method, asked }: { method: Method; asked: StopAsked }) {
  const stop = useQuery({
    queryKey: ['stop', JSON.stringify(asked)],
    queryFn: async () => answered(await askCore('stop', asked)) as Stop,
    staleTime: Number.POSITIVE_INFINITY,
    networkMode: 'always',
  });
  if (!stop.data) return null;
  const { mean, plusMinusNow, plusMinusThen, minutes } = stop.data;
  return (
    <li className="grid grid-cols-[10rem_1fr] gap-x-3 border-t border-rule py-1.5">
      <span>{method.name}</span>
      <span>
        <span className="num">
          {show(mean, 0)} ± {show(plusMinusNow, 0)}
        </span>{' '}
        from {asked.scores.length} spots; {asked.more} more would make it{' '}
        <span className="num">± {show(plusMinusThen, 0)}</span>, in {show(minutes, 0)} min.
      </span>
    </li>
  );
}
