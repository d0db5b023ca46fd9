import type { Corner } from '../api/types';

/** Where this device stands, or a sentence that says why not. */
export function whereIStand(): Promise<Corner & { accuracyM: number }> {
  return new Promise((resolve, reject) => {
    if (!('geolocation' in navigator)) {
      reject(new Error('This device has no position receiver. Set the place on the map.'));
      return;
    }
    navigator.geolocation.getCurrentPosition(
      ({ coords }) => resolve({ lat: coords.latitude, lon: coords.longitude, accuracyM: coords.accuracy }),
      (fault) =>
        reject(
          new Error(
            fault.code === fault.PERMISSION_DENIED
              ? 'The position is not allowed for this page. Allow it in the browser, or set the place on the map.'
              : 'No position came. Wait under open sky, or set the place on the map.',
          ),
        ),
      { enableHighAccuracy: true, timeout: 15_000 },
    );
  });
}
