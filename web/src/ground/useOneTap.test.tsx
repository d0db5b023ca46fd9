// @vitest-environment happy-dom
import { act } from 'react';
import { expect, test } from 'vitest';
import { live, press } from '../testing/live';
import { useOneTap } from './useOneTap';

const begun: { done: () => void; fails: (fault: Error) => void }[] = [];

function Button() {
  const tap = useOneTap(() => new Promise<void>((done, fails) => begun.push({ done, fails })));
  return (
    <button type="button" onClick={() => void tap().catch(() => {})}>
      Set a spot where I stand
    </button>
  );
}

test('while a position is looked for a second tap sets no second spot; once it is there or could not be had, the next one does', async () => {
  const page = await live(<Button />);
  const tap = () => press(page, 'Set a spot where I stand');
  await tap();
  await tap();
  expect(begun).toHaveLength(1);
  await act(async () => begun[0]?.done());
  await tap();
  expect(begun).toHaveLength(2);
  await act(async () => begun[1]?.fails(new Error('no position')));
  await tap();
  expect(begun).toHaveLength(3);
});
