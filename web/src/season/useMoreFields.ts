import { useState } from 'react';
import { api, take } from '../api/client';
import type { FieldCard, SeasonPage } from '../api/types';

/** The first page of the season's fields, and more of them when asked. */
export function useMoreFields(first: SeasonPage) {
  const [more, setMore] = useState<{ of: SeasonPage; fields: FieldCard[]; after: string | null }>({
    of: first,
    fields: [],
    after: first.after,
  });
  // A first page loaded anew begins the list anew.
  const known = more.of === first ? more : { of: first, fields: [], after: first.after };
  async function load() {
    if (!known.after) return;
    const page = (await take(
      api.GET('/api/season', { params: { query: { limit: 200, after: known.after } } }),
    )) as SeasonPage;
    setMore({ of: first, fields: [...known.fields, ...page.fields], after: page.after });
  }
  return { cards: [...first.fields, ...known.fields], after: known.after, load };
}
