// @vitest-environment happy-dom
import { afterEach, expect, it, vi } from 'vitest';
import { now, nowIso, pinTo, today } from './time';

const at = (instant: string) => vi.useFakeTimers({ now: new Date(instant) });

afterEach(() => {
  vi.useRealTimers();
  pinTo(new Date().toISOString());
});

it('a device that is right within an answer’s delay keeps its own clock', () => {
  at('2031-05-14T09:00:00Z');
  pinTo('2031-05-14T09:00:01.4Z');
  expect(nowIso()).toBe('2031-05-14T09:00:00.000Z');
  const asked = Date.now() - 30_000;
  pinTo('2031-05-14T08:59:32Z', asked, Date.now());
  expect(nowIso()).toBe('2031-05-14T09:00:00.000Z');
});

it('a device whose clock is two hours fast goes by the server’s, also at the next opening without a signal', async () => {
  at('2031-05-14T11:07:00Z');
  pinTo('2031-05-14T09:07:00Z');
  expect(nowIso()).toBe('2031-05-14T09:07:00.000Z');
  vi.resetModules();
  const reopened = await import('./time');
  expect(reopened.nowIso()).toBe('2031-05-14T09:07:00.000Z');
});

it('a server pinned to another day moves the day and leaves the hour', () => {
  at('2026-11-24T09:00:00Z');
  pinTo('2031-05-14T09:00:01Z');
  expect(nowIso()).toBe('2031-05-14T09:00:00.000Z');
  vi.advanceTimersByTime(60_000);
  expect(now()).toBe(Date.parse('2031-05-14T09:01:00Z'));
});

it('the day is the field’s own, wherever the adviser sits', () => {
  at('2031-05-14T13:30:00Z');
  pinTo('2031-05-14T13:30:00Z');
  expect(today('Pacific/Auckland')).toBe('2031-05-15');
  expect(today('America/Los_Angeles')).toBe('2031-05-14');
});
