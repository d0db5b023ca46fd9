import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import type { Kit } from '../api/types';
import { answeredHere } from './answeredHere';
import type { AskedSheet } from './plan';

/** What is asked of the kit, for the visit that is meant. */
export function kitBody(asked: AskedSheet | null) {
  return (
    asked && {
      tests: asked.tests,
      people: asked.people,
      holeDiameterMm: null,
      ringDiameterMm: null,
      spots: asked.spots,
      gate: asked.gate,
      textureGroup: asked.textureGroup,
    }
  );
}

/** What to carry for what is asked: the server's answer, without a signal the core's own on this device. */
export function useKit(asked: AskedSheet | null) {
  const body = kitBody(asked);
  return useQuery({
    queryKey: keys.kit(JSON.stringify(body)),
    queryFn: ({ signal }) =>
      answeredHere<Kit>('packKit', body, signal, () =>
        take(api.POST('/api/kits/pack', { signal, body: body as NonNullable<typeof body> })),
      ),
    enabled: body !== null,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: keepPreviousData,
    networkMode: 'always',
  });
}
