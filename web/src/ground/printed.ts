/** Prints one part of the page; which one, its styles know by `data-print`. */
export function printed(part: 'list' | 'labels'): void {
  const page = document.documentElement;
  page.dataset.print = part;
  globalThis.addEventListener('afterprint', () => delete page.dataset.print, { once: true });
  globalThis.print();
}
