import type { ReactNode } from 'react';

/** A drawing or a table wider than a phone: it scrolls sideways, by keys too. */
export function Scrollable({ label, children }: { label: string; children: ReactNode }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard (WCAG 2.1.1)
    <section className="relative overflow-x-auto" aria-label={label} tabIndex={0}>
      {children}
    </section>
  );
}
