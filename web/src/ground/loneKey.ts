const KEY = 'morphotera:letters';

/** Keys pressed alone do something, unless their person has switched them off (WCAG 2.1.4). */
export function loneKeysOn(): boolean {
  return localStorage.getItem(KEY) !== 'off';
}

export function setLoneKeys(on: boolean): void {
  if (on) localStorage.removeItem(KEY);
  else localStorage.setItem(KEY, 'off');
}

/** The key that was pressed alone, where nothing is being typed; null: none of that. */
export function loneKey(event: KeyboardEvent): string | null {
  const typing = event.target instanceof HTMLElement && event.target.closest('input, textarea, select');
  if (typing || event.ctrlKey || event.metaKey || event.altKey || !loneKeysOn()) return null;
  return event.key;
}
