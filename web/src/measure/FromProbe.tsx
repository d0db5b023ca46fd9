import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Probe } from '../api/types';
import { inSentence, show } from '../ground/format';
import { scale } from '../ground/scale';

type Instant = { atS: number; value: number };
type Judged = { stable: boolean; value: number | null; why: string | null };

const WINDOW_S = 10;
const SHOWN_S = 60;
const JUDGED_EVERY = 2;

const WHY: Record<string, string> = {
  'too-short': 'hold it still for ten seconds',
  gap: 'it was away for a moment',
  'out-of-range': 'out of range: is it in the soil?',
  jumped: 'it jumped: was the wall touched?',
  moving: 'still moving',
};

/** A figure from a probe: its stream as a line that settles, why it does not count yet, and taken once it is steady. */
export function FromProbe({
  unit,
  method,
  onTake,
}: {
  unit: string | null;
  method: string;
  onTake: (text: string) => void;
}) {
  const probes = useQuery({
    queryKey: keys.devices,
    queryFn: ({ signal }) => take(api.GET('/api/devices', { signal })) as Promise<Probe[]>,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
    enabled: unit !== null,
  });
  const [held, setHeld] = useState<Probe | null>(null);
  // Many figures are warm or cold; the soil's own is read by the method that asks for it.
  const probe = probes.data?.find(
    (one) => one.unit === unit && (one.kind !== 'temperature' || method === 'soil-temperature'),
  );
  if (!probe) return null;
  if (!held) {
    return (
      <button
        type="button"
        className="link min-h-11 justify-self-start text-base"
        onClick={() => setHeld(probe)}
      >
        Take it from the {inSentence(probe.name)}
        {probe.standIn && ' (a stand-in)'}
      </button>
    );
  }
  return (
    <Held
      probe={held}
      onTake={(value) => {
        onTake(value);
        setHeld(null);
      }}
      onLeave={() => setHeld(null)}
    />
  );
}

type HeldProps = { probe: Probe; onTake: (text: string) => void; onLeave: () => void };

function Held({ probe, onTake, onLeave }: HeldProps) {
  const [stream, setStream] = useState<Instant[]>([]);
  const [judged, setJudged] = useState<Judged | null>(null);
  const [lost, setLost] = useState(false);
  const took = useRef(onTake);
  took.current = onTake;

  useEffect(() => {
    const source = new EventSource(`/api/devices/${probe.id}/stream`);
    source.addEventListener('message', (event: MessageEvent<string>) => {
      const { atS, value } = JSON.parse(event.data) as Instant;
      setLost(false);
      setStream((before) => [...before.filter((one) => one.atS > atS - SHOWN_S), { atS, value }]);
    });
    source.addEventListener('error', () => setLost(true));
    return () => source.close();
  }, [probe.id]);

  const last = stream.at(-1);
  useEffect(() => {
    if (stream.length === 0 || stream.length % JUDGED_EVERY !== 0) return;
    const newest = stream.at(-1)?.atS ?? 0;
    const seen = stream.filter((one) => one.atS >= newest - WINDOW_S);
    take(api.POST('/api/devices/judge', { body: { kind: probe.kind, stream: seen } as never })).then(
      (answer) => {
        const now = answer as unknown as Judged;
        setJudged(now);
        if (now.stable && now.value !== null) took.current(show(now.value, probe.unit === 'kPa' ? 0 : 2));
      },
      () => setLost(true),
    );
  }, [stream, probe.kind, probe.unit]);

  return (
    <div className="grid gap-1" role="status">
      <Line stream={stream} />
      <p className="text-base">
        <span className="num text-xl">{last ? show(last.value, probe.unit === 'kPa' ? 0 : 2) : '–'}</span>{' '}
        {probe.unit}
        {', '}
        {lost
          ? 'the probe is not heard'
          : judged?.why
            ? (WHY[judged.why] ?? judged.why)
            : 'it counts when it is steady'}
      </p>
      <button type="button" className="link min-h-11 justify-self-start" onClick={onLeave}>
        Take it out, enter by hand
      </button>
    </div>
  );
}

const WIDTH = 320;
const HEIGHT = 56;

function Line({ stream }: { stream: Instant[] }) {
  const last = stream.at(-1)?.atS ?? 0;
  const values = stream.map((one) => one.value);
  const x = scale([Math.max(0, last - SHOWN_S), Math.max(WINDOW_S, last)], [2, WIDTH - 8]);
  const middle = values.at(-1) ?? 0;
  const reach = Math.max(...values.map((one) => Math.abs(one - middle)), 0.02 * Math.abs(middle), 0.01);
  const y = scale([middle - reach, middle + reach], [HEIGHT - 4, 4]);
  if (stream.length < 2) return <svg width={WIDTH} height={HEIGHT} aria-hidden="true" />;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="w-full max-w-sm" aria-hidden="true">
      <path
        d={stream.map((one, i) => `${i === 0 ? 'M' : 'L'}${x(one.atS)} ${y(one.value)}`).join('')}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2"
      />
      <circle cx={x(last)} cy={y(stream.at(-1)?.value ?? 0)} r="4" fill="var(--act)" />
    </svg>
  );
}
