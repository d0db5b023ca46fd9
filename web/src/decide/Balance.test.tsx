// @vitest-environment happy-dom
import { expect, it } from 'vitest';
import type { Cause, WholeVisit } from '../api/types';
import { render, texts } from '../testing/render';
import { Balance } from './Balance';

const WHOLE = {
  field: { id: 'f' },
  visit: { id: 'v' },
  readings: [{ id: 'r1', spotId: 's1', method: 'penetration' }],
} as unknown as WholeVisit;

const CAUSE = {
  id: 'compacted-pan',
  text: 'A compacted layer below the surface',
  belief: 0.934,
  word: 'likely',
  gate: null,
  turn: null,
  remedies: [],
  evidence: [
    {
      finding: 'pan-found',
      text: 'A hard layer',
      value: true,
      weight: 2.5,
      yes: 4,
      of: 5,
      half: false,
      shared: false,
      number: null,
      unit: null,
      measure: null,
      readings: ['r1'],
    },
    {
      finding: 'roots-shallow',
      text: 'Root mass is low',
      value: false,
      weight: -0.7,
      yes: 0,
      of: 0,
      half: false,
      shared: false,
      number: 0.62,
      unit: 'share',
      measure: null,
      readings: ['gone'],
    },
    {
      finding: 'tracks',
      text: 'Wheel tracks',
      value: true,
      weight: 0.7,
      yes: 0,
      of: 0,
      half: false,
      shared: false,
      number: null,
      unit: null,
      measure: null,
      readings: [],
    },
  ],
} as unknown as Cause;

it('what speaks for and against stands on its own side, with its weight and number', () => {
  const [against, speaksFor] = texts(render(<Balance causes={[CAUSE]} whole={WHOLE} />), 'ul');
  expect(against).toContain('Not so: root mass is low (62 %) 0.7');
  expect(speaksFor).toContain('A hard layer, at 4 of 5 spots 2.5');
  expect(speaksFor).toContain('seen by eye');
});

it('a piece of evidence opens the reading it came from', () => {
  const page = render(<Balance causes={[CAUSE]} whole={WHOLE} />);
  expect(page.querySelector('a')?.getAttribute('href')).toBe(
    '/fields/f/visits/v/measure?spot=s1&method=penetration',
  );
});

it('a gate is said above the evidence', () => {
  const gated = { ...CAUSE, gate: 'No digging before a laboratory has been asked.' } as Cause;
  expect(render(<Balance causes={[gated]} whole={WHOLE} />).textContent).toContain('No digging');
});

it('says at how many of how many spots, what counts half, and what would turn it round', () => {
  const cause = {
    ...CAUSE,
    turn: {
      finding: 'tracks',
      text: 'Wheel tracks',
      ifSeen: false,
      word: 'possible',
      inDoubt: false,
      methods: [],
    },
    evidence: [{ ...CAUSE.evidence[0], half: true, shared: true }],
  } as unknown as Cause;
  const page = render(<Balance causes={[cause]} whole={WHOLE} />);
  expect(page.textContent).toContain('at 4 of 5 spots');
  expect(page.textContent).toContain('the same in the good patch: counts half');
  expect(page.textContent).toContain('not wheel tracks, which nobody has looked at: then it is possible');
});
