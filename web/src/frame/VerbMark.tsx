import type { Verb } from './place';

/** What each verb does, drawn in one line weight: a walk, a ruler in a hole, a cut ground, two sides of an upright, a line in time. */
const MARKS: Record<Verb, string> = {
  scout: 'M4 16 9 6 13 13 20 4M4 16v3M20 4v3',
  measure: 'M3 7h5v11h8V7h5M12 4v9M12 6h2M12 9h2M12 12h2',
  read: 'M5 4v16M9 7h10M9 12h6M9 17h8',
  decide: 'M12 4v16M12 8h7M12 12H6M12 16h4',
  follow: 'M3 18h18M6 18v-4M6 14l5-3 4 1 5-6M11 18v-7M20 18V6',
};

export function VerbMark({ verb, strong }: { verb: Verb; strong: boolean }) {
  return (
    <svg width="24" height="24" viewBox="0 0 24 24" aria-hidden="true">
      <path
        d={MARKS[verb]}
        fill="none"
        stroke="currentColor"
        strokeWidth={strong ? 2.2 : 1.6}
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </svg>
  );
}
