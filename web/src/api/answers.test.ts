import { QueryObserver } from '@tanstack/react-query';
import { expect, test } from 'vitest';
import { Answers } from './answers';

/** A zone's scores are looked at; each time they are asked for, the server answers when it is told to. */
function lookedAt(answers: Answers) {
  const asked: ((mean: number) => void)[] = [];
  const seen: (number | undefined)[] = [];
  const scores = new QueryObserver<number>(answers, {
    queryKey: ['visit', 'v1', 'scores'],
    queryFn: () => new Promise((resolve) => asked.push(resolve)),
  });
  scores.subscribe((result) => seen.push(result.data));
  const says = async (mean: number) => {
    asked.at(-1)?.(mean);
    await new Promise((resolve) => setTimeout(resolve, 5));
  };
  return { asked, says, shown: () => seen.at(-1) };
}

test('scores that were first asked for before a reading arrived are asked for again once they came', async () => {
  const answers = new Answers();
  const scores = lookedAt(answers);
  void answers.invalidateQueries({ queryKey: ['visit'] });
  void answers.invalidateQueries({ queryKey: ['visit'] });
  expect(scores.asked).toHaveLength(1);
  await scores.says(40);
  expect(scores.shown()).toBe(40);
  expect(scores.asked).toHaveLength(2);
  await scores.says(72);
  expect(scores.shown()).toBe(72);
  expect(scores.asked).toHaveLength(2);
});

test('what was written elsewhere leaves a first answer that is on its way alone', async () => {
  const answers = new Answers();
  const scores = lookedAt(answers);
  void answers.invalidateQueries({ queryKey: ['field'] });
  await scores.says(40);
  expect(scores.asked).toHaveLength(1);
});
