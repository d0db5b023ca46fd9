import type { Method, Sample } from '../api/types';
import { day, show } from '../ground/format';
import { figure } from '../ground/myUnits';
import type { Values } from './draft';

/** A laboratory's sheet beside the empty entry: figures to look at, and to take as they are or mended by hand. */
export function CameBack(props: { sample: Sample; method: Method; onTake: (figures: Values) => void }) {
  const { sample, method, onTake } = props;
  const answer = sample.order?.answer;
  if (!answer || !sample.order?.answeredAt) return null;
  return (
    <section className="border-y border-rule py-3" aria-label="What came back">
      <h3 className="text-xl">Came back {day(sample.order.answeredAt.slice(0, 10))}</h3>
      <p className="text-sm text-faded">
        {sample.laboratory}: {answer.methodText as string}. It counts once you have taken it.
      </p>
      <dl className="mt-2 grid grid-cols-[1fr_auto] gap-x-6 gap-y-1">
        {linesOf(method, answer as Values).map(([label, value]) => (
          <div key={label} className="contents">
            <dt>{label}</dt>
            <dd className="num text-right">{value}</dd>
          </div>
        ))}
      </dl>
      <button type="button" className="button button-main mt-3" onClick={() => onTake(answer as Values)}>
        Take these figures
      </button>
    </section>
  );
}

/** Its figures under the names and units that the entry has for them. */
export function linesOf(method: Method, answer: Values): [string, string][] {
  return method.fields.flatMap((field): [string, string][] => {
    const value = answer[field.key];
    if (value === undefined || value === null || field.key === 'methodText') return [];
    if (field.key === 'ph') {
      const { value: pH, basis } = value as { value: number; basis: string };
      return [[`pH in ${basis === 'water' ? 'water' : 'CaCl₂'}`, show(pH, 1)]];
    }
    if (typeof value === 'number') return [[field.label, figure(value, field.unit ?? null)]];
    const option = field.options?.find((one) => one.word === value);
    return [[field.label, option?.label ?? String(value)]];
  });
}
