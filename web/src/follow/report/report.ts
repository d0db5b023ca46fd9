import { nameOf } from '../../api/methodNames';
import type {
  ChangeView,
  FieldPlan,
  FieldScores,
  Judgement,
  Method,
  PlanStep,
  PriceList,
  Remedy,
  Retest,
  SectionView,
  Units,
  WholeVisit,
} from '../../api/types';
import { doneAlready } from '../../decide/doneAlready';
import { bandOf } from '../../ground/Clod';
import { afterRain, day, inSentence, month, show } from '../../ground/format';
import { figure, inAll, sayMine } from '../../ground/myUnits';
import { placeOf } from '../../measure/place';

export type Thing = { title: string; text: string };

/** All that stands in a report: what a person may edit first, then the evidence as it was that day. */
export type Report = {
  practice: string;
  contact: string;
  madeUp: boolean;
  units: Units;
  day: string;
  field: string;
  holding: string;
  about: string;
  score: number | null;
  standing: string;
  things: Thing[];
  when: string;
  comeBack: string;
  notThis: string;
  groups: { group: string; score: number; was: number | null }[];
  parts: Part[];
  section: SectionView | null;
  scores: FieldScores;
  spots: Record<string, string>;
  methods: { id: string; name: string }[];
  change: ChangeView | null;
  sums: { name: string; lines: string[] }[];
  how: string[];
  uncertain: string[];
  cautions: string[];
};

export const PARTS = ['section', 'scores', 'change', 'sums', 'how', 'uncertain', 'cautions'] as const;
export type Part = (typeof PARTS)[number];

export const PART_NAMES: Record<Part, string> = {
  section: 'The ground, spot by spot',
  scores: 'Scores by spot',
  change: 'What has changed',
  sums: 'The sums',
  how: 'How it was measured',
  uncertain: 'What is uncertain',
  cautions: 'Cautions',
};

type Known = {
  whole: WholeVisit;
  zone: string;
  zoneName: string | null;
  scores: FieldScores;
  before: { day: string; scores: FieldScores } | null;
  judgement: Judgement;
  plan: FieldPlan;
  remedies: Remedy[];
  prices: PriceList;
  methods: Method[];
  section: SectionView | null;
  change: ChangeView | null;
  retests: Retest[];
  practice: string;
  madeUp: boolean;
  units: Units;
};

const STANDS = {
  thriving: 'The field thrives',
  holding: 'The field holds',
  slipping: 'The field is slipping',
  spent: 'The field is spent',
} as const;

/** A report as it is proposed: every sentence from a figure, for a person to put in their own words. */
export function draft(known: Known): Report {
  const { whole, scores, before, plan, methods, remedies } = known;
  const { field, visit } = whole;
  const score = scores.soil[field.school as 'balanced'] ?? scores.soil.balanced;
  const back = comesBack(known);
  return {
    practice: known.practice,
    contact: '',
    madeUp: known.madeUp,
    units: known.units,
    day: visit.day,
    field: field.name,
    holding: field.holdingName,
    about: [
      `${figure(field.areaHa, 'ha')} of ${field.use}`,
      field.texture?.replaceAll('-', ' '),
      known.zoneName,
    ]
      .filter(Boolean)
      .join(', '),
    score,
    standing: standing(score, before, scores, known),
    things: things(known),
    ...back,
    notThis: notThis(scores),
    groups: scores.groups.map(({ group, score: now }) => ({
      group,
      score: now,
      // A change kept on the device by an older page tells no groups.
      was: known.change?.groups?.find((one) => one.group === group)?.score ?? null,
    })),
    parts: [...PARTS],
    section: known.section,
    scores,
    spots: Object.fromEntries(field.spots.map((spot) => [spot.id, spot.label])),
    methods: methods.flatMap((one) => [
      { id: one.id, name: one.name },
      ...one.besides.map((beside) => ({ id: beside.id, name: beside.name })),
    ]),
    change: known.change,
    sums: sums(plan.steps, remedies, known.prices),
    how: how(whole, methods, known.zone),
    uncertain: uncertain(known),
    cautions: cautions(plan.steps, remedies),
  };
}

