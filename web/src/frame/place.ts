import { useLocation, useNavigation } from 'react-router';

export const VERBS = ['scout', 'measure', 'read', 'decide', 'follow'] as const;
export type Verb = (typeof VERBS)[number];

/** Where one is: a field, a visit, a verb; any may be missing. */
export type Place = { fieldId: string | null; visitId: string | null; verb: Verb | null };

export function placeOf(path: string): Place {
  const [first, fieldId, second, visitId, last] = path.split('/').filter((part) => part !== '');
  if (first !== 'fields' || !fieldId) return { fieldId: null, visitId: null, verb: null };
  const verb = VERBS.find((one) => one === (second === 'visits' ? last : second)) ?? null;
  return { fieldId, visitId: second === 'visits' ? (visitId ?? null) : null, verb };
}

const PAGES: Record<string, string> = {
  'new-field': 'A new field',
  methods: 'Field guide',
  'field-cards': 'Field cards',
  'kit-charts': 'Kit charts',
  people: 'People of the practice',
  yardsticks: 'Yardsticks',
  prices: 'Prices',
  practice: 'Practice specimens',
  tables: 'Tables',
  data: 'Data',
  reports: 'Report to the grower',
  account: 'Your account',
};

/** What a page that is no field's is called. */
export function pageOf(path: string): string {
  return PAGES[path.split('/')[1] ?? ''] ?? 'The season';
}

/** Where a verb leads from a place. Without a visit there is only scouting. */
export function pathOf(place: Place, verb: Verb): string {
  if (!place.fieldId) return '/';
  if (!place.visitId) return `/fields/${place.fieldId}/scout`;
  return `/fields/${place.fieldId}/visits/${place.visitId}/${verb}`;
}

const LAST = 'morphotera:at';

/** The address one is at, or already on the way to: the frame leads on from there, though the page is still being fetched. */
export function useWhere(): string {
  const here = useLocation();
  return (useNavigation().location ?? here).pathname;
}

/** The place in the address, or the last one on this device. */
export function usePlace(): Place {
  const here = placeOf(useWhere());
  if (here.fieldId) {
    localStorage.setItem(LAST, JSON.stringify(here));
    return here;
  }
  const last = JSON.parse(localStorage.getItem(LAST) ?? 'null') as Place | null;
  return { fieldId: last?.fieldId ?? null, visitId: last?.visitId ?? null, verb: null };
}
