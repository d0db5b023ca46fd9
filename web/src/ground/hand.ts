export type Hand = 'left' | 'right';

const KEY = 'morphotera:hand';

/** The hand that holds this device: its thumb has the keys under it. */
export function hand(): Hand {
  return localStorage.getItem(KEY) === 'left' ? 'left' : 'right';
}

export function setHand(to: Hand): void {
  localStorage.setItem(KEY, to);
  document.documentElement.dataset.hand = to;
}
