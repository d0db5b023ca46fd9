import { afterEach, expect, it, vi } from 'vitest';
import { now, nowIso, pinTo } from './time';

afterEach(() => {
  vi.useRealTimers();
  pinTo(new Date().toISOString());
});

it('a server on the same day leaves the device its own clock, minutes off or not', () => {
  vi.useFakeTimers({ now: new Date('2031-05-14T09:00:00Z') });
  pinTo('2031-05-14T09:07:00Z');
  expect(nowIso()).toBe('2031-05-14T09:00:00.000Z');
});

it('a server pinned to another day moves the day and leaves the hour', () => {
  vi.useFakeTimers({ now: new Date('2026-11-24T09:00:00Z') });
  pinTo('2031-05-14T09:00:03Z');
  expect(nowIso()).toBe('2031-05-14T09:00:00.000Z');
  vi.advanceTimersByTime(60_000);
  expect(now()).toBe(Date.parse('2031-05-14T09:01:00Z'));
});
