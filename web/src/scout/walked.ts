import type { Corner } from '../api/types';
import { wayTo } from './wayBack';

export type Fix = Corner & { accuracyM: number };

/** A position worse than this says nothing of an edge. */
const WORST_M = 20;
/** One who has not gone this far stands still. */
const STEP_M = 3;
/** A corner that changes the edge by less is left out. */
const STRAIGHT_M = 2.5;

/** The way so far with one more position, where it is good enough and somewhere else. */
export function withFix(track: Fix[], fix: Fix): Fix[] {
  const last = track.at(-1);
  if (fix.accuracyM > WORST_M || (last && wayTo(last, fix).metres < STEP_M)) return track;
  return [...track, fix];
}

export function lengthM(track: Corner[]): number {
  return track.slice(1).reduce((sum, at, i) => sum + wayTo(track[i] as Corner, at).metres, 0);
}

/** The corners of an edge that was walked round: its straight stretches without what lies on them (Douglas and Peucker 1973). */
export function cornersOf(track: Corner[]): Corner[] {
  const first = track[0];
  if (!first || track.length < 4) return track;
  const closed = track.length > 1 && wayTo(first, track.at(-1) as Corner).metres < 2 * STEP_M;
  const round = closed ? track.slice(0, -1) : track;
  const far = farthest(round, (at) => wayTo(first, at).metres).index;
  const out = straightened(round.slice(0, far + 1));
  const back = straightened([...round.slice(far), first]);
  return [...out, ...back.slice(1, -1)].map(({ lat, lon }) => ({ lat, lon }));
}

function straightened(line: Corner[]): Corner[] {
  const from = line[0] as Corner;
  const to = line.at(-1) as Corner;
  if (line.length < 3) return line;
  const { index, value } = farthest(line, (at) => offLine(at, from, to));
  if (value < STRAIGHT_M) return [from, to];
  return [...straightened(line.slice(0, index + 1)).slice(0, -1), ...straightened(line.slice(index))];
}

function farthest(line: Corner[], by: (at: Corner) => number): { index: number; value: number } {
  return line.reduce(
    (most, at, index) => {
      const value = by(at);
      return value > most.value ? { index, value } : most;
    },
    { index: 0, value: -1 },
  );
}

/** How far a place lies from the line between two, in metres. */
function offLine(at: Corner, from: Corner, to: Corner): number {
  const long = wayTo(from, to);
  const way = wayTo(from, at);
  if (long.metres === 0) return way.metres;
  const turn = ((way.degrees - long.degrees) * Math.PI) / 180;
  const along = way.metres * Math.cos(turn);
  if (along < 0) return way.metres;
  return along > long.metres ? wayTo(to, at).metres : Math.abs(way.metres * Math.sin(turn));
}
