import { useEffect, useState } from 'react';
import * as time from './time';

/** The instant, drawn anew each second while something runs. Nothing counts down: what is shown is computed from it. */
export function useNow(running: boolean): number {
  const [now, setNow] = useState(() => time.now());
  useEffect(() => {
    if (!running) return;
    const tick = () => setNow(time.now());
    tick();
    const timer = setInterval(tick, 500);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [running]);
  return now;
}
