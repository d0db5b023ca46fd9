// @vitest-environment happy-dom
import { act } from 'react';
import { expect, it } from 'vitest';
import type { Evaluation, Method } from '../api/types';
import { live } from '../testing/live';
import { Why } from './Why';

const method = {
  results: [{ key: 'slaking.meanMin', label: 'Mean time to fall', formula: 'mean of five', unit: 'min' }],
  source: 'Emerson 1967',
  grade: 'B',
} as unknown as Method;
const evaluation = {
  measures: [{ key: 'slaking.meanMin', value: 4.5, plusMinus: null }],
  words: {},
  placed: null,
} as unknown as Evaluation;

it('what stands behind a number is drawn when it is asked for', async () => {
  const page = await live(<Why method={method} evaluation={evaluation} />);
  const details = page.querySelector('details') as HTMLDetailsElement;
  expect(page.textContent).not.toContain('mean of five');
  await act(async () => {
    details.open = true;
    details.dispatchEvent(new Event('toggle'));
  });
  expect(page.textContent).toContain('Mean time to fallmean of five4.5 min');
  expect(page.textContent).toContain('Emerson 1967. Evidence grade B.');
});
