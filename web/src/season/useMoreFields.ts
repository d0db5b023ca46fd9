import { startTransition, useEffect, useState } from 'react';
import { api, take } from '../api/client';
import type { FieldCard, SeasonPage } from '../api/types';

/** So many are fetched without being asked for; a practice of more asks for the others. */
export const BY_ITSELF = 2000;
const PAGE = 400;

/** The first page of the season's fields, then the others one page after the other; beyond many, when asked. */
export function useMoreFields(first: SeasonPage) {
  const [more, setMore] = useState<{ of: SeasonPage; fields: FieldCard[]; after: string | null }>({
    of: first,
    fields: [],
    after: first.after,
  });
  // A first page loaded anew begins the list anew.
  const known = more.of === first ? more : { of: first, fields: [], after: first.after };
  const { after, fields } = known;
  const soFar = first.fields.length + fields.length;
  async function load() {
    if (!after) return;
    const page = (await take(
      api.GET('/api/season', { params: { query: { limit: PAGE, after } } }),
    )) as SeasonPage;
    // What is looked at stays quick while the others come in.
    startTransition(() => setMore({ of: first, fields: [...fields, ...page.fields], after: page.after }));
  }
  const wanted = soFar < BY_ITSELF ? after : null;
  // biome-ignore lint/correctness/useExhaustiveDependencies: each page asks for the next once
  useEffect(() => {
    // Without a signal what was kept is shown; the page says how many there are.
    if (wanted) load().catch(() => undefined);
  }, [wanted]);
  return { cards: [...first.fields, ...fields], after, load };
}
