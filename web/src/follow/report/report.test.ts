import { afterEach, expect, test } from 'vitest';
import type { FieldPlan, Judgement, PriceList, Remedy, Retest, Units, WholeVisit } from '../../api/types';
import { setMyUnits } from '../../ground/myUnits';
import { draft } from './report';

afterEach(() => setMyUnits(null));

const WHOLE = {
  field: {
    id: 'f',
    name: 'Far Cleave',
    holdingName: 'Brindle Top',
    areaHa: 5.1,
    use: 'pasture',
    texture: 'loam',
    school: 'balanced',
    spots: [
      { id: 'a', label: '1', zoneId: 'z', retiredOn: null },
      { id: 'b', label: '2', zoneId: 'z', retiredOn: '2030-01-01' },
      { id: 'c', label: '1', zoneId: 'good', retiredOn: null },
    ],
    samples: [],
  },
  visit: {
    day: '2031-05-14',
    observerName: 'Adviser',
    moisture: 'moist',
    daysSinceRain: 2,
    soilTemperatureC: 11,
  },
  readings: [{ method: 'ph', spotId: 'a', correctedBy: null, setAside: null }],
} as unknown as WholeVisit;

function known(more: Record<string, unknown> = {}) {
  return {
    whole: WHOLE,
    zone: 'z',
    zoneName: null,
    scores: {
      methods: [],
      groups: [{ group: 'chemistry', score: 38 }],
      soil: { balanced: 61, weakest: 38, tally: 60, provisional: false, coverage: 1, spotsPerMethod: 4 },
    },
    before: null,
    judgement: { causes: [], plan: [], blocked: [], nextTests: [] } as unknown as Judgement,
    plan: { steps: [] } as unknown as FieldPlan,
    remedies: [{ id: 'lime', name: 'Lime', cautions: ['Not with urea.'], fields: [] }] as unknown as Remedy[],
    prices: { currency: 'crowns', prices: [], version: 0 } as PriceList,
    methods: [],
    section: null,
    change: null,
    retests: [] as Retest[],
    practice: 'Tidewrack',
    madeUp: true,
    ...more,
  } as unknown as Parameters<typeof draft>[0];
}

const LIME = {
  id: 's',
  remedy: 'lime',
  from: '2031-09',
  to: '2031-10',
  amount: 12.2,
  unit: 't',
  cost: 620,
  why: null,
  state: 'agreed',
  lookAgain: '2032-05',
  inputs: { phTarget: 6.2 },
};

const SOUR = {
  id: 'acid-topsoil',
  text: 'The topsoil is too acid',
  word: 'likely',
  gate: null,
  ruling: null,
  remedies: ['lime'],
};

test('what stands first is the band, then what is in the way', () => {
  const report = draft(known({ judgement: { ...known().judgement, causes: [SOUR] } }));
  expect(report.standing).toBe('The field holds. What stands in its way: the topsoil is too acid.');
});

test('what is possible is said as what may be', () => {
  const perhaps = { ...SOUR, word: 'possible' };
  const report = draft(known({ judgement: { ...known().judgement, causes: [perhaps] } }));
  expect(report.standing).toBe('The field holds. What may stand in its way: the topsoil is too acid.');
});

test('a healthy field is told what keeps it so', () => {
  const report = draft(known());
  expect(report.standing).toContain('Its weakest part is chemistry.');
  expect(report.things[0]?.title).toBe('Go on as you do');
});

test('three things at most come from the plan, each with its month, amount, cost and why', () => {
  const judgement = { ...known().judgement, causes: [SOUR] };
  const steps = [LIME, { ...LIME, id: 't', from: '2032-09', state: 'done' }];
  const report = draft(known({ judgement, plan: { steps } }));
  expect(report.things).toEqual([
    {
      title: 'Lime, 12.2 t, in Sept 2031',
      text: 'About 620 crowns for the field. Why: the topsoil is too acid.',
    },
  ]);
  expect(report.when).toBe('May 2032');
  expect(report.comeBack).toContain('To the same spot:');
  expect(report.cautions).toEqual(['Not with urea.']);
});

