import { expect, it } from 'vitest';
import type { ChangeView } from '../api/types';
import { list, sinceWords } from './sinceWords';

function change(...verdicts: [string, string][]): ChangeView {
  return {
    methods: verdicts.map(([methodName, verdict]) => ({ methodName, change: { verdict } })),
  } as unknown as ChangeView;
}

it('says in words what became of each test', () => {
  expect(
    sinceWords(change(['Cone', 'better'], ['Root depth', 'better'], ['Slaking', 'no-clear-change'])),
  ).toBe('better in cone and root depth; no clear change in slaking.');
  expect(sinceWords(change(['pH by depth', 'worse']))).toBe('worse in pH by depth.');
});

it('does not pretend where one spot cannot tell', () => {
  expect(sinceWords(change(['Cone', 'one-spot']))).toBe('one spot cannot tell.');
});

it('joins words as people do', () => {
  expect(list(['a', 'b', 'c'])).toBe('a, b and c');
  expect(list(['a'])).toBe('a');
});
