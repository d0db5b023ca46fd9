import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Corner, Photograph, Spot } from '../api/types';
import { day } from '../ground/format';
import { wayTo, wind } from './wayBack';

/** A spot is a circle of five metres: inside it one is there. */
const THERE_M = 5;

/** The way to a spot from where this device stands: how far, which way, and an arrow; north is up. */
export function WayBack({ spot }: { spot: Spot }) {
  const [on, setOn] = useState(false);
  const [here, setHere] = useState<(Corner & { accuracyM: number }) | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    if (!on) return;
    if (!('geolocation' in navigator)) {
      setFault('This device has no position receiver.');
      return;
    }
    const watch = navigator.geolocation.watchPosition(
      ({ coords }) => {
        setFault(null);
        setHere({ lat: coords.latitude, lon: coords.longitude, accuracyM: coords.accuracy });
      },
      () => setFault('No position came. Wait under open sky, or allow it for this page.'),
      { enableHighAccuracy: true },
    );
    return () => navigator.geolocation.clearWatch(watch);
  }, [on]);
  const pictures = useQuery({
    queryKey: keys.spotPhotographs(spot.fieldId),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/fields/{id}/photographs', { signal, params: { path: { id: spot.fieldId } } }),
      ) as Promise<Photograph[]>,
    enabled: on,
  });
  if (!on) {
    return (
      <button type="button" className="button" onClick={() => setOn(true)}>
        The way to spot {spot.label}
      </button>
    );
  }
  const picture = pictures.data?.find((one) => one.spotId === spot.id) ?? null;
  return (
    <div className="grid gap-3">
      {fault ? (
        <p className="text-warn">{fault}</p>
      ) : here ? (
        <Way here={here} spot={spot} />
      ) : (
        <p className="text-faded">Looking for this device’s position…</p>
      )}
      {picture && <Seen picture={picture} label={spot.label} />}
    </div>
  );
}

/** What the place looked like; without a signal it may not come, and then nothing stands here. */
function Seen({ picture, label }: { picture: Photograph; label: string }) {
  const [came, setCame] = useState(true);
  if (!came) return null;
  return (
    <figure>
      <img
        src={`/api/photographs/${picture.id}/small`}
        alt={`Spot ${label} as it was photographed`}
        className="w-full max-w-[22rem] rounded-[6px]"
        onError={() => setCame(false)}
      />
      <figcaption className="text-sm text-faded">
        {picture.method ? 'at this spot' : 'the place'}, {day(picture.takenAt.slice(0, 10))}
      </figcaption>
    </figure>
  );
}

function Way({ here, spot }: { here: Corner & { accuracyM: number }; spot: Spot }) {
  const way = wayTo(here, spot);
  return (
    <div className="flex items-center gap-5" role="status">
      {way.metres > THERE_M && (
        <svg viewBox="-30 -30 60 60" className="size-20 shrink-0" aria-hidden="true">
          <path
            d="M0 -26 15 18 0 9 -15 18Z"
            fill="var(--act)"
            transform={`rotate(${Math.round(way.degrees)})`}
          />
        </svg>
      )}
      <p>
        <span className="num block text-[2.4rem] leading-none font-bold">{Math.round(way.metres)} m</span>
        {way.metres <= THERE_M ? 'You stand on it.' : `to the ${wind(way.degrees)}`}
        <span className="block text-sm text-faded">
          position good to {Math.round(here.accuracyM)} m; north is up
        </span>
      </p>
    </div>
  );
}
