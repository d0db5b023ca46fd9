import type { QueryClient } from '@tanstack/react-query';
import { keys } from '../api/keys';
import type { Me } from '../api/types';
import { arrive } from './session';

/** Lets somebody in: what another person had fetched here is forgotten. */
export function enter(queries: QueryClient, me: Me): void {
  arrive(me);
  queries.setQueryData(keys.session, me);
  queries.removeQueries({ predicate: (query) => query.queryKey[0] !== keys.session[0] });
}