test('what nobody planned yet is told in the order of time, and what the log has of it already', () => {
  const step = (remedy: string, from: string, doneIn: string | null) => ({
    remedy,
    from,
    doneIn,
    struckBy: null,
    after: [],
  });
  const plan = [step('drains', '2032-05', '2028-11'), step('lime', '2031-09', null)];
  const judgement = { ...known().judgement, causes: [SOUR], plan };
  expect(draft(known({ judgement })).things).toEqual([
    { title: 'Lime, from Sept 2031', text: 'Why: the topsoil is too acid.' },
    { title: 'drains, from May 2032', text: 'In the log since Nov 2028: look first what it does.' },
  ]);
});

test('a grower who farms in acres reads acres and tons', () => {
  setMyUnits({ area: 'ac', rate: 'ton/ac', depth: 'in', dose: 'lb/ac' } as Units);
  const remedies = [
    {
      id: 'lime',
      name: 'Lime',
      cautions: [],
      fields: [
        { key: 'depthCm', label: 'Depth', unit: 'cm' },
        { key: 'phTarget', label: 'pH wanted' },
      ],
    },
  ];
  const steps = [{ ...LIME, inputs: { depthCm: 15, phTarget: 6.2 } }];
  const report = draft(known({ remedies, plan: { steps } }));
  expect(report.about).toBe('12.6 ac of pasture, loam');
  expect(report.things[0]?.title).toBe('Lime, 13.4 tons of 2000 lb, in Sept 2031');
  expect(report.sums[0]?.lines.slice(0, 3)).toEqual([
    'Depth: 5.9 in',
    'pH wanted: 6.2',
    'Comes to 13.4 tons of 2000 lb for the field.',
  ]);
});

test('better in more tests than worse is said with its year', () => {
  const verdicts = ['better', 'better', 'worse'].map((verdict) => ({ change: { verdict }, pairs: [] }));
  const report = draft(
    known({
      change: { methods: verdicts },
      before: { day: '2028-05-01', scores: { groups: [{ group: 'chemistry', score: 22 }] } },
    }),
  );
  expect(report.standing).toContain('The field holds, and it is better than in 2028.');
});

test('a part of the ground is told with what it was then, or with nothing', () => {
  const scores = {
    ...known().scores,
    groups: [
      { group: 'carbon', score: 25 },
      { group: 'chemistry', score: 38 },
    ],
  };
  const change = { methods: [], groups: [{ group: 'carbon', score: 20 }] };
  expect(draft(known({ scores, change })).groups).toEqual([
    { group: 'carbon', score: 25, was: 20 },
    { group: 'chemistry', score: 38, was: null },
  ]);
});

test('tests of the patch made at as many places are told in one line, and what a dry day left open by its name', () => {
  const readings = ['cone', 'smell', 'smell', 'ph', 'sap'].map((method, i) => ({
    method,
    // The last one stands in the other patch.
    spotId: ['a', 'a', 'a', 'b', 'c'][i],
    sampleId: null,
    correctedBy: null,
    setAside: null,
  }));
  const blocked = ['Rust in the pit', 'The soil smells sour'].map((text) => ({ text, why: 'It was dry.' }));
  const report = draft(
    known({ whole: { ...WHOLE, readings }, judgement: { ...known().judgement, blocked } }),
  );
  expect(report.how.slice(1)).toEqual(['At 1 place: cone and ph.', 'At 1 place, 2 readings: smell.']);
  expect(report.uncertain).toEqual([
    'It was dry. Left open by it: rust in the pit and the soil smells sour.',
  ]);
});

test('a gate stands before everything', () => {
  const gate = { ...SOUR, gate: 'Test for sulphides before any drain.' };
  const report = draft(known({ judgement: { ...known().judgement, causes: [SOUR, gate] } }));
  expect(report.standing).toContain('Before anything else: test for sulphides');
});
