import { expect, it } from 'vitest';
import { newId } from './ids';

it('an id is a version 7 UUID that begins with its time', () => {
  const id = newId(0x0190_0000_0001, new Uint8Array(10).fill(0xff));
  expect(id).toBe('01900000-0001-7fff-bfff-ffffffffffff');
  expect(newId()).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
});

it('later ids sort after earlier ones', () => {
  expect(newId(1000) < newId(2000)).toBe(true);
});
