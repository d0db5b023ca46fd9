import type { UseQueryResult } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { NoSignal, sentence } from '../api/problem';

export type Loaded<T> =
  | { is: 'loading' }
  | { is: 'offline'; text: string }
  | { is: 'failed'; text: string }
  | { is: 'ready'; data: T; stale: string | null };

/**
 * A query is in exactly one state; a refresh that fails keeps the old data and says so. That there is no signal the frame says: a line put
 * in here a second later would move what stands under a finger.
 */
export function loaded<T>(query: UseQueryResult<T>): Loaded<T> {
  if (query.data !== undefined) {
    const said = query.error && !(query.error instanceof NoSignal);
    return { is: 'ready', data: query.data, stale: said ? sentence(query.error) : null };
  }
  if (query.error instanceof NoSignal) return { is: 'offline', text: sentence(query.error) };
  if (query.error) return { is: 'failed', text: sentence(query.error) };
  return { is: 'loading' };
}

/** Draws what there is, or says in a sentence what there is not. */
export function Show<T>({ of, children }: { of: UseQueryResult<T>; children: (data: T) => ReactNode }) {
  const state = loaded(of);
  switch (state.is) {
    case 'loading':
      return (
        <p className="py-10 text-faded" role="status">
          Fetching…
        </p>
      );
    case 'offline':
    case 'failed':
      return (
        <div className="py-10" role="alert">
          <p>{state.text}</p>
          <button type="button" className="button mt-4" onClick={() => void of.refetch()}>
            Try again
          </button>
        </div>
      );
    case 'ready':
      return (
        <>
          {state.stale && (
            <p className="mb-3 text-warn" role="status">
              Shown as last fetched. {state.stale}
            </p>
          )}
          {children(state.data)}
        </>
      );
  }
}
