import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { keys } from '../api/keys';
import { day } from '../ground/format';
import { useNarrow } from '../ground/useNarrow';
import { type Place, pageOf, pathOf, useWhere } from './place';

/** Holding › field › visit; the visit can be changed and the verb stays. */
export function PlaceLine({ place }: { place: Place | null }) {
  const navigate = useNavigate();
  const narrow = useNarrow();
  const pathname = useWhere();
  const fieldId = place?.fieldId ?? '';
  const field = useQuery({
    queryKey: keys.field(fieldId),
    queryFn: ({ signal }) => take(api.GET('/api/fields/{id}', { signal, params: { path: { id: fieldId } } })),
    enabled: fieldId !== '',
  });
  const visits = useQuery({
    queryKey: keys.visits(fieldId),
    queryFn: ({ signal }) =>
      take(api.GET('/api/fields/{id}/visits', { signal, params: { path: { id: fieldId } } })),
    enabled: fieldId !== '',
  });
  const page = pageOf(pathname);
  const title = place?.fieldId && place.verb ? `${field.data?.name ?? ''}, ${place.verb}` : page;
  useEffect(() => {
    document.title = `${title} · Morphotera`;
  }, [title]);
  if (!place?.fieldId || !place.verb) {
    return <p className="flex-1 font-head text-lg font-semibold max-desk:text-base">{page}</p>;
  }
  const verb = place.verb;
  return (
    <div className="flex min-w-0 flex-1 items-center gap-x-2 font-head text-lg font-semibold max-desk:text-base">
      <span className="truncate max-desk:hidden">{field.data?.holdingName ?? ''}</span>
      <span aria-hidden="true" className="text-faded max-desk:hidden">
        ›
      </span>
      <Link to={`/fields/${place.fieldId}/scout`} className="truncate desk:shrink-0">
        {field.data?.name ?? ''}
      </Link>
      {(visits.data?.length ?? 0) > 0 && (
        <>
          <span aria-hidden="true" className="text-faded">
            ›
          </span>
          <select
            aria-label="Visit"
            className="field-sizing-content min-h-9 max-w-[15rem] shrink-0 border-0 bg-transparent px-1 py-0 font-semibold underline decoration-rule underline-offset-4"
            value={place.visitId ?? ''}
            onChange={(event) =>
              // At once: the next tap may be a verb, which leads on from this visit.
              void navigate(
                event.target.value === ''
                  ? `/fields/${place.fieldId}/scout`
                  : pathOf({ ...place, visitId: event.target.value }, verb),
                { flushSync: true },
              )
            }
          >
            {!place.visitId && <option value="">no visit</option>}
            {visits.data?.map((visit) => (
              <option key={visit.id} value={visit.id}>
                {day(visit.day)}
                {visit.state === 'done' || narrow ? '' : `, ${visit.state}`}
              </option>
            ))}
          </select>
        </>
      )}
    </div>
  );
}
