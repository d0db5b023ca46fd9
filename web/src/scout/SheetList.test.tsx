// @vitest-environment happy-dom
import { expect, it } from 'vitest';
import type { Method, Sheet, Spot } from '../api/types';
import { render, texts } from '../testing/render';
import { SheetList } from './SheetList';

const step = (id: string, title: string) => ({ id, title, sharedAs: null });
const method = (id: string, name: string, ...steps: object[]) =>
  ({ id, name, variants: [{ id: 'usual', name: 'Usual', steps }] }) as unknown as Method;
const METHODS = [
  method('penetration', 'Cone', step('push', 'Push and read')),
  method('laboratory', 'Laboratory sample', step('cores', 'Take fifteen cores')),
];
const SPOTS = [
  { id: 'a', label: '1' },
  { id: 'b', label: '2' },
] as Spot[];
const timed = (person: number, spot: string, of: string, id: string, startS: number) => ({
  person,
  spot,
  methods: [of],
  step: id,
  startS,
  endS: startS + 300,
});

function listed(steps: ReturnType<typeof timed>[], bench: string | null, mixed: string[] = []) {
  return render(
    <SheetList
      sheet={{ steps } as unknown as Sheet}
      spots={SPOTS}
      methods={METHODS}
      startsAt="09:00"
      nowS={0}
      chosen={null}
      bench={bench}
      mixed={mixed}
    />,
  );
}

it('a plan is a list of stays with their times, for each person', () => {
  const page = listed(
    [timed(0, 'a', 'penetration', 'push', 60), timed(1, 'b', 'penetration', 'push', 600)],
    null,
  );
  expect(texts(page, 'h3')).toEqual(['You', 'The second person']);
  expect(texts(page, '.num').filter((text) => text.includes(':'))).toEqual(['9:01', '9:01', '9:10', '9:10']);
  expect(page.querySelector('[aria-label="The next thing"]')).toBeNull();
});

it('while the visit runs, the one next thing of whoever looks at it stands above, with its bench', () => {
  const page = listed(
    [timed(1, 'b', 'penetration', 'push', 0), timed(0, 'a', 'penetration', 'push', 600)],
    '/bench',
  );
  const next = page.querySelector('[aria-label="The next thing"]');
  expect(next?.textContent).toContain('In 10 min, at 9:10, spot 1');
  expect(next?.querySelector('a')?.getAttribute('href')).toBe('/bench?spot=a&method=penetration');
});

it('soil that is mixed from all spots leads to its bag', () => {
  const page = listed([timed(0, 'a', 'laboratory', 'cores', 0)], '/bench', ['laboratory']);
  const link = page.querySelector('[aria-label="The next thing"] a');
  expect(link?.textContent).toBe('Mix the sample');
  expect(link?.getAttribute('href')).toBe('/bench?mix=yes');
});
