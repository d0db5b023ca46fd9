import {
  type InvalidateOptions,
  type InvalidateQueryFilters,
  type Query,
  QueryClient,
} from '@tanstack/react-query';

/**
 * What the server answered. What was written makes all of it out of date that was asked for before, and that is asked for anew; the
 * library takes a first answer that is still on its way for good, which may not know of it yet.
 */
export class Answers extends QueryClient {
  readonly #onTheirWay = new Set<Query>();

  override invalidateQueries(filters?: InvalidateQueryFilters, options?: InvalidateOptions): Promise<void> {
    for (const first of this.getQueryCache().findAll({ ...filters, fetchStatus: 'fetching' })) {
      const answer = first.promise;
      if (!answer || first.state.data !== undefined || this.#onTheirWay.has(first)) continue;
      this.#onTheirWay.add(first);
      const again = () => {
        this.#onTheirWay.delete(first);
        void super.invalidateQueries({ queryKey: first.queryKey, exact: true });
      };
      answer.then(again, again);
    }
    return super.invalidateQueries(filters, options);
  }
}
