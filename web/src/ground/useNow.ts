import { useEffect, useState } from 'react';
import * as time from './time';

/** The instant, drawn anew twice a second or as often as asked while something runs. Nothing counts down: what is shown is computed from it. */
export function useNow(running: boolean, everyMs = 500): number {
  const [now, setNow] = useState(() => time.now());
  useEffect(() => {
    if (!running) return;
    const tick = () => setNow(time.now());
    tick();
    const timer = setInterval(tick, everyMs);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [running, everyMs]);
  return now;
}
