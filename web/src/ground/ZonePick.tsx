import { useSearchParams } from 'react-router';
import type { LandField, Zone } from '../api/types';

/** The zone that is looked at; zones are never mixed. */
export function useZone(field: LandField): [string, (id: string) => void] {
  const [search, setSearch] = useSearchParams();
  const asked = field.zones.find((zone) => zone.id === search.get('zone'));
  const main = field.zones.find((zone) => zone.kind === 'main') ?? field.zones[0];
  return [
    (asked ?? main)?.id ?? 'main',
    (id) => {
      const next = new URLSearchParams(search);
      next.set('zone', id);
      setSearch(next);
    },
  ];
}

export function withSpots(field: LandField): Zone[] {
  return field.zones.filter((zone) => field.spots.some((spot) => spot.zoneId === zone.id));
}

export function zoneName(zone: Zone): string {
  return zone.kind === 'main' && zone.name === 'main' ? 'whole field' : zone.name;
}

export function ZonePick({
  field,
  zone,
  onPick,
}: {
  field: LandField;
  zone: string;
  onPick: (id: string) => void;
}) {
  const zones = withSpots(field);
  if (zones.length < 2) return null;
  return (
    <div className="flex flex-wrap gap-x-5" role="group" aria-label="Zone">
      {zones.map((one) => (
        <button
          key={one.id}
          type="button"
          aria-pressed={one.id === zone}
          className={`min-h-11 border-b-2 text-[0.95rem] ${one.id === zone ? 'border-ink font-semibold' : 'border-transparent text-faded'}`}
          onClick={() => onPick(one.id)}
        >
          {zoneName(one)}
        </button>
      ))}
    </div>
  );
}