function standing(
  score: number | null,
  before: Known['before'],
  scores: FieldScores,
  { change, judgement }: Known,
): string {
  const band = bandOf(score);
  const first = band ? STANDS[band] : 'Too little was measured to say how the field stands';
  const verdicts = change?.methods.map((one) => one.change.verdict) ?? [];
  const better = verdicts.filter((one) => one === 'better').length;
  const worse = verdicts.filter((one) => one === 'worse').length;
  const year = before?.day.slice(0, 4);
  const since =
    !before || verdicts.length === 0
      ? ''
      : better > worse
        ? `, and it is better than in ${year}`
        : worse > better
          ? `, and it is worse than in ${year}`
          : `, as it did in ${year}`;
  const gate = judgement.causes.find((cause) => cause.gate !== null);
  const cause = judgement.causes.find(
    (one) => one.ruling?.word === 'confirmed' || (one.word === 'likely' && one.ruling === null),
  );
  const maybe = judgement.causes.find((one) => one.word === 'possible' && one.ruling === null);
  const weakest = [...scores.groups].sort((a, b) => a.score - b.score)[0];
  const second = gate
    ? `Before anything else: ${inSentence(gate.gate ?? '')}`
    : cause
      ? `What stands in its way: ${inSentence(cause.text)}.`
      : maybe
        ? `What may stand in its way: ${inSentence(maybe.text)}.`
        : weakest && weakest.score < 50
          ? `Its weakest part is ${weakest.group}.`
          : 'Nothing that was measured stands in its way.';
  return `${first}${since}. ${second}`.replace(/\.\.$/, '.');
}

/** The next steps of the plan; where nothing is planned, what the evidence calls for; else what keeps it so. */
function things({ plan, judgement, remedies, prices }: Known): Thing[] {
  const name = (id: string) => remedies.find((one) => one.id === id)?.name ?? id;
  const why = (remedy: string) => {
    const cause = judgement.causes.find(
      (one) =>
        one.remedies.includes(remedy) && (one.word === 'likely' || one.word === 'possible' || one.gate),
    );
    return cause ? `Why: ${inSentence(cause.text)}.` : '';
  };
  const planned = plan.steps
    .filter((one) => one.state === 'proposed' || one.state === 'agreed')
    .sort((a, b) => a.from.localeCompare(b.from))
    .map((one) => ({
      title: [
        name(one.remedy),
        one.amount === null ? null : inAll(one.amount, one.unit ?? ''),
        `in ${month(`${one.from}-01`)}`,
      ]
        .filter(Boolean)
        .join(', '),
      text: [costText(one, prices), one.why ?? why(one.remedy)].filter(Boolean).join(' '),
    }));
  if (planned.length > 0) return planned.slice(0, 3);
  const called = judgement.plan
    .filter((one) => one.struckBy === null)
    .map((one) => ({
      title: `${name(one.remedy)}${one.from ? `, from ${month(`${one.from}-01`)}` : ''}`,
      text: [why(one.remedy), ...doneAlready(one.doneIn)].filter(Boolean).join(' '),
      from: one.from ?? '',
    }));
  if (called.length > 0)
    return called
      .slice(0, 3)
      .sort((a, b) => a.from.localeCompare(b.from))
      .map(({ title, text }) => ({ title, text }));
  return [
    {
      title: 'Go on as you do',
      text: 'Keep it covered, keep roots in it, and keep heavy wheels off it when it is wet.',
    },
  ];
}

function costText(step: PlanStep, prices: PriceList): string {
  if (step.cost === null || step.cost === 0) return '';
  return step.cost < 0
    ? `It saves about ${show(-step.cost, 0)} ${prices.currency}.`
    : `About ${show(step.cost, 0)} ${prices.currency} for the field.`;
}

function comesBack({ retests, plan, methods, whole, zone }: Known): { when: string; comeBack: string } {
  const spots = whole.field.spots.filter((spot) => spot.retiredOn === null && spot.zoneId === zone).length;
  const planned = plan.steps.flatMap((one) =>
    one.lookAgain && one.state !== 'dropped' ? [one.lookAgain] : [],
  );
  const due = retests
    .filter((one) => one.field === whole.field.id)
    .sort((a, b) => a.due.localeCompare(b.due))[0];
  const next = [...planned.map((one) => `${one}-01`), ...(due ? [due.due] : [])].sort()[0];
  if (!next) return { when: '', comeBack: 'When you call: no day is set.' };
  const tests = (due?.methods ?? []).slice(0, 4).map((id) => inSentence(nameOf(methods, id)));
  return {
    when: month(next),
    comeBack: `To the same ${spots === 1 ? 'spot' : `${spots} spots`}${tests.length > 0 ? `, for ${list(tests)}` : ''}: in the same months, so that like is held against like.`,
  };
}

