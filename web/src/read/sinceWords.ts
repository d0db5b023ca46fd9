import type { ChangeView } from '../api/types';
import { inSentence } from '../ground/format';

/** "Better in the cone and root depth, no clear change in slaking." */
export function sinceWords(change: ChangeView): string {
  const by = (verdict: string) =>
    change.methods.filter((one) => one.change.verdict === verdict).map((one) => inSentence(one.methodName));
  const parts: string[] = [];
  const better = by('better');
  const worse = by('worse');
  const unclear = by('no-clear-change');
  if (better.length > 0) parts.push(`better in ${list(better)}`);
  if (worse.length > 0) parts.push(`worse in ${list(worse)}`);
  if (unclear.length > 0) parts.push(`no clear change in ${list(unclear)}`);
  if (parts.length === 0) return 'one spot cannot tell.';
  return `${parts.join('; ')}.`;
}

export function list(words: string[]): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}
