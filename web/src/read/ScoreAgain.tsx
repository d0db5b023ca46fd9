import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { TextureFound, WholeVisit } from '../api/types';
import { Fault } from '../ground/Fault';
import { show } from '../ground/format';
import { mayWrite, useMe } from '../people/session';

/** What a person may take up after reading: the texture that was found, and scores of what was known before. */
export function ScoreAgain({ whole, zone }: { whole: WholeVisit; zone: string }) {
  const me = useMe();
  const [fault, setFault] = useState<string | null>(null);
  if (!mayWrite(me)) return null;
  return (
    <div className="mt-6 grid max-w-[46rem] gap-3">
      <TextureOffer whole={whole} zone={zone} onFault={setFault} />
      <OldScores visitId={whole.visit.id} onFault={setFault} />
      <Fault text={fault} />
    </div>
  );
}

type Told = { onFault: (text: string | null) => void };

function OldScores({ visitId, onFault }: { visitId: string } & Told) {
  const queries = useQueryClient();
  const params = { path: { id: visitId } };
  const would = useQuery({
    queryKey: keys.scoreAgain(visitId),
    queryFn: ({ signal }) =>
      take(api.GET('/api/visits/{id}/score-again', { signal, params })) as Promise<{ readings: string[] }>,
  });
  const n = would.data?.readings.length ?? 0;
  if (n === 0) return null;

  async function again() {
    try {
      await take(api.POST('/api/visits/{id}/score-again', { params }));
      await queries.invalidateQueries();
      onFault(null);
    } catch (error) {
      onFault(sentence(error));
    }
  }

  return (
    <p>
      {n === 1 ? 'One reading is' : `${n} readings are`} scored with what was known when{' '}
      {n === 1 ? 'it was' : 'they were'} taken; more is known now.{' '}
      <button type="button" className="link min-h-11" onClick={() => void again()}>
        Score {n === 1 ? 'it' : 'them'} again
      </button>
    </p>
  );
}

function TextureOffer({ whole, zone, onFault }: { whole: WholeVisit; zone: string } & Told) {
  const queries = useQueryClient();
  const found = useQuery({
    queryKey: keys.texture(whole.visit.id, zone),
    queryFn: ({ signal }) =>
      take(
        api.GET('/api/visits/{id}/texture', {
          signal,
          params: { path: { id: whole.visit.id }, query: { zone } },
        }),
      ) as Promise<TextureFound>,
  });
  const offer = found.data && offerOf(found.data, whole.field, zone);
  if (!offer) return null;

  async function accept() {
    const known = { texture: offer?.texture ?? null, clayPercent: offer?.clayPercent ?? null };
    try {
      if (offer?.ofField) {
        const { id, areaHa, holdingName, zones, spots, ...rest } = whole.field;
        await take(
          api.PUT('/api/fields/{id}', {
            params: { path: { id } },
            body: { ...rest, ...known, mainZoneId: null },
          }),
        );
      } else if (offer) {
        const { id, ...rest } = offer.zone;
        await take(api.PUT('/api/zones/{id}', { params: { path: { id } }, body: { ...rest, ...known } }));
      }
      await queries.invalidateQueries();
      onFault(null);
    } catch (error) {
      onFault(sentence(error));
    }
  }

  return (
    <p>
      {offer.sentence}{' '}
      <button type="button" className="link min-h-11" onClick={() => void accept()}>
        Take it for {offer.ofField ? 'the field' : `the ${offer.zone.name}`}
      </button>
    </p>
  );
}

/** The offer in words; the main zone's texture is the field's own, another zone gets one of its own. */
export function offerOf(
  found: TextureFound,
  field: Pick<WholeVisit['field'], 'zones' | 'spots' | 'texture'>,
  zoneId: string,
) {
  const zone = field.zones.find((one) => one.id === zoneId);
  if (!zone || !found.offer) return null;
  const labels = found.at.map((id) => field.spots.find((spot) => spot.id === id)?.label ?? '').join(', ');
  const what = [
    found.texture?.replaceAll('-', ' '),
    found.clayPercent === null ? null : `${show(found.clayPercent, 0)} % clay`,
  ]
    .filter(Boolean)
    .join(', ');
  const known = zone.texture ?? field.texture;
  const before = known === null ? 'none is known of it' : `it is down as ${known.replaceAll('-', ' ')}`;
  return {
    ...found.offer,
    zone,
    ofField: zone.kind === 'main',
    sentence: `The ground was found to be ${what}, at ${found.at.length} of ${found.of} spots (${labels}); ${before}.`,
  };
}
