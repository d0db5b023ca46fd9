import { month } from '../ground/format';

/** What stands in the log already is looked at before it is done again. */
export function doneAlready(doneIn: string | null | undefined): string[] {
  return doneIn ? [`In the log since ${month(`${doneIn}-01`)}: look first what it does.`] : [];
}
