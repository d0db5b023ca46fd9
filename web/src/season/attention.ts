import type { FieldCard } from '../api/types';
import { day, month } from '../ground/format';
import type { DueAgain } from './planAgain';

/** Something of a field that waits for somebody. */
export type Waiting = {
  key: string;
  when: string;
  is: 'running' | 'late' | 'missed' | 'planned' | 'due' | 'came-back';
  title: string;
  line: string;
  to: string;
  /** What a visit would be planned for; missing where one is planned already. */
  again?: { due: DueAgain; field: FieldCard['field'] };
};

const WHY: Record<string, string> = {
  routine: 'routine, same season',
  'under-treatment': 'to see what the treatment did',
  laboratory: 'laboratory, before the next sowing',
  'forecast-missed': 'it came otherwise than promised',
  trial: 'the trial’s strips, same season',
};

const DAYS_WEEK = 7;
const MS_DAY = 86_400_000;

/** What waits on a field, soonest first: its running visit, what is planned, and what is due again where nothing is planned. */
export function waitingOf(card: FieldCard, today: string): Waiting[] {
  const { field, visits } = card;
  const waiting: Waiting[] = [];
  for (const visit of visits) {
    if (visit.state === 'running') {
      waiting.push({
        key: visit.id,
        when: today,
        is: 'running',
        title: field.name,
        line: 'visit runs',
        to: `/fields/${field.id}/visits/${visit.id}/measure`,
      });
    } else if (visit.state === 'planned') {
      waiting.push({
        key: visit.id,
        when: visit.day,
        is: visit.day < today ? 'late' : 'planned',
        title: field.name,
        line: `planned, ${visit.question.replaceAll('-', ' ')}`,
        to: `/fields/${field.id}/visits/${visit.id}/scout`,
      });
    }
  }
  const due = card.due[0];
  if (due && waiting.length === 0) {
    const missed = card.due.find((one) => one.why === 'forecast-missed');
    waiting.push({
      key: field.id,
      when: due.due,
      is: due.window.to < today ? 'late' : missed ? 'missed' : 'due',
      title: field.name,
      line: WHY[(missed ?? due).why] ?? due.why,
      to: `/fields/${field.id}/scout`,
      again: { due: missed ?? due, field },
    });
  }
  for (const sample of field.samples) {
    if (!sample.order?.answeredAt || sample.order.taken) continue;
    waiting.push({
      key: sample.id,
      when: sample.order.answeredAt.slice(0, 10),
      is: 'came-back',
      title: field.name,
      line: `sample ${sample.label} came back from the laboratory`,
      to: `/fields/${field.id}/visits/${sample.visitId}/measure?spot=${sample.id}&method=laboratory`,
    });
  }
  return waiting.sort((a, b) => a.when.localeCompare(b.when));
}

/** The one line a holding's map ends with: what needs somebody first. */
export function lineOf(cards: FieldCard[], clocks: number, today: string): { text: string; warn: boolean } {
  if (clocks > 0) return { text: clocks === 1 ? '1 clock runs' : `${clocks} clocks run`, warn: true };
  const all = cards.flatMap((card) => waitingOf(card, today));
  const running = all.find((one) => one.is === 'running');
  if (running) return { text: `visit runs: ${running.title}`, warn: false };
  const late = all.filter((one) => one.is === 'late');
  if (late.length > 0) {
    return { text: late.length === 1 ? `late: ${late[0]?.title}` : `${late.length} late`, warn: true };
  }
  const back = all.find((one) => one.is === 'came-back');
  if (back) return { text: 'a sheet came back', warn: false };
  if (all.some((one) => one.is === 'missed')) return { text: 'forecast missed', warn: true };
  const next = all.sort((a, b) => a.when.localeCompare(b.when))[0];
  if (!next) return { text: 'nothing due', warn: false };
  if (next.is === 'planned') return { text: `planned ${day(next.when).slice(0, -5)}`, warn: false };
  return { text: `due ${month(next.when)}`, warn: false };
}

/** Where in time something stands: late, this week, this month, or its month. */
export function spanOf(one: Waiting, today: string): string {
  if (one.is === 'late') return 'Late';
  const days = (Date.parse(one.when) - Date.parse(today)) / MS_DAY;
  if (days < DAYS_WEEK) return 'This week';
  return one.when.slice(0, 7) === today.slice(0, 7) ? 'This month' : month(one.when);
}
