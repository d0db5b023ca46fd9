import { expect, test } from 'vitest';
import type { Visit } from '../api/types';
import { type DueAgain, planAgain } from './planAgain';

const DUE: DueAgain = {
  zone: 'main',
  why: 'under-treatment',
  nth: 2,
  due: '2032-04-14',
  window: { from: '2032-04-14', to: '2032-06-14' },
  methods: ['ph', 'slaking'],
};

const EARLIER = {
  question: 'before-and-after',
  plan: {
    people: 2,
    startsAt: '08:30',
    variants: { slaking: 'stable' },
    where: {},
    leftOut: [{ spot: '3', method: 'ph' }],
  },
} as unknown as Visit;

test('a retest is planned with its own tests, at the spots and in the ways of the visit before', () => {
  const { body } = planAgain(DUE, 'f', EARLIER, '2031-05-14');
  expect(body).toMatchObject({ day: '2032-04-14', state: 'planned', methods: ['ph', 'slaking'], version: 0 });
  expect(body.question).toBe('before-and-after');
  expect(body.plan).toMatchObject({ people: 2, leftOut: [{ spot: '3', method: 'ph' }] });
  expect(body.plan.retest).toEqual({ zone: 'main', why: 'under-treatment', nth: 2 });
});

test('what is late is planned for today', () => {
  expect(planAgain(DUE, 'f', null, '2032-07-01').body.day).toBe('2032-07-01');
  expect(planAgain(DUE, 'f', null, '2032-07-01').body.question).toBe('routine');
});
