import { expect, it } from 'vitest';
import {
  coverOf,
  crumbsOf,
  errorWords,
  fellOf,
  isJudged,
  layerIn,
  layerOf,
  seenWords,
  skillWords,
  startOf,
} from './eye';

it('shares of the ground make a hundred whatever is moved', () => {
  expect(coverOf(80, 40)).toEqual({ live: 80, litter: 20, stone: 0, bare: 0 });
  expect(coverOf(30, 10)).toMatchObject({ bare: 60 });
});

it('crumbs keep the part that fell of each', () => {
  expect(fellOf(crumbsOf([0.1, 0.9]))).toEqual([0.1, 0.9]);
});

it('a block is judged once its shape and its roots are said', () => {
  expect(isJudged('structure-spade', startOf('structure-spade'))).toBe(false);
  expect(isJudged('structure-spade', layerOf('crumb', null))).toBe(false);
  expect(isJudged('structure-spade', layerOf('crumb', 'many'))).toBe(true);
  expect(layerIn(layerOf('crumb', 'many'))).toMatchObject({ shape: 'crumb', roots: 'many' });
});

it('what was seen is said in the words of its method', () => {
  const word = (_: string, step: string) => step.toUpperCase();
  expect(seenWords('ground-cover', coverOf(40, 5), word)).toBe('40 % green, 5 % straw');
  expect(seenWords('slaking', crumbsOf([0.25, 1]), word)).toBe('25 %, 100 %');
  expect(seenWords('structure-spade', layerOf('plates', 'none'), word)).toBe('plates, roots none');
});

it('an error says which way the eye leans', () => {
  expect([6.6, -1.2, 0.3].map(errorWords)).toEqual([
    '7 points too kind',
    '1 point too harsh',
    'the same score',
  ]);
});

it('an eye that practised too little is judged by what is usual', () => {
  const usual = { spread: 8, biasBefore: 4, biasAfter: 4 };
  const words = skillWords({ skill: null, toGo: 3, usual });
  expect(words).toContain('3 more');
  expect(words).toContain('8 points from spot to spot, 4 from person to person');
  const skill = { n: 8, lean: -6, spread: 5.2, bias: 6.3 };
  expect(skillWords({ skill, toGo: 0, usual })).toContain('5 points from one to the next, 6 too harsh');
  expect(skillWords({ skill: { ...skill, lean: 0.4 }, toGo: 0, usual })).toContain('no lean');
});
