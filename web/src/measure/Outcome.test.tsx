// @vitest-environment happy-dom
import { act, type ReactNode, useEffect, useState } from 'react';
import { beforeEach, expect, test, vi } from 'vitest';
import type { Evaluation, Method, WholeVisit } from '../api/types';
import { live, press } from '../testing/live';
import { Outcome } from './Outcome';
import { newDraft } from './useDraft';

type Sum = {
  data: { score: number } | undefined;
  error: null;
  isPlaceholderData: boolean;
  isFetching: boolean;
};

const device = vi.hoisted(() => ({ comes: (_sum: { score: number }) => {} }));
vi.mock('./useEvaluation', () => ({
  useEvaluation: (): Sum => {
    const [data, setData] = useState<Sum['data']>();
    useEffect(() => {
      device.comes = setData;
    }, []);
    return { data, error: null, isPlaceholderData: false, isFetching: data === undefined };
  },
}));
vi.mock('./Result', () => ({ Result: () => null }));
vi.mock('./NoteAndTime', () => ({ NoteAndTime: () => null }));

const STAIN = { id: 'finger-stain', fields: [], checks: [], variants: [] } as unknown as Method;
const WHOLE = { readings: [] } as unknown as WholeVisit;

let counted: (Evaluation | null)[] = [];
let drafts = 0;
beforeEach(() => {
  counted = [];
  drafts = 0;
});

/** As a draft in hand is: sent by whoever goes on, unless it counts. */
function Hand({ children }: { children: ReactNode }) {
  useEffect(
    () => () => {
      drafts += counted.length === 0 ? 1 : 0;
    },
    [],
  );
  return children;
}

function Bench() {
  const [open, setOpen] = useState(true);
  const [stain, setStain] = useState('dark');
  return (
    <>
      <button type="button" onClick={() => setStain('pale')}>
        Pale after all
      </button>
      <button type="button" onClick={() => setOpen(false)}>
        All tests
      </button>
      {open && (
        <Hand>
          <Outcome
            whole={WHOLE}
            spot={{ id: 'a', label: '1', note: null, sample: null } as never}
            method={STAIN}
            draft={newDraft(STAIN)}
            keep={() => {}}
            reading={{ stain }}
            wrong={[]}
            onRefused={() => {}}
            isLast
            tried={false}
            onTry={() => {}}
            onCount={(result) => counted.push(result)}
          />
        </Hand>
      )}
    </>
  );
}

const sumComes = () => act(async () => device.comes({ score: 61 }));

test('a count tapped before its sum is there is taken, and counts with it', async () => {
  const page = await live(<Bench />);
  await press(page, 'Count this reading');
  expect(counted).toEqual([]);
  expect(page.textContent).toContain('It counts as soon as its sum is there.');
  await sumComes();
  expect(counted).toEqual([{ score: 61 }]);
  await press(page, 'All tests');
  expect(counted).toHaveLength(1);
});

test('whoever counts and goes on before the sum is there has counted all the same', async () => {
  const page = await live(<Bench />);
  await press(page, 'Count this reading');
  await press(page, 'All tests');
  expect(counted).toEqual([null]);
  expect(drafts).toBe(0);
});

test('what is changed after the tap waits for another', async () => {
  const page = await live(<Bench />);
  await press(page, 'Count this reading');
  await press(page, 'Pale after all');
  await sumComes();
  await press(page, 'All tests');
  expect(counted).toEqual([]);
  expect(drafts).toBe(1);
});

test('whoever only looks and goes on has counted nothing', async () => {
  const page = await live(<Bench />);
  await sumComes();
  await press(page, 'All tests');
  expect(counted).toEqual([]);
});
