// @vitest-environment happy-dom
import { afterEach, expect, it } from 'vitest';
import { loneKey, setLoneKeys } from './loneKey';

function pressed(key: string, on: HTMLElement, more: KeyboardEventInit = {}): string | null {
  let heard: string | null = null;
  const hear = (event: KeyboardEvent) => {
    heard = loneKey(event);
  };
  document.body.append(on);
  document.addEventListener('keydown', hear);
  on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, ...more }));
  document.removeEventListener('keydown', hear);
  return heard;
}

afterEach(() => setLoneKeys(true));

it('a key pressed alone is heard, and never while a reading is typed or with another key', () => {
  expect(pressed('t', document.createElement('div'))).toBe('t');
  expect(pressed('t', document.createElement('input'))).toBeNull();
  expect(pressed('t', document.createElement('div'), { ctrlKey: true })).toBeNull();
});

it('keys of one letter can be switched off, and on again', () => {
  setLoneKeys(false);
  expect(pressed('t', document.createElement('div'))).toBeNull();
  setLoneKeys(true);
  expect(pressed('t', document.createElement('div'))).toBe('t');
});
