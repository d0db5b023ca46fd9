import { useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { DraftStream } from './draft';
import { StreamLine } from './FromProbe';

/** What the probes said in the minute before their figures were taken; nothing where they were typed. */
export function Streams({ reading }: { reading: string }) {
  const streams = useQuery({
    queryKey: keys.streams(reading),
    queryFn: async ({ signal }) => {
      const kept = await take(
        api.GET('/api/readings/{id}/streams', { signal, params: { path: { id: reading } } }),
      );
      return kept.streams as DraftStream[];
    },
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  if (!streams.data || streams.data.length === 0) return null;
  return (
    <details>
      <summary className="link flex min-h-11 cursor-pointer items-center">
        What the probe said, its last minute
      </summary>
      {streams.data.map((one) => (
        <figure key={one.field} className="mt-2">
          <StreamLine stream={one.points} />
          <figcaption className="text-base text-faded">
            {one.probe}, {one.points.length} figures in {one.unit}
          </figcaption>
        </figure>
      ))}
    </details>
  );
}