function list(words: string[]): string {
  return words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1)}`;
}

function notThis(scores: FieldScores): string {
  const thin = scores.soil.provisional ? ' It rests on few tests or few spots: take it as a first look.' : '';
  return `This is advice from tests in the field, to be checked.${thin} A laboratory comes before any large dressing; labels, licences and local law come first.`;
}

function sums(steps: PlanStep[], remedies: Remedy[], prices: PriceList): Report['sums'] {
  return steps
    .filter((one) => one.state !== 'dropped' && Object.keys(one.inputs).length > 0)
    .map((one) => {
      const remedy = remedies.find((each) => each.id === one.remedy);
      const inputs = (remedy?.fields ?? []).flatMap((field) => {
        const given = one.inputs[field.key];
        return typeof given === 'number' ? [`${field.label}: ${figure(given, field.unit ?? null, 3)}`] : [];
      });
      return {
        name: remedy?.name ?? one.remedy,
        lines: [
          ...inputs,
          one.amount === null ? '' : `Comes to ${inAll(one.amount, one.unit ?? '')} for the field.`,
          costText(one, prices),
          remedy?.source ? `After ${remedy.source}.` : '',
        ].filter((line) => line !== ''),
      };
    });
}

function how({ field, visit, readings }: WholeVisit, methods: Method[], zone: string): string[] {
  const places = [...field.spots, ...field.samples].filter((one) => one.zoneId === zone).map((one) => one.id);
  const standing = readings.filter(
    (one) => one.correctedBy === null && one.setAside === null && places.includes(placeOf(one)),
  );
  const ids = [...new Set(standing.map((one) => one.method))];
  return [
    `${day(visit.day)}, by ${visit.observerName}. ${[
      visit.moisture && `The soil was ${visit.moisture}`,
      visit.daysSinceRain !== null && afterRain(visit.daysSinceRain),
      visit.soilTemperatureC !== null && sayMine(`${show(visit.soilTemperatureC, 0)} °C at 5 cm`),
    ]
      .filter(Boolean)
      .join(', ')}.`,
    ...alike(
      ids.map((id) => {
        const of = standing.filter((one) => one.method === id);
        const places = new Set(of.map((one) => one.spotId ?? one.sampleId)).size;
        const often = of.length === places ? '' : `, ${of.length} readings`;
        return [`At ${places} ${places === 1 ? 'place' : 'places'}${often}`, nameOf(methods, id)];
      }),
    ).map(([how, names]) => `${how}: ${list(names.map(inSentence))}.`),
  ];
}

/** What is said of several, once, with all of them. */
function alike(said: string[][]): [string, string[]][] {
  const all = new Map<string, string[]>();
  for (const [what = '', of = ''] of said) all.set(what, [...(all.get(what) ?? []), of]);
  return [...all];
}

function uncertain({ scores, judgement, methods, whole }: Known): string[] {
  const said: string[] = [];
  if (scores.soil.provisional) said.push('Few groups or few spots were measured: the number is provisional.');
  for (const one of scores.methods.filter((each) => each.inGroup && (each.uneven || each.odd.length > 0))) {
    const odd = one.odd.map((id) => whole.field.spots.find((spot) => spot.id === id)?.label ?? '').join(', ');
    said.push(
      odd
        ? `${nameOf(methods, one.method)}: spot ${odd} is unlike the others.`
        : `${nameOf(methods, one.method)} is uneven: ${show(one.lowest, 0)} to ${show(one.highest, 0)} over the spots.`,
    );
  }
  for (const [reason, findings] of alike(judgement.blocked.map((one) => [one.why, one.text])))
    said.push(`${reason} Left open by it: ${list(findings.map(inSentence))}.`);
  const next = judgement.nextTests[0];
  if (next) {
    said.push(
      `What would tell most next: ${inSentence(next.methodName)} (${inSentence(next.findingText)}?).`,
    );
  }
  return said;
}

function cautions(steps: PlanStep[], remedies: Remedy[]): string[] {
  const named = new Set(steps.filter((one) => one.state !== 'dropped').map((one) => one.remedy));
  return [...new Set(remedies.filter((one) => named.has(one.id)).flatMap((one) => one.cautions))];
}
