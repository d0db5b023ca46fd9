// @vitest-environment happy-dom
import { act } from 'react';
import { expect, it, vi } from 'vitest';
import { live, press } from '../testing/live';
import { WalkEdge } from './WalkEdge';

const METHODS = { watchPosition: vi.fn(() => 1), clearWatch: () => {} };

it('takes two positions that come at once for two corners', async () => {
  Object.defineProperty(navigator, 'geolocation', { value: METHODS, configurable: true });
  const onCorners = vi.fn();
  const page = await live(<WalkEdge onCorners={onCorners} />);
  await press(page, 'Walk the edge');
  const [heard] = METHODS.watchPosition.mock.calls[0] as unknown as [PositionCallback];
  await act(async () => {
    for (const latitude of [47.61, 47.612])
      heard({ coords: { latitude, longitude: -29.12, accuracy: 4 } } as GeolocationPosition);
  });
  expect(onCorners.mock.lastCall?.[0]).toEqual([
    expect.objectContaining({ lat: 47.61 }),
    expect.objectContaining({ lat: 47.612 }),
  ]);
  expect(page.textContent).toContain('222 m walked');
});
