import { afterEach, describe, expect, it } from 'vitest';
import type { Units } from '../api/types';
import { setMyUnits } from './myUnits';
import { depthScale, scale, timeScale } from './scale';

describe('a scale', () => {
  afterEach(() => setMyUnits(null));

  it('has round ticks in the unit of who looks at it, and the same ground under them', () => {
    const plain = depthScale(52, 600, 100);
    setMyUnits({ depth: 'in', pressure: 'psi' } as Units);
    const depth = depthScale(52, 600, 100);
    expect(depth(60)).toBe(plain(60));
    expect(depth.ticks.map(depth.says)).toEqual(['0', '5', '10', '15', '20']);
    expect(depth.ticks[1]).toBeCloseTo(12.7, 9);
    const push = scale([0, 3000], [0, 300], 1000, 'kPa');
    expect(push.ticks.map(push.says)).toEqual(['0', '100', '200', '300', '400']);
  });

  it('lays depth downward and ends at a ten below the deepest thing', () => {
    const depth = depthScale(52, 600, 100);
    expect(depth(0)).toBe(100);
    expect(depth(60)).toBe(700);
    expect(depth.ticks).toEqual([0, 10, 20, 30, 40, 50, 60]);
  });

  it('shows 30 cm of ground even where nothing was measured', () => {
    expect(depthScale(0, 300, 0).domain).toEqual([0, 30]);
  });

  it('chooses round ticks by itself', () => {
    expect(scale([0, 100], [0, 500]).ticks).toEqual([0, 20, 40, 60, 80, 100]);
    expect(scale([0, 0.9], [0, 500]).ticks).toEqual([0, 0.2, 0.4, 0.6, 0.8]);
  });

  it('puts a lone value at its start and never divides by nothing', () => {
    expect(scale([5, 5], [10, 90])(5)).toBe(10);
  });

  it('leaves room on both sides of the first and last day', () => {
    const days = [new Date('2023-11-18'), new Date('2026-11-18')];
    const time = timeScale(days, [0, 1000]);
    expect(time(Number(days[0]))).toBeGreaterThan(20);
    expect(time(Number(days[1]))).toBeLessThan(980);
  });
});
