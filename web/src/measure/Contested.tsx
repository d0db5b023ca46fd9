import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, take } from '../api/client';
import { newId } from '../api/ids';
import { keys } from '../api/keys';
import { sentence } from '../api/problem';
import type { Reading } from '../api/types';
import { contested, repeatFor } from './cell';

type Props = { readings: Reading[]; visitId: string; mayWrite: boolean };

/** Two readings of one very cell, from two phones mostly: which holds, or are they repeats? */
export function Contested({ readings, visitId, mayWrite }: Props) {
  const { fault, run } = useChange(visitId);
  const groups = contested(readings);
  if (groups.length === 0) return null;

  async function holds(reading: Reading, group: Reading[]) {
    for (const other of group.filter((one) => one.id !== reading.id)) {
      await take(
        api.PUT('/api/readings/{id}/aside', {
          params: { path: { id: other.id } },
          body: { reason: `The reading of ${reading.enteredBy} holds.` },
        }),
      );
    }
  }

  async function repeats(group: Reading[]) {
    for (const other of group.slice(1)) {
      const { visitId: visit, spotId, method, variant, reading, note, sampleId, takenAt, device } = other;
      await take(
        api.PUT('/api/readings/{id}', {
          params: { path: { id: newId() } },
          body: {
            visitId: visit,
            spotId,
            method,
            variant,
            repeat: repeatFor(reading, variant, readings),
            reading,
            note,
            sampleId,
            takenAt,
            device,
            corrects: other.id,
            correctionReason: 'A repeat of the other reading.',
          },
        }),
      );
    }
  }

  return (
    <>
      {groups.map((group) => (
        <section key={group[0]?.id} className="mt-5 border-l-4 border-warn pl-4 text-lg" role="alert">
          <p>
            {group.length} readings of this one cell, by {group.map((one) => one.enteredBy).join(' and ')}.
            Which holds, or are they repeats? Until it is said, both count.
          </p>
          {mayWrite && (
            <div className="mt-2 flex flex-wrap gap-3">
              {group.map((one, i) => (
                <button
                  key={one.id}
                  type="button"
                  className="button"
                  onClick={() => void run(() => holds(one, group))}
                >
                  {i === 0 ? 'The first holds' : i === 1 ? 'The second holds' : `Number ${i + 1} holds`}
                </button>
              ))}
              <button type="button" className="button" onClick={() => void run(() => repeats(group))}>
                They are repeats
              </button>
            </div>
          )}
          {fault !== null && <p className="mt-2 text-warn">{sentence(fault)}</p>}
        </section>
      ))}
    </>
  );
}

/** What was set aside is kept, and can be taken back. */
export function Aside({ readings, visitId, mayWrite }: Props) {
  const { fault, run } = useChange(visitId);
  const aside = readings.filter((one) => one.setAside !== null && one.correctedBy === null);
  if (aside.length === 0) return null;
  return (
    <section aria-label="Set aside" className="mt-5 border-t border-rule pt-3">
      {aside.map((one) => (
        <p key={one.id}>
          A reading of {one.enteredBy} is set aside: {one.setAside}{' '}
          {mayWrite && (
            <button
              type="button"
              className="link min-h-11"
              onClick={() =>
                void run(() =>
                  take(api.DELETE('/api/readings/{id}/aside', { params: { path: { id: one.id } } })),
                )
              }
            >
              Take it back
            </button>
          )}
        </p>
      ))}
      {fault !== null && <p className="text-warn">{sentence(fault)}</p>}
    </section>
  );
}

function useChange(visitId: string) {
  const queries = useQueryClient();
  const [fault, setFault] = useState<unknown>(null);
  async function run(change: () => Promise<unknown>) {
    try {
      await change();
      setFault(null);
    } catch (error) {
      setFault(error);
    }
    await queries.invalidateQueries({ queryKey: keys.visit(visitId) });
  }
  return { fault, run };
}
