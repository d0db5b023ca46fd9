import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Probe } from '../api/types';
import { askCore } from '../device/core';
import { answered } from '../device/withoutSignal';
import { inSentence, show } from '../ground/format';
import { scale } from '../ground/scale';
import { hasSerial, listen } from './serial';

type Instant = { atS: number; value: number };

/** What a probe said in the minute before its figure was taken; kept with the reading. */
export type ProbeStream = { probe: string; unit: string; points: Instant[] };
type Judged = { stable: boolean; value: number | null; why: string | null };

const WINDOW_S = 10;
const SHOWN_S = 60;
const JUDGED_EVERY = 2;

/** A line of figures plugged into this device, by what it may read. */
const SERIAL: Probe[] = [
  { kind: 'salinity', unit: 'dS/m' },
  { kind: 'ph', unit: 'pH' },
  { kind: 'temperature', unit: '°C' },
  { kind: 'force', unit: 'kPa' },
].map(
  (one) => ({ ...one, id: `serial-${one.kind}`, name: 'Probe on a serial line', standIn: false }) as Probe,
);

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
  /** The figure, and what the probe said in the minute before. */
  onTake: (text: string, stream: ProbeStream) => void;
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
  const fits = (one: Probe) =>
    one.unit === unit && (one.kind !== 'temperature' || method === 'soil-temperature');
  const mine = [...(probes.data ?? []), ...(hasSerial() ? SERIAL : [])].filter(fits);
  if (!held) {
    return mine.map((probe) => (
      <button
        key={probe.id}
        type="button"
        className="link min-h-11 justify-self-start text-base"
        onClick={() => setHeld(probe)}
      >
        Take it from the {inSentence(probe.name)}
        {probe.standIn && ' (a stand-in)'}
      </button>
    ));
  }
  return (
    <Held
      probe={held}
      onTake={(value, points) => {
        onTake(value, { probe: held.name, unit: held.unit, points });
        setHeld(null);
      }}
      onLeave={() => setHeld(null)}
    />
  );
}

type HeldProps = { probe: Probe; onTake: (text: string, points: Instant[]) => void; onLeave: () => void };

function Held({ probe, onTake, onLeave }: HeldProps) {
  const [stream, setStream] = useState<Instant[]>([]);
  const [judged, setJudged] = useState<Judged | null>(null);
  const [lost, setLost] = useState(false);
  const took = useRef(onTake);
  took.current = onTake;

  useEffect(() => {
    const heard = (instant: Instant) => {
      setLost(false);
      setStream((before) => [...before.filter((one) => one.atS > instant.atS - SHOWN_S), instant]);
    };
    return probe.id.startsWith('serial-')
      ? fromLine(probe.unit, heard, () => setLost(true))
      : fromServer(probe.id, heard, () => setLost(true));
  }, [probe.id, probe.unit]);

  const last = stream.at(-1);
  useEffect(() => {
    if (stream.length === 0 || stream.length % JUDGED_EVERY !== 0) return;
    const newest = stream.at(-1)?.atS ?? 0;
    const seen = stream.filter((one) => one.atS >= newest - WINDOW_S);
    askCore('judge', { kind: probe.kind, stream: seen })
      .then(answered)
      .then(
        (answer) => {
          const now = answer as Judged;
          setJudged(now);
          if (now.stable && now.value !== null)
            took.current(show(now.value, probe.unit === 'kPa' ? 0 : 2), stream);
        },
        () => setLost(true),
      );
  }, [stream, probe.kind, probe.unit]);

  return (
    <div className="grid gap-1" role="status">
      <StreamLine stream={stream} />
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

function fromServer(id: string, heard: (instant: Instant) => void, lost: () => void): () => void {
  const source = new EventSource(`/api/devices/${id}/stream`);
  source.addEventListener('message', (event: MessageEvent<string>) => {
    heard(JSON.parse(event.data) as Instant);
  });
  source.addEventListener('error', lost);
  return () => source.close();
}

/** Figures of another unit are of something else. */
function fromLine(unit: string, heard: (instant: Instant) => void, lost: () => void): () => void {
  const began = performance.now();
  let stop = () => {};
  let gone = false;
  listen((said) => {
    if (said.unit === null || said.unit === unit) {
      heard({ atS: (performance.now() - began) / 1000, value: said.value });
    }
  }, lost).then((stopping) => {
    stop = stopping;
    if (gone) stop();
  }, lost);
  return () => {
    gone = true;
    stop();
  };
}

const WIDTH = 320;
const HEIGHT = 56;

export function StreamLine({ stream }: { stream: Instant[] }) {
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
