import { act } from 'react';

/** The pages that a test has open. */
export const open = new Set<{ unmount: () => void }>();

/** They ask and draw no more. */
export function closeAll(): void {
  if (open.size === 0) return;
  act(() => {
    for (const page of open) page.unmount();
  });
  open.clear();
}
