import { useEffect, useEffectEvent, useRef, useState } from 'react';
import type { Corner } from '../api/types';
import { figure } from '../ground/myUnits';
import { cornersOf, type Fix, lengthM, withFix } from './walked';

type Props = { onCorners: (corners: Corner[]) => void };

/** The edge is walked with the phone in hand; its corners come in as one goes. */
export function WalkEdge({ onCorners }: Props) {
  const [on, setOn] = useState(false);
  const [track, setTrack] = useState<Fix[]>([]);
  // Two positions may come before the page is drawn again, and the second lengthens the first's way.
  const way = useRef<Fix[]>([]);
  const walk = (fixes: Fix[]) => {
    way.current = fixes;
    setTrack(fixes);
  };
  const [accuracyM, setAccuracyM] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const stepped = useEffectEvent((fix: Fix) => {
    setAccuracyM(fix.accuracyM);
    const longer = withFix(way.current, fix);
    if (longer === way.current) return;
    walk(longer);
    onCorners(cornersOf(longer));
  });
  useEffect(() => {
    if (!on) return;
    if (!('geolocation' in navigator)) {
      setFault('This device has no position receiver. Tap the corners on the map.');
      setOn(false);
      return;
    }
    // A screen that goes dark hears no positions; where it cannot be kept on, nothing else changes.
    const awake = navigator.wakeLock?.request('screen').catch(() => null);
    const watch = navigator.geolocation.watchPosition(
      ({ coords }) => {
        setFault(null);
        stepped({ lat: coords.latitude, lon: coords.longitude, accuracyM: coords.accuracy });
      },
      () => setFault('No position came. Wait under open sky, or allow it for this page.'),
      { enableHighAccuracy: true },
    );
    return () => {
      navigator.geolocation.clearWatch(watch);
      void awake?.then((lock) => lock?.release());
    };
  }, [on]);
  return (
    <div className="grid gap-1">
      <button
        type="button"
        aria-pressed={on}
        className={`button justify-self-start ${on ? 'button-main' : ''}`}
        onClick={() => {
          if (!on) walk([]);
          setOn(!on);
        }}
      >
        {on ? 'I am round: that is the edge' : 'Walk the edge'}
      </button>
      {on && (
        <p role="status">
          <span className="num text-xl font-bold">{figure(lengthM(track), 'm', 0)}</span> walked
          <span className="block text-sm text-faded">
            {accuracyM === null
              ? 'looking for this device’s position'
              : accuracyM > 20
                ? `position good to ${Math.round(accuracyM)} m only: it waits for a better one`
                : `position good to ${Math.round(accuracyM)} m; straight stretches need no stop`}
          </span>
        </p>
      )}
      {fault && <p className="text-warn">{fault}</p>}
    </div>
  );
}
