import type { Visit } from '../api/types';

/** The visit whose run sheet a test would join: the one that runs, else the soonest planned; null where there is none. */
export function joinable(visits: Visit[]): Visit | null {
  const running = visits.find((one) => one.state === 'running');
  if (running) return running;
  return (
    visits.filter((one) => one.state === 'planned').sort((a, b) => a.day.localeCompare(b.day))[0] ?? null
  );
}
