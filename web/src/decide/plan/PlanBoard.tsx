import type { FieldPlan, PlanStep, PriceList, Remedy } from '../../api/types';
import { month, show } from '../../ground/format';
import { Scrollable } from '../../ground/Scrollable';
import { lanes, monthNumber, rowOf, seasonName, seasons } from './plan';

type Props = {
  plan: FieldPlan;
  remedies: Remedy[];
  prices: PriceList;
  south: boolean;
  now: string;
  chosen: string | null;
  onChoose: (id: string) => void;
};

const LANE = 44;
const WORDS = { proposed: 'proposed', agreed: 'agreed', done: 'done', dropped: 'dropped' } as const;

/** Half years across, what is mended downward, each step a bar over its months, what was spent by then below. */
export function PlanBoard({ plan, remedies, prices, south, now, chosen, onChoose }: Props) {
  const steps = plan.steps.filter((one) => one.state !== 'dropped');
  const board = seasons(steps, now);
  const share = (at: number) => `${((at - board.from) / (board.to - board.from)) * 100}%`;
  const name = (id: string) => remedies.find((one) => one.id === id)?.name ?? id;
  const rows = lanes(steps, (step) => `${name(step.remedy)} ${costWords(step)}`);
  const broken = new Set(plan.breaks.map((one) => one.step));
  return (
    <Scrollable label="The plan by half years">
      <div className="min-w-[52rem]">
        <div className="relative ml-36 h-6 text-sm text-faded" aria-hidden="true">
          {board.starts.map((start) => (
            <span key={start} className="absolute" style={{ left: share(start) }}>
              {seasonName(start, south)}
            </span>
          ))}
        </div>
        <div className="relative">
          <div className="absolute inset-y-0 right-0 left-36" aria-hidden="true">
            {board.starts.map((start) => (
              <span
                key={start}
                className="absolute inset-y-0 border-l border-rule"
                style={{ left: share(start) }}
              />
            ))}
          </div>
          <ul aria-label="Steps of the plan">
            {rows.map((lane) => (
              <li
                key={`${lane.row} ${lane.steps[0]?.id}`}
                className={`relative ml-36 ${lane.row ? 'border-t border-rule' : ''}`}
                style={{ height: LANE }}
              >
                <span className="absolute top-2.5 -left-36 font-semibold">{lane.row}</span>
                {lane.steps.map((step) => (
                  <Bar
                    key={step.id}
                    step={step}
                    name={name(step.remedy)}
                    left={share(monthNumber(step.from))}
                    width={share(board.from + monthNumber(step.to) - monthNumber(step.from) + 1)}
                    broken={broken.has(step.id)}
                    chosen={step.id === chosen}
                    onChoose={() => onChoose(step.id)}
                  />
                ))}
              </li>
            ))}
          </ul>
          <LookAgain steps={steps} share={share} />
          <Spent plan={plan} starts={board.starts} share={share} to={board.to} currency={prices.currency} />
        </div>
      </div>
    </Scrollable>
  );
}

function costWords(step: PlanStep): string {
  return step.cost === null || step.cost === 0 ? '' : show(step.cost, 0);
}

type BarProps = {
  step: PlanStep;
  name: string;
  left: string;
  width: string;
  broken: boolean;
  chosen: boolean;
  onChoose: () => void;
};

function Bar({ step, name, left, width, broken, chosen, onChoose }: BarProps) {
  const look = broken
    ? 'border-warn border-dashed text-warn'
    : step.state === 'done'
      ? 'border-ink bg-ink text-paper'
      : step.state === 'agreed'
        ? 'border-act bg-act text-on-act'
        : 'border-act text-act';
  return (
    <button
      type="button"
      aria-pressed={chosen}
      aria-label={`${name}, ${WORDS[step.state as keyof typeof WORDS]}, ${rowOf(step.remedy)}, ${month(`${step.from}-01`)} to ${month(`${step.to}-01`)}${broken ? ', breaks a rule' : ''}`}
      title={name}
      onClick={onChoose}
      className="absolute top-1.5 z-10 h-8 min-w-3.5"
      style={{ left, width }}
    >
      <span
        aria-hidden="true"
        className={`absolute inset-0 rounded-[3px] border-[1.5px] ${look} ${chosen ? 'outline-2 outline-offset-2 outline-ink' : ''}`}
      />
      <span
        className={`absolute top-1 left-full ml-1.5 bg-paper pr-1 text-[0.93rem] font-semibold whitespace-nowrap ${broken ? 'text-warn' : 'text-ink'}`}
      >
        {name}
        {costWords(step) && <span className="num ml-2 font-normal text-faded">{costWords(step)}</span>}
      </span>
    </button>
  );
}

/** Months that must lie between two marks for the first to be named beside it. */
const CROWDED = 4;

function crowdedBy(next: string | undefined, word: string): boolean {
  return next !== undefined && monthNumber(next) - monthNumber(word) < CROWDED;
}

/** When what was done is read again: a mark at its month. */
function LookAgain({ steps, share }: { steps: PlanStep[]; share: (at: number) => string }) {
  const months = [...new Set(steps.flatMap((one) => (one.lookAgain ? [one.lookAgain] : [])))].sort();
  if (months.length === 0) return null;
  return (
    <div className="relative ml-36 border-t border-rule" style={{ height: LANE }}>
      <span className="absolute top-2.5 -left-36 font-semibold">look again</span>
      {months.map((word, i) => {
        return (
          <span
            key={word}
            className="absolute top-2.5 flex h-6 items-center gap-1.5 text-sm whitespace-nowrap"
            style={{ left: share(monthNumber(word)) }}
            title={month(`${word}-01`)}
          >
            <span aria-hidden="true" className="inline-block size-2.5 shrink-0 rotate-45 bg-ink" />
            <span className={crowdedBy(months[i + 1], word) ? 'sr-only' : ''}>{month(`${word}-01`)}</span>
          </span>
        );
      })}
    </div>
  );
}

/** Money that has gone by the end of each half year. */
function Spent(props: {
  plan: FieldPlan;
  starts: number[];
  to: number;
  share: (at: number) => string;
  currency: string;
}) {
  const { plan, starts, share, to, currency } = props;
  const by = (end: number) =>
    plan.runningCost.filter((one) => monthNumber(one.month) < end).at(-1)?.total ?? 0;
  return (
    <div className="relative ml-36 border-y border-rule" style={{ height: LANE }}>
      <span className="absolute top-2.5 -left-36 font-semibold">spent by then</span>
      {starts.map((start, i) => (
        <span key={start} className="num absolute top-3 pl-1.5 text-sm" style={{ left: share(start) }}>
          {show(by(starts[i + 1] ?? to), 0)}
          {i === 0 && <span className="text-faded"> {currency}</span>}
        </span>
      ))}
    </div>
  );
}
