import { useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { keys } from '../api/keys';
import type { ReadingBody, WholeVisit } from '../api/types';
import type { Parcel } from '../device/parcel';
import { putAway } from '../device/parcels';
import { placeOf } from '../measure/place';
import { reopen } from '../measure/useDraft';
import { Mend } from './Mend';

/** One that needs somebody, with what can be done about it. */
export default function Needing({ parcel }: { parcel: Parcel }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  if (parcel.state.is !== 'refused' && parcel.state.is !== 'stale') return null;
  const { problem } = parcel.state;
  const body = parcel.body as Partial<ReadingBody>;
  const isReading = parcel.path.startsWith('/api/readings/') && body.visitId !== undefined;

  async function open() {
    const whole = queries.getQueryData<WholeVisit>(keys.visit(body.visitId ?? ''));
    await reopen(parcel);
    const field = whole?.field.id ?? 'of';
    void navigate(
      `/fields/${field}/visits/${body.visitId}/measure?spot=${placeOf(body)}&method=${body.method}${(body.repeat ?? 1) > 1 ? `&repeat=${body.repeat}` : ''}`,
    );
  }

  return (
    <li className="border-t border-rule py-3">
      <p className="font-semibold">{parcel.label}</p>
      <p className="text-sm">{problem.detail}</p>
      {isReading ? (
        problem.errors.map((one) => (
          <p key={one.path + one.code} className="text-sm text-warn">
            {one.text}
          </p>
        ))
      ) : (
        <Mend parcel={parcel} />
      )}
      <details className="mt-1 text-sm">
        <summary className="link cursor-pointer">What was typed</summary>
        <pre className="num mt-1 overflow-x-auto text-xs">{JSON.stringify(parcel.body, null, 1)}</pre>
      </details>
      {isReading && (
        <button type="button" className="link mr-5 min-h-11 text-sm" onClick={() => void open()}>
          Open it as it was typed
        </button>
      )}
      <button type="button" className="link min-h-11 text-sm" onClick={() => void putAway(parcel.id)}>
        Put it away
      </button>
    </li>
  );
}
