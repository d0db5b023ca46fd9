import { useCallback, useState } from 'react';
import * as device from '../device/words';

/** State that is on the device as soon as it changes, and there again after a reload. */
export function useKept<T>(key: string, version: number, start: T): [T, (next: T) => void, () => void] {
  const [value, setValue] = useState<T>(() => device.read<T>(key, version) ?? start);
  const keep = useCallback(
    (next: T) => {
      void device.write(key, version, next);
      setValue(next);
    },
    [key, version],
  );
  const forget = useCallback(() => void device.remove(key), [key]);
  return [value, keep, forget];
}
