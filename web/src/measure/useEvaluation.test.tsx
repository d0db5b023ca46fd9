// @vitest-environment happy-dom
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { beforeEach, expect, it, vi } from 'vitest';
import { keys } from '../api/keys';
import type { Method, WholeVisit, Yardstick } from '../api/types';
import { live, until } from '../testing/live';
import { groundOf } from './groundOf';
import { useEvaluation } from './useEvaluation';

const core = vi.hoisted(() => ({ asked: [] as { ground: string; text: string }[] }));
vi.mock('../device/core', () => ({
  askCore: async (_name: string, ground: string, text: string) => {
    core.asked.push({ ground, text });
    return { score: 61 };
  },
}));

const SLAKING = { id: 'slaking' } as Method;
const OURS = { id: 'y-1', name: 'Ours', version: 2, curves: {} } as unknown as Yardstick;

function visit(yardstickId: string | null, readings: object[] = []): WholeVisit {
  const field = { id: 'f-1', yardstickId };
  return { visit: { id: 'v-1' }, field, readings, drafts: [], photographs: [] } as unknown as WholeVisit;
}

function Score({ whole, crumbs }: { whole: WholeVisit; crumbs: number }) {
  const evaluation = useEvaluation(whole, 's-1', SLAKING, { crumbs }, true, null);
  return <p>{evaluation.data?.score ?? 'none'}</p>;
}

async function typed(whole: WholeVisit, crumbs: number) {
  const queries = new QueryClient();
  queries.setQueryData(keys.yardsticks, [OURS]);
  const page = await live(
    <QueryClientProvider client={queries}>
      <Score whole={whole} crumbs={crumbs} />
    </QueryClientProvider>,
  );
  await until(() => expect(page.textContent).not.toBe('none'));
  return page.textContent;
}

beforeEach(() => {
  core.asked = [];
});

it('a field with a yardstick of the practice is scored by it on the bench', async () => {
  expect(await typed(visit('y-1'), 5)).toBe('61');
  expect(JSON.parse(core.asked[0]?.ground ?? '')).toMatchObject({ yardstick: { name: 'Ours', version: 2 } });
});

it('a field without one is scored by the yardstick that ships', async () => {
  await typed(visit(null), 5);
  expect(JSON.parse(core.asked[0]?.ground ?? '')).not.toHaveProperty('yardstick');
});

it('of two places side by side neither makes the other look new', () => {
  const whole = visit(null);
  const first = groundOf(whole, 's-1', [], undefined);
  const second = groundOf(whole, 's-2', [], undefined);
  expect(groundOf(whole, 's-1', [], undefined).mark).toBe(first.mark);
  expect(groundOf(whole, 's-2', [], undefined).mark).toBe(second.mark);
  expect(first.mark).not.toBe(second.mark);
});

it('the place is told in the same words from key to key, and anew when something else was read there', async () => {
  const whole = visit(null);
  await typed(whole, 1);
  await typed(whole, 2);
  const salt = { id: 'r-1', visitId: 'v-1', spotId: 's-1', sampleId: null, method: 'salinity' };
  await typed(visit(null, [salt]), 2);
  expect(core.asked.map((one) => one.ground === core.asked[0]?.ground)).toEqual([true, true, false]);
  expect(core.asked[2]?.ground).toContain('salinity');
});
